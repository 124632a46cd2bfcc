import { useRuntime } from '../utils/runtime'
import { listen, type ToldHere } from './listener'

/** Whoever looks on. */
interface Looker {
  /** Something changed that this person may know of. */
  readonly told: (one: ToldHere) => void
  /** Whether changes are heard of at all, now and whenever that changes. */
  readonly line: (there: boolean) => void
}

const lookers = new Set<Looker>()
let listener: ReturnType<typeof listen> | null = null
let there = false

/** Looks on until what is given back is called. The first one has the database listened to. */
export function lookOn(looker: Looker): () => void {
  lookers.add(looker)
  listener ??= listen(useRuntime().configuration.listenUrl, {
    line: (isThere) => {
      there = isThere
      for (const one of lookers) one.line(there)
    },
    told: (one) => { for (const looking of lookers) looking.told(one) },
  })
  if (there) looker.line(true)
  return () => lookers.delete(looker)
}

/** Nobody listens any more. */
export async function closeLive(): Promise<void> {
  await listener?.close()
  listener = null
  there = false
  lookers.clear()
}
