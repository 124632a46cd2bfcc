import type { WeekReview } from '~~/shared/types'
import { highsSolver } from '~~/solver/highs'
import { answer, type ThreadRequest, type WeekAnswer } from './request'

const solver = highsSolver()

/** What a thread of the pool does: one request after the other. */
export default async function work(request: ThreadRequest): Promise<WeekAnswer | WeekReview> {
  return answer(request, await solver)
}
