import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { Guardian, GuardianAnswer } from '~~/shared/types'
import * as people from '~/api/people'

/** Who answers for an athlete under age. */
export const useGuardianStore = defineStore('guardian', () => {
  const found = shallowRef<GuardianAnswer | null>(null)
  async function load(athleteId: string): Promise<void> {
    found.value = null
    found.value = await people.fetchGuardian(athleteId).catch(() => null)
  }
  async function save(athleteId: string, guardian: Guardian): Promise<void> {
    found.value = await people.saveGuardian(athleteId, guardian)
  }
  return { found, load, save }
})
