import { afterEach, expect, test, vi } from 'vitest'
import { call, whenSessionEnds } from './call'

afterEach(() => {
  vi.unstubAllGlobals()
  whenSessionEnds(() => undefined)
})

test('an ended session is told of by what the person did, and never by a question that the clock asked', async () => {
  const told = vi.fn()
  whenSessionEnds(told)
  vi.stubGlobal(
    '$fetch',
    () => Promise.reject(Object.assign(new Error('401'), { data: { code: 'notSignedIn', message: 'Sign in.' } })),
  )
  await expect(call('/api/alerts', { unasked: true })).rejects.toThrow('Sign in.')
  expect(told).not.toHaveBeenCalled()
  await expect(call('/api/athletes')).rejects.toThrow('Sign in.')
  expect(told).toHaveBeenCalledOnce()
})
