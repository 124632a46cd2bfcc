import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { AthleteReview, StoredSetLog } from '~~/shared/types'
import { fetchHistory } from '~/api/athletes'
import { fetchReview } from '~/api/review'
import { reading } from './parts/reading'

interface Span { readonly from: string, readonly to: string }

/** A look back on one athlete, the stretch that it is held against, and the sets behind it. */
export const useReviewStore = defineStore('review', () => {
  const found = shallowRef<AthleteReview | null>(null)
  const other = shallowRef<AthleteReview | null>(null)
  const logs = shallowRef<readonly StoredSetLog[] | null>(null)
  const { state, problem, read, again } = reading()
  const { state: beside, problem: besideProblem, read: readBeside } = reading()

  const one = (athleteId: string, { from, to }: Span): Promise<AthleteReview> => fetchReview(athleteId, from, to)
  const load = (athleteId: string, span: Span): Promise<void> => {
    logs.value = null
    return read(async () => { found.value = await one(athleteId, span) }, found.value?.athlete.id !== athleteId)
  }
  const compare = (athleteId: string, span: Span | null): Promise<void> =>
    readBeside(async () => { other.value = span && await one(athleteId, span) }, true)
  /** The sets behind are read when they are asked for. */
  const readSets = (athleteId: string, from: string): Promise<void> => readBeside(async () => {
    logs.value ??= (await fetchHistory(athleteId, from)).logs
  })

  return { found, other, logs, state, problem, again, one, load, compare, readSets, beside, besideProblem }
})
