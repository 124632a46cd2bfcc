import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { CoachDay } from '~~/shared/types'
import { fetchCoachDay } from '~/api/season'
import { reading } from './parts/reading'

/** What today holds for the squads in a coach's sight. */
export const useCoachDayStore = defineStore('coachDay', () => {
  const day = shallowRef<CoachDay | null>(null)
  const { state, problem, read, again } = reading()
  const load = (): Promise<void> => read(async () => {
    day.value = await fetchCoachDay()
  })
  return { day, state, problem, again, load }
})
