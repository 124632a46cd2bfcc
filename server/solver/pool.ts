import { existsSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { Worker } from 'node:worker_threads'
import { highsSolver } from '~~/solver/highs'
import type { WeekReview } from '~~/shared/types'
import { answer, type ThreadRequest, type WeekAnswer, type WeekRequest } from './request'

/** Threads: one core stays for requests. */
const THREADS = 2
/** A request that takes longer has its thread ended: a single step of the solver can outlast its own limits. */
const LIMIT_MS = 30_000

interface Waiting {
  readonly id: number
  readonly request: ThreadRequest
  readonly resolve: (answer: WeekAnswer | WeekReview) => void
  readonly reject: (error: Error) => void
}
interface Thread {
  worker: Worker
  now: Waiting | null
  limit: ReturnType<typeof setTimeout> | null
}

/** Plans weeks on threads, in the order they were asked for. */
export class SolverPool {
  private readonly threads: Thread[] = []
  private readonly queue: Waiting[] = []
  private next = 1

  constructor(private readonly file: string, private readonly size = THREADS, private readonly limitMs = LIMIT_MS) {}

  ask(request: ThreadRequest): Promise<WeekAnswer | WeekReview> {
    return new Promise((resolve, reject) => {
      this.queue.push({ id: this.next++, request, resolve, reject })
      this.work()
    })
  }

  close(): void {
    const waiting = [...this.threads.flatMap(thread => thread.now ?? []), ...this.queue.splice(0)]
    for (const thread of this.threads.splice(0)) {
      this.free(thread)
      void thread.worker.terminate()
    }
    for (const one of waiting) one.reject(new Error('The server is stopping.'))
  }

  private work(): void {
    while (this.queue.length > 0) {
      const thread = this.threads.find(t => t.now === null) ?? (this.threads.length < this.size ? this.open() : null)
      if (!thread) return
      const waiting = this.queue.shift()!
      thread.now = waiting
      thread.limit = setTimeout(
        () => this.end(thread, 'Planning this week took too long and was given up.'),
        this.limitMs,
      )
      thread.worker.postMessage({ id: waiting.id, request: waiting.request })
    }
  }

  private open(): Thread {
    const thread: Thread = { worker: new Worker(this.file), now: null, limit: null }
    thread.worker.unref()
    thread.worker.on(
      'message',
      ({ id, answer, problem }: { id: number, answer?: WeekAnswer | WeekReview, problem?: string }) => {
        const { now } = thread
        if (now?.id !== id) return
        this.free(thread)
        if (answer) now.resolve(answer)
        else now.reject(new Error(problem))
        this.work()
      },
    )
    thread.worker.on('error', error => this.end(thread, error.message))
    thread.worker.on('exit', () => this.end(thread, 'The planner ended by itself.'))
    this.threads.push(thread)
    return thread
  }

  private free(thread: Thread): void {
    if (thread.limit) clearTimeout(thread.limit)
    Object.assign(thread, { now: null, limit: null })
  }

  /** A thread that failed is replaced; who waited for it is told, the others go on. */
  private end(thread: Thread, why: string): void {
    const at = this.threads.indexOf(thread)
    if (at < 0) return
    this.threads.splice(at, 1)
    const { now } = thread
    this.free(thread)
    void thread.worker.terminate()
    now?.reject(new Error(why))
    this.work()
  }
}

let pool: SolverPool | null = null

/** Asks a thread of the built server; in this thread where there is no build, as in tests. */
async function inPool(request: ThreadRequest): Promise<WeekAnswer | WeekReview> {
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

export function closePool(): void {
  pool?.close()
  pool = null
}
