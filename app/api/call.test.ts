import { afterEach, expect, test, vi } from 'vitest'
import { call, callSince, whenSessionEnds } from './call'

afterEach(() => {
  vi.unstubAllGlobals()
  whenSessionEnds(() => undefined)
})

test('an ended session is told of by what the person did, and never by a question that the clock asked', async () => {
  const told = vi.fn()
  whenSessionEnds(told)
  vi.stubGlobal(
    '$fetch',
    { raw: () =>
      Promise.reject(Object.assign(new Error('401'), { data: { code: 'notSignedIn', message: 'Sign in.' } })) },
  )
  await expect(call('/api/alerts', { unasked: true })).rejects.toThrow('Sign in.')
  expect(told).not.toHaveBeenCalled()
  await expect(call('/api/athletes')).rejects.toThrow('Sign in.')
  expect(told).toHaveBeenCalledOnce()
})

test('what the server says is still as it was is not sent again', async () => {
  const raw = vi.fn(() => Promise.resolve({
    _data: undefined, status: 304, headers: new Headers({ etag: '"a"' }),
  }))
  vi.stubGlobal('$fetch', { raw })
  expect(await callSince('/api/day', '"a"')).toBeNull()
  expect(raw).toHaveBeenCalledWith('/api/day', expect.objectContaining({ headers: { 'if-none-match': '"a"' } }))
  raw.mockResolvedValue({ _data: { day: 1 } as never, status: 200, headers: new Headers({ etag: '"b"' }) })
  expect(await callSince('/api/day', '"a"')).toMatchObject({ answer: { day: 1 }, tag: '"b"' })
})
