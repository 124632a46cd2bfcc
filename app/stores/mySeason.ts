import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { MySeason } from '~~/shared/types'
import { fetchMySeason } from '~/api/season'
import { reading } from './parts/reading'

/** The season of the athlete who is signed in. */
export const useMySeasonStore = defineStore('mySeason', () => {
  const found = shallowRef<MySeason | null>(null)
  const { state, problem, read, again } = reading()
  const load = (athleteId: string): Promise<void> => read(async () => {
    found.value = await fetchMySeason(athleteId)
  })
  return { found, state, problem, again, load }
})
