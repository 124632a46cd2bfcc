import { existsSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { Piscina } from 'piscina'
import { highsSolver } from '~~/solver/highs'
import type { WeekReview } from '~~/shared/types'
import type { Decision } from '~~/core/progression'
import type { Review } from '~~/core/review'
import {
  answer, type DecideWork, type LookBackWork, type ThreadAnswer, type ThreadRequest, type WeekAnswer, type WeekRequest,
} from './request'

/** Threads: one core stays for requests. */
const THREADS = 2
/**
 * A request that takes longer, waiting for its turn included, is given up and its thread ended: a single step of the
 * solver can outlast its own limits.
 */
const LIMIT_MS = 60_000

/** Plans weeks on threads, in the order they were asked for. */
export class SolverPool {
  private readonly threads: Piscina<ThreadRequest, ThreadAnswer>

  constructor(file: string, size = THREADS, private readonly limitMs = LIMIT_MS) {
    this.threads = new Piscina({ filename: file, minThreads: 0, maxThreads: size, idleTimeout: Infinity })
  }

  /** @throws Error in plain words when the thread failed, ended, or took too long; the others go on. */
  async ask(request: ThreadRequest): Promise<ThreadAnswer> {
    const limit = AbortSignal.timeout(this.limitMs)
    try {
      return await this.threads.run(request, { signal: limit })
    }
    catch (error) {
      if (limit.aborted) throw new Error('This took too long and was given up.', { cause: error })
      throw error
    }
  }

  /** Ends every thread; whoever still waits is told. */
  close(): Promise<void> {
    return this.threads.destroy()
  }
}

let pool: SolverPool | null = null

/** Asks a thread of the built server; in this thread where there is no build, as in tests. */
async function inPool(request: ThreadRequest): Promise<ThreadAnswer> {
  const file = join(dirname(process.argv[1] ?? ''), 'solver-worker.mjs')
  if (!existsSync(file)) return answer(request, await highsSolver())
  pool ??= new SolverPool(file)
  return pool.ask(request)
}

/** Plans a week. */
export async function planInPool(week: WeekRequest): Promise<WeekAnswer> {
  return await inPool({ kind: 'plan', week }) as WeekAnswer
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

export async function closePool(): Promise<void> {
  await pool?.close()
  pool = null
}
