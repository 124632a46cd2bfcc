import pg from 'pg'
import { TOPICS, type Told, type Topic } from '~~/shared/types'

/** How long after a line is lost it is tried again. */
const AGAIN_MS = 1000

/** In whose organisation something changed. */
export interface ToldHere extends Told {
  readonly organisationId: string
}

/** What a message of the database says; null for one that is not ours. */
function read(payload: string | undefined): ToldHere | null {
  const [organisationId, topic, subject] = (payload ?? '').split(' ')
  if (!organisationId || !subject || !TOPICS.includes(topic as Topic)) return null
  return { organisationId, topic: topic as Topic, subject }
}

/**
 * Hears what the database tells, on a connection of its own: one that a pooler hands out by the transaction hears
 * nothing. A line that is lost is made again.
 *
 * @param tell whether the line is there, and each message
 */
export function listen(
  url: string, tell: { readonly line: (there: boolean) => void, readonly told: (one: ToldHere) => void },
): { close: () => Promise<void> } {
  let client: pg.Client | null = null
  let timer: ReturnType<typeof setTimeout> | null = null
  let closed = false

  function lost(): void {
    client?.removeAllListeners()
    // What is still under way on it fails by itself; nobody asks for it any more.
    client?.on('error', () => undefined)
    void client?.end().catch(() => undefined)
    client = null
    if (closed) return
    tell.line(false)
    timer = setTimeout(() => void open(), AGAIN_MS)
  }

  async function open(): Promise<void> {
    const mine = new pg.Client({ connectionString: url, application_name: 'keen-anchor-live', keepAlive: true })
    client = mine
    mine.on('error', lost)
    mine.on('end', lost)
    mine.on('notification', ({ payload }) => {
      const one = read(payload)
      if (one) tell.told(one)
    })
    try {
      await mine.connect()
      await mine.query('listen keen_live')
      if (client === mine) tell.line(true)
    }
    catch {
      if (client === mine) lost()
    }
  }

  void open()
  return {
    async close() {
      closed = true
      if (timer) clearTimeout(timer)
      client?.removeAllListeners()
      await client?.end().catch(() => undefined)
      client = null
    },
  }
}
