import { highsSolver } from '~~/solver/highs'
import type { WeekReview } from '~~/shared/types'
import type { Decision } from '~~/core/progression'
import type { Walls } from '~~/core/planner'
import type { Review } from '~~/core/review'
import type { Repair } from '~~/core/season'
import { ThreadPool, threadFile } from '../threads/pool'
import {
  answer, type DecideWork, type LookBackWork, type SeasonWork, type ThreadAnswer, type ThreadRequest, type WeekAnswer,
  type WeekRequest,
} from './request'

/** Threads: one core stays for requests. */
const THREADS = 2
/** Longest for one request: a single step of the solver can outlast its own limits. */
const LIMIT_MS = 60_000

/** Threads that plan weeks. */
export const solverPool = (file: string, size = THREADS): ThreadPool<ThreadRequest, ThreadAnswer> =>
  new ThreadPool(file, size, LIMIT_MS)

let pool: ReturnType<typeof solverPool> | null = null

/** Asks a thread of the built server; in this thread where there is none. */
async function inPool(request: ThreadRequest): Promise<ThreadAnswer> {
  const file = threadFile('solver-worker.mjs')
  if (file === null) return answer(request, await highsSolver())
  pool ??= solverPool(file)
  return pool.ask(request)
}

/** Plans a week. */
export async function planInPool(week: WeekRequest, walls?: Walls): Promise<WeekAnswer> {
  return await inPool({ kind: 'plan', week, ...walls ? { walls } : {} }) as WeekAnswer
}

/** Looks through a week as it stands. */
export async function reviewInPool(week: WeekRequest): Promise<WeekReview> {
  return await inPool({ kind: 'review', week }) as WeekReview
}

/** Decides on one athlete's drills. */
export async function decideInPool(work: DecideWork): Promise<readonly Decision[]> {
  return await inPool({ kind: 'decide', work }) as readonly Decision[]
}

/** Looks back on one athlete. */
export async function lookBackInPool(work: LookBackWork): Promise<Review> {
  return await inPool({ kind: 'lookBack', work }) as Review
}

/** Plans or repairs a season. */
export async function seasonInPool(work: SeasonWork): Promise<Repair> {
  return await inPool({ kind: 'season', work }) as Repair
}

export async function closePool(): Promise<void> {
  await pool?.close()
  pool = null
}
