import { defineStore } from 'pinia'
import { ref } from 'vue'
import { AppError, NoConnection } from '~~/shared/errors'
import type { Founding, Me, SessionAnswer, SignInInput, Units } from '~~/shared/types'
import { useToken } from '~/api/call'
import { shutDoor } from '~/api/door'
import { lookAway, lookOn } from '~/api/live'
import { forgetAnswers } from '~/device/answers'
import { keepFor, lockOpen } from '~/device/kept'
import { oweSignOut, owesSignOut, personHere, rememberPerson } from '~/device/person'
import * as people from '~/api/people'
import { writes } from '~/api/writes'

/** A day as the calendar of this device has it, as 2026-11-30. */
const dayOf = (at: Date): string =>
  [at.getFullYear(), at.getMonth() + 1, at.getDate()].map(n => String(n).padStart(2, '0')).join('-')

/** Who is signed in. */
// eslint-disable-next-line max-lines-per-function -- one state, and short functions that change it
export const useSignInStore = defineStore('signIn', () => {
  const me = ref<Me | null>(null)
  const csrf = ref<string | null>(null)
  const deviceKey = ref<string | null>(null)
  const known = ref(false)
  /** There is no organisation here yet. */
  const founding = ref(false)
  /** The session ended under a page that is still open: signing in again goes on where it was. */
  const ended = ref(false)

  function remember(answer: SessionAnswer): void {
    me.value = answer.me
    csrf.value = answer.csrf
    deviceKey.value = answer.deviceKey ?? null
    known.value = true
    founding.value = answer.founding ?? false
    ended.value = false
    if (import.meta.client) begin()
  }

  /** Ties this tab to the person: their token, their drafts, their writes on the way. */
  function begin(): void {
    useToken(csrf.value)
    keepFor(me.value?.id ?? null, deviceKey.value)
    lockOpen()
    // What somebody else has read here is not for whoever is here now.
    if (personHere<Me>()?.me.id !== me.value?.id) void forgetAnswers()
    rememberPerson(me.value, deviceKey.value)
    if (me.value) {
      void writes.open()
      lookOn()
    }
    else writes.close()
  }

  /**
   * Whoever was signed in here last goes on without a line.
   *
   * @returns false when nobody is known here
   */
  function recall(): boolean {
    const here = personHere<Me>()
    if (!here) return false
    const { me: person, at, deviceKey: key } = here
    const now = new Date()
    const today = now.toDateString() === new Date(at).toDateString() ? person.today : dayOf(now)
    me.value = { ...person, today }
    known.value = true
    deviceKey.value = key ?? null
    keepFor(person.id, deviceKey.value)
    void writes.open()
    lookOn()
    return true
  }

  /** Ends here what was signed out without a line, and tells the server if it answers now. */
  async function endOwed(): Promise<void> {
    if (!owesSignOut()) return
    useToken(csrf.value)
    await people.signOut().then(() => oweSignOut(false), () => undefined)
    remember({ me: null, csrf: null })
  }

  async function signIn(input: SignInInput): Promise<void> {
    remember(await people.signIn(input))
    oweSignOut(false)
  }

  /** Signs in by a key of this device; waved away, nobody is signed in. */
  async function signInByPasskey(ownDevice: boolean): Promise<void> {
    const asked = await people.askForPasskey()
    const { startAuthentication } = await import('@simplewebauthn/browser')
    const shown = await startAuthentication({ optionsJSON: asked as never }).catch(() => null)
    if (!shown) throw new Error('No passkey was shown on this device.')
    remember(await people.signInByPasskey(shown, ownDevice))
    oweSignOut(false)
  }

  /** Signs in again in the middle of the work; false when it is somebody else. */
  async function signInAgain(input: SignInInput): Promise<boolean> {
    const before = me.value?.id
    const answer = await people.signIn(input)
    if (answer.me?.id !== before) return false
    me.value = answer.me
    csrf.value = answer.csrf
    ended.value = false
    useToken(csrf.value)
    void writes.drain()
    return true
  }

  /** Without a line the device forgets at once, and the server is told when there is one. */
  const signOut = (): Promise<void> => leave(() => people.signOut().catch((error: unknown) => {
    if (!(error instanceof NoConnection)) throw error
    oweSignOut(true)
  }))
  const signOutEverywhere = (): Promise<void> => leave(people.signOutEverywhere)

  /** Nothing is read for somebody who is on the way out; who could not leave is still there. */
  async function leave(close: () => Promise<unknown>): Promise<void> {
    shutDoor()
    lookAway()
    try {
      await close()
    }
    catch (error) {
      useToken(csrf.value)
      lookOn()
      throw error
    }
    remember({ me: null, csrf: null })
  }

  async function changePassword(password: string, next: string): Promise<void> {
    const answer = await people.changePassword(password, next)
    csrf.value = answer.csrf
    useToken(answer.csrf)
  }

  async function useLink(token: string, next: string): Promise<void> {
    remember(await people.useLink(token, next))
  }

  /** Founds the first organisation, and is its head coach. */
  async function found(input: Founding): Promise<void> {
    try {
      remember(await people.found(input))
    }
    catch (error) {
      // Somebody else was first: from here on one signs in.
      if (error instanceof AppError && error.code === 'alreadyExists') founding.value = false
      throw error
    }
  }

  async function saveUnits(units: Units): Promise<void> {
    const saved = await people.saveUnits(units)
    if (me.value) me.value = { ...me.value, units: saved }
  }

  return {
    me, csrf, deviceKey, known, founding, ended, remember, begin, recall, endOwed,
    signIn, signInByPasskey, signInAgain, signOut, signOutEverywhere, changePassword,
    useLink, found, saveUnits,
    askForReset: people.askForReset,
  }
})
