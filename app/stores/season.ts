import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { storedFirst } from '~~/shared/errors'
import type { AthleteSeasonChange, SeasonChange, SeasonChanged, SeasonsAnswer } from '~~/shared/types'
import * as api from '~/api/season'
import { reading } from './parts/reading'

/** Seasons and calendar in sight. */
export const useSeasonStore = defineStore('season', () => {
  const all = shallowRef<SeasonsAnswer | null>(null)
  const { state, problem, read, again } = reading()
  /** What the last accepted change came to. */
  const last = shallowRef<SeasonChanged | null>(null)

  const load = (): Promise<void> => read(async () => {
    all.value = await api.fetchSeasons()
  })

  /** Stores a change. Where somebody else was first, theirs is shown and nothing of it is overwritten. */
  async function keep(work: () => Promise<SeasonChanged>): Promise<void> {
    try {
      last.value = await work()
      all.value = last.value.seasons
    }
    catch (error) {
      all.value = storedFirst<SeasonsAnswer>(error) ?? all.value
      throw error
    }
  }

  const change = (groupId: string, input: SeasonChange): Promise<void> => keep(() => api.saveSeason(groupId, input))
  const changeAthlete = (athleteId: string, input: AthleteSeasonChange): Promise<void> =>
    keep(() => api.saveAthleteSeason(athleteId, input))

  return { all, state, problem, again, last, load, change, changeAthlete }
})
