import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Me } from '~~/shared/types'
import { call } from '~/api/call'
import { owesSignOut, personHere } from '~/device/person'
import { useSignInStore } from './signIn'

const me = { id: 'coach', today: '2026-11-20' } as Me
const ask = vi.fn()
const answered = async (...asked: unknown[]) =>
  ({ _data: await ask(...asked) as unknown, status: 200, headers: new Headers() })

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['Date'], now: new Date('2026-11-20T09:00:00') })
  setActivePinia(createPinia())
  ask.mockReset()
  vi.stubGlobal('$fetch', { raw: answered })
  useSignInStore().remember({ me, csrf: 'x' })
  useSignInStore().begin()
})
afterEach(() => {
  vi.unstubAllGlobals()
  vi.useRealTimers()
})

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

  it('everywhere leaves everything as it was when the line is down', async () => {
    ask.mockRejectedValueOnce(new Error('down'))
    const signedIn = useSignInStore()
    await expect(signedIn.signOutEverywhere()).rejects.toThrow('No connection')
    ask.mockResolvedValueOnce(['alert'])
    await expect(call('/api/alerts')).resolves.toEqual(['alert'])
    expect(signedIn.me).toEqual(me)
  })

  it('is done at once without a line, and the server is told as soon as it answers', async () => {
    ask.mockRejectedValueOnce(new Error('down'))
    await useSignInStore().signOut()
    useSignInStore().begin()
    expect([useSignInStore().me, owesSignOut(), personHere()]).toEqual([null, true, null])
    // The next start of the page, with the cookie still there and the line still down.
    setActivePinia(createPinia())
    useSignInStore().remember({ me, csrf: 'x' })
    ask.mockRejectedValueOnce(new Error('down'))
    await useSignInStore().endOwed()
    expect([useSignInStore().me, owesSignOut()]).toEqual([null, true])
    ask.mockResolvedValueOnce({ me: null, csrf: null })
    await useSignInStore().endOwed()
    expect([ask.mock.lastCall![0], ask.mock.lastCall![1].method, owesSignOut()]).toEqual(
      ['/api/session', 'DELETE', false],
    )
  })
})

describe('without a line', () => {
  it('goes on as whoever was signed in here last, on the day that it is', () => {
    setActivePinia(createPinia())
    expect(useSignInStore().recall()).toBe(true)
    expect(useSignInStore().me).toMatchObject({ id: 'coach', today: '2026-11-20' })
    vi.setSystemTime('2026-11-21T09:00:00')
    expect([useSignInStore().recall(), useSignInStore().me!.today]).toEqual([true, '2026-11-21'])
  })

  it('goes on as nobody after a sign-out', async () => {
    ask.mockResolvedValueOnce({ me: null, csrf: null })
    await useSignInStore().signOut()
    useSignInStore().begin()
    setActivePinia(createPinia())
    expect(useSignInStore().recall()).toBe(false)
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

describe('founding', () => {
  it('that somebody else was first with leads to signing in', async () => {
    const signedIn = useSignInStore()
    signedIn.remember({ me: null, csrf: null, founding: true })
    expect(signedIn.founding).toBe(true)
    ask.mockRejectedValueOnce({ data: { code: 'alreadyExists', message: 'There is one already.' } })
    const form = {
      code: 'a', organisationName: 'b', timeZone: 'UTC', units: { mass: 'kg', length: 'cm' }, name: 'c', email: 'd',
      password: 'e',
    } as const
    await expect(signedIn.found(form)).rejects.toMatchObject({ code: 'alreadyExists' })
    expect(signedIn.founding).toBe(false)
  })
})
