import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { FactorBegun, Passkey, SignedInDevice } from '~~/shared/types'
import * as people from '~/api/people'
import { reading } from './parts/reading'
import { useSignInStore } from './signIn'

/** The own sign-in: where it is used, and what it asks for besides the password. */
export const useAccountStore = defineStore('account', () => {
  const devices = shallowRef<readonly SignedInDevice[]>([])
  const passkeys = shallowRef<readonly Passkey[]>([])
  const begun = shallowRef<FactorBegun | null>(null)
  const recovery = shallowRef<readonly string[]>([])
  const { state, problem, read, again } = reading()
  const signedIn = useSignInStore()

  const load = (): Promise<void> => read(async () => {
    ;[devices.value, passkeys.value] = await Promise.all([people.fetchDevices(), people.fetchPasskeys()])
  })
  async function endDevice(id: string): Promise<void> {
    devices.value = await people.endDevice(id)
  }

  /** Makes a key on this device. Somebody who waves the browser's question away has made none. */
  async function addPasskey(name: string, password: string): Promise<void> {
    const asked = await people.newPasskey(password)
    const { startRegistration } = await import('@simplewebauthn/browser')
    const made = await startRegistration({ optionsJSON: asked as never }).catch(() => null)
    if (!made) throw new Error('No passkey was made on this device.')
    passkeys.value = await people.addPasskey(name, made)
  }
  async function endPasskey(id: string): Promise<void> {
    passkeys.value = await people.endPasskey(id)
  }

  async function prepareFactor(password: string): Promise<void> {
    begun.value = await people.prepareFactor(password)
  }
  async function addFactor(code: string): Promise<void> {
    recovery.value = (await people.addFactor(code)).recovery
    begun.value = null
    asks(true)
  }
  async function endFactor(password: string): Promise<void> {
    await people.endFactor(password)
    asks(false)
  }
  function asks(secondFactor: boolean): void {
    if (signedIn.me) signedIn.me = { ...signedIn.me, secondFactor }
  }
  /** The codes were written down: they are not shown again. */
  function keptCodes(): void {
    recovery.value = []
  }

  return {
    devices, passkeys, begun, recovery, state, problem, again, load, endDevice, addPasskey, endPasskey, prepareFactor,
    addFactor, endFactor, keptCodes,
  }
})
