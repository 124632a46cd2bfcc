import { defineStore } from 'pinia'
import { shallowRef, watch } from 'vue'
import type { CoachDay } from '~~/shared/types'
import { fetchTrials } from '~/api/assessment'
import { fetchFloor } from '~/api/floor'
import { fetchCoachDay } from '~/api/season'
import { reading } from './parts/reading'
import { useRosterStore } from './roster'

/** What today holds for the squads in a coach's sight. */
export const useCoachDayStore = defineStore('coachDay', () => {
  const day = shallowRef<CoachDay | null>(null)
  const { state, problem, read, again } = reading()
  const roster = useRosterStore()
  let asked = false
  const load = (): Promise<void> => read(async () => {
    asked = true
    const of = roster.squadAtHand()
    const found = await fetchCoachDay(of)
    if (of === roster.squadId) day.value = found
  })
  watch(() => roster.squadId, () => { if (asked) void load() })

  /** Reads what the floor and the test desk of today need, so that they open without a line. */
  async function bring(): Promise<void> {
    const floors = (day.value?.squads ?? []).filter(squad => squad.athletes.some(one => one.session))
      .map(squad => () => fetchFloor(squad.group.id))
    await roster.load()
    for (const ask of [() => fetchTrials(roster.squadAtHand()), ...floors]) await ask().catch(() => undefined)
  }

  return { bring, day, state, problem, again, load }
})
