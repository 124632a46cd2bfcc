import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { AthleteReview, StoredSetLog, WeekSeries } from '~~/shared/types'
import { fetchHistory } from '~/api/athletes'
import { fetchReview, fetchSeries } from '~/api/review'
import { reading } from './parts/reading'

interface Span { readonly from: string, readonly to: string }

/** A look back on one athlete, the stretch that it is held against, and the sets behind it. */
export const useReviewStore = defineStore('review', () => {
  const found = shallowRef<AthleteReview | null>(null)
  const other = shallowRef<AthleteReview | null>(null)
  const logs = shallowRef<readonly StoredSetLog[] | null>(null)
  /** Every week there was; null until somebody asks for them. */
  const series = shallowRef<WeekSeries | null>(null)
  const { state, problem, read, again } = reading()
  const { state: beside, problem: besideProblem, read: readBeside } = reading()

  const one = (athleteId: string, { from, to }: Span): Promise<AthleteReview> => fetchReview(athleteId, from, to)
  const load = (athleteId: string, span: Span): Promise<void> => {
    logs.value = null
    if (found.value?.athlete.id !== athleteId) series.value = null
    return read(async () => { found.value = await one(athleteId, span) }, found.value?.athlete.id !== athleteId)
  }
  const compare = (athleteId: string, span: Span | null): Promise<void> =>
    readBeside(async () => { other.value = span && await one(athleteId, span) }, true)
  /** The sets behind are read when they are asked for. */
  const readSets = (athleteId: string, from: string): Promise<void> => readBeside(async () => {
    logs.value ??= (await fetchHistory(athleteId, from)).logs
  })

  /** Weeks that are still to be reckoned come with the next answers, the latest first. */
  const readSeries = (athleteId: string, from: string): Promise<void> => readBeside(async () => {
    for (let left = Infinity; ;) {
      const answer = await fetchSeries(athleteId, from)
      if (found.value?.athlete.id !== athleteId) return
      series.value = answer
      if (answer.left === 0 || answer.left >= left) return
      left = answer.left
    }
  })

  return {
    series, readSeries, found, other, logs, state, problem, again, one, load, compare, readSets, beside, besideProblem,
  }
})
