import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Me } from '~~/shared/types'
import { call } from '~/api/call'
import { useSignInStore } from './signIn'

const me = { id: 'coach' } as Me
const ask = vi.fn()

beforeEach(() => {
  setActivePinia(createPinia())
  ask.mockReset()
  vi.stubGlobal('$fetch', ask)
  useSignInStore().remember({ me, csrf: 'x' })
  useSignInStore().begin()
})
afterEach(() => vi.unstubAllGlobals())

describe('signing out', () => {
  it('asks for nothing while it is under way, nor after, until somebody signs in', async () => {
    let answer: (value: unknown) => void = () => undefined
    ask.mockReturnValueOnce(new Promise((done) => { answer = done }))
    const signedIn = useSignInStore()
    const leaving = signedIn.signOut()
    await expect(call('/api/alerts')).rejects.toThrow('Signed out.')
    answer({ me: null, csrf: null })
    await leaving
    await expect(call('/api/alerts')).rejects.toThrow('Signed out.')
    expect([signedIn.me, signedIn.ended, ask.mock.calls.length]).toEqual([null, false, 1])
    ask.mockResolvedValueOnce({ me, csrf: 'y' })
    await signedIn.signIn({ email: 'a@larkholm.example', password: 'p' })
    signedIn.begin()
    ask.mockResolvedValueOnce(['alert'])
    await expect(call('/api/alerts')).resolves.toEqual(['alert'])
  })

  it('leaves everything as it was when the line is down', async () => {
    ask.mockRejectedValueOnce(new Error('down'))
    const signedIn = useSignInStore()
    await expect(signedIn.signOut()).rejects.toThrow('No connection')
    ask.mockResolvedValueOnce(['alert'])
    await expect(call('/api/alerts')).resolves.toEqual(['alert'])
    expect(signedIn.me).toEqual(me)
  })
})

describe('signing in again in the middle of the work', () => {
  it('goes on for the same person, and not for somebody else', async () => {
    const signedIn = useSignInStore()
    signedIn.ended = true
    ask.mockResolvedValueOnce({ me: { id: 'other' }, csrf: 'z' })
    expect(await signedIn.signInAgain({ email: 'b@larkholm.example', password: 'p' })).toBe(false)
    expect([signedIn.ended, signedIn.me!.id]).toEqual([true, 'coach'])
    ask.mockResolvedValueOnce({ me, csrf: 'y' })
    expect(await signedIn.signInAgain({ email: 'a@larkholm.example', password: 'p' })).toBe(true)
    expect([signedIn.ended, signedIn.csrf]).toEqual([false, 'y'])
  })
})
