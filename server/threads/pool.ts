import { existsSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { Piscina } from 'piscina'

/** Work on threads, in the order it was asked for; a piece that takes too long is given up and its thread ended. */
export class ThreadPool<Asked, Answer> {
  private readonly threads: Piscina<Asked, Answer>

  /** @param limitMs for one piece of work, waiting for its turn included */
  constructor(file: string, size: number, private readonly limitMs: number) {
    this.threads = new Piscina({ filename: file, minThreads: 0, maxThreads: size, idleTimeout: Infinity })
  }

  /** @throws TookTooLong, or Error in plain words when the thread failed or ended; the others go on. */
  async ask(asked: Asked): Promise<Answer> {
    const limit = AbortSignal.timeout(this.limitMs)
    try {
      return await this.threads.run(asked, { signal: limit })
    }
    catch (error) {
      if (limit.aborted) throw new TookTooLong('This took too long and was given up.', { cause: error })
      throw error
    }
  }

  /** Ends every thread; whoever still waits is told. */
  close(): Promise<void> {
    return this.threads.destroy()
  }
}

export class TookTooLong extends Error {}

/** The file of a thread in the built server; null where there is no build, as in tests. */
export function threadFile(name: string): string | null {
  const file = join(dirname(process.argv[1] ?? ''), name)
  return existsSync(file) ? file : null
}
