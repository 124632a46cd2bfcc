import { createHash } from 'node:crypto'

/** What was made last, by what it was made from: the same evidence is asked for many times a day. */
export function memory<T>(most: number): (source: unknown, make: () => T) => T {
  const known = new Map<string, T>()
  return (source, make) => {
    const key = createHash('sha256').update(JSON.stringify(source)).digest('base64')
    const found = known.get(key) ?? make()
    known.delete(key)
    known.set(key, found)
    const [oldest] = known.keys()
    if (known.size > most && oldest !== undefined) known.delete(oldest)
    // What failed is made again.
    if (found instanceof Promise) found.catch(() => known.delete(key))
    return found
  }
}
