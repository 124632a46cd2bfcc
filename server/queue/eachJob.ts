import type PgBoss from 'pg-boss'

/** How long a queue that is empty, or out of reach, is left alone. */
const LOOK_MS = 1_000

/** Somebody at work on a queue. */
export interface AtWork {
  /** Takes nothing new, and settles when what is at hand is done. */
  readonly stop: () => Promise<void>
}

/** What of the queue is needed to work on it. */
type Jobs = Pick<PgBoss, 'fetch' | 'complete' | 'fail'>

/**
 * Does one job after the other as long as there are any, and then looks once in a while: what waits is not kept
 * waiting for the next look. What fails is tried again as its queue says; what ends with its process, when it expires.
 */
export function eachJob(
  jobs: Jobs, name: string, handle: (data: Record<string, string>) => Promise<void>,
  onError: (error: unknown) => void, lookMs = LOOK_MS,
): AtWork {
  let stopped = false
  let wake: () => void = () => undefined
  const rest = (): Promise<void> => new Promise((done) => {
    const timer = setTimeout(done, lookMs)
    wake = () => {
      clearTimeout(timer)
      done()
    }
  })

  /** Whether there was one. */
  async function one(): Promise<boolean> {
    const [job] = await jobs.fetch<Record<string, string>>(name)
    if (!job) return false
    try {
      await handle(job.data)
    }
    catch (error) {
      await jobs.fail(name, job.id, { message: error instanceof Error ? error.message : String(error) })
      return true
    }
    await jobs.complete(name, job.id)
    return true
  }

  async function all(): Promise<void> {
    while (!stopped) {
      const found = await one().catch((error: unknown) => {
        onError(error)
        return false
      })
      if (!found && !stopped) await rest()
    }
  }

  const over = all()
  return {
    stop: () => {
      stopped = true
      wake()
      return over
    },
  }
}
