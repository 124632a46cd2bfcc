import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { FactorBegun, SignedInDevice } from '~~/shared/types'
import * as people from '~/api/people'
import { reading } from './parts/reading'
import { useSignInStore } from './signIn'

/** The own sign-in: where it is used, and what it asks for besides the password. */
export const useAccountStore = defineStore('account', () => {
  const devices = shallowRef<readonly SignedInDevice[]>([])
  const begun = shallowRef<FactorBegun | null>(null)
  const recovery = shallowRef<readonly string[]>([])
  const { state, problem, read, again } = reading()
  const signedIn = useSignInStore()

  const load = (): Promise<void> => read(async () => {
    devices.value = await people.fetchDevices()
  })
  async function endDevice(id: string): Promise<void> {
    devices.value = await people.endDevice(id)
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
    devices, begun, recovery, state, problem, again, load, endDevice, prepareFactor, addFactor, endFactor, keptCodes,
  }
})
