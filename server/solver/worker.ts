import { highsSolver } from '~~/solver/highs'
import { answer, type ThreadAnswer, type ThreadRequest } from './request'

const solver = highsSolver()

/** What a thread of the pool does: one request after the other. */
export default async function work(request: ThreadRequest): Promise<ThreadAnswer> {
  return answer(request, await solver)
}
