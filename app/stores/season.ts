import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import { AppError } from '~~/shared/errors'
import type { AthleteSeasonChange, SeasonChange, SeasonChanged, SeasonsAnswer } from '~~/shared/types'
import { messageOf } from '~/api/call'
import * as api from '~/api/season'

/** Seasons and calendar in sight. */
export const useSeasonStore = defineStore('season', () => {
  const all = shallowRef<SeasonsAnswer | null>(null)
  const state = ref<'idle' | 'loading' | 'ready' | 'failed'>('idle')
  const problem = ref('')
  /** What the last accepted change came to. */
  const last = shallowRef<SeasonChanged | null>(null)

  async function load(): Promise<void> {
    if (state.value !== 'ready') state.value = 'loading'
    try {
      all.value = await api.fetchSeasons()
      state.value = 'ready'
    }
    catch (error) {
      problem.value = messageOf(error)
      state.value = 'failed'
    }
  }

  /** Stores a change. Where somebody else was first, theirs is shown and nothing of it is overwritten. */
  async function keep(work: () => Promise<SeasonChanged>): Promise<void> {
    try {
      last.value = await work()
      all.value = last.value.seasons
    }
    catch (error) {
      if (error instanceof AppError && error.code === 'changedElsewhere' && error.current)
        all.value = error.current as SeasonsAnswer
      throw error
    }
  }

  const change = (groupId: string, input: SeasonChange): Promise<void> => keep(() => api.saveSeason(groupId, input))
  const changeAthlete = (athleteId: string, input: AthleteSeasonChange): Promise<void> =>
    keep(() => api.saveAthleteSeason(athleteId, input))

  return { all, state, problem, last, load, change, changeAthlete }
})
