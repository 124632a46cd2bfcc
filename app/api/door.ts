/** Longest a request waits for its answer. */
const PATIENCE_MS = 30_000

const underWay = new Set<AbortController>()
let shut = false

/** Thrown to whoever reads for a person who has left: there is nobody to tell. */
export class Left extends Error {
  constructor() {
    super('Signed out.')
    this.name = 'Left'
  }
}

/** Whoever was signed in leaves: what is being read for them is let go, and nothing further is asked. */
export function shutDoor(): void {
  shut = true
  for (const reader of underWay) reader.abort()
}

/** Somebody is there to read for. */
export function openDoor(): void {
  shut = false
}

/**
 * Runs a request that gives up in time, a read also when its person leaves.
 *
 * @throws Left when nobody is there (any more) to read for.
 */
export async function throughDoor<T>(isRead: boolean, request: (signal: AbortSignal) => Promise<T>): Promise<T> {
  if (isRead && shut) throw new Left()
  const reader = new AbortController()
  if (isRead) underWay.add(reader)
  const patience = setTimeout(() => reader.abort(), PATIENCE_MS)
  try {
    return await request(reader.signal)
  }
  catch (error) {
    if (isRead && shut) throw new Left()
    throw error
  }
  finally {
    clearTimeout(patience)
    underWay.delete(reader)
  }
}
