import { defineStore } from 'pinia'
import { shallowRef, watch } from 'vue'
import type { TrialsAnswer } from '~~/shared/types'
import { fetchTrials } from '~/api/assessment'
import { reading } from './parts/reading'
import { useRosterStore } from './roster'

/** Trials of everybody at hand. Apart from what is known of one athlete: a phone has no roster to load. */
export const useSquadTrialsStore = defineStore('squadTrials', () => {
  const squad = shallowRef<TrialsAnswer>({ trials: [], errors: {} })
  const { state, problem, read, again } = reading()
  const roster = useRosterStore()
  let asked = false
  const load = (): Promise<void> => read(async () => {
    asked = true
    const of = roster.squadAtHand()
    const found = await fetchTrials(of)
    if (of === roster.squadId) squad.value = found
  })
  watch(() => roster.squadId, () => { if (asked) void load() })
  return { squad, state, problem, again, load }
})
