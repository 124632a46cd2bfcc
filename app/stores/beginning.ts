import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { Beginning } from '~~/shared/types'
import { fetchBeginning } from '~/api/people'
import { reading } from './parts/reading'

/** How far the organisation has come with what everything else rests on. */
export const useBeginningStore = defineStore('beginning', () => {
  const beginning = shallowRef<Beginning | null>(null)
  const { state, problem, read, again } = reading()
  const load = (): Promise<void> => read(async () => {
    beginning.value = await fetchBeginning()
  })

  return { beginning, state, problem, again, load }
})
