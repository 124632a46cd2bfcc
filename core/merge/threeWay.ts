/** Values by field; a field that is absent was never there or was taken out. */
export type Fields = Readonly<Record<string, unknown>>

/** Which of two values a person chose for a field. */
export type Choices = Readonly<Record<string, 'mine' | 'theirs'>>

/** What two writers made of one record. */
export interface ThreeWay {
  readonly merged: Record<string, unknown>
  /** Fields that both changed, differently. Until chosen, mine stands. */
  readonly conflicts: readonly string[]
  /** Fields that only the other writer changed. */
  readonly theirs: readonly string[]
}

/**
 * Three-way merge of flat records: what one writer changed is taken, what both changed alike is taken,
 * what both changed differently is a conflict that waits for a choice and keeps mine meanwhile.
 *
 * @param base what both started from
 * @example
 * threeWay({ a: 1, b: 1 }, { a: 2, b: 1 }, { a: 1, b: 3 }).merged // => { a: 2, b: 3 }
 */
export function threeWay(base: Fields, mine: Fields, theirs: Fields, choices: Choices = {}): ThreeWay {
  const merged: Record<string, unknown> = {}
  const conflicts: string[] = []
  const onlyTheirs: string[] = []
  const keys = [...new Set([...Object.keys(mine), ...Object.keys(theirs), ...Object.keys(base)])]
  for (const key of keys) {
    const [was, own, other] = [base[key], mine[key], theirs[key]]
    const isConflict = !same(own, other) && !same(own, was) && !same(other, was)
    if (isConflict) conflicts.push(key)
    if (same(own, was) && !same(other, was)) onlyTheirs.push(key)
    const takeOther = isConflict ? choices[key] === 'theirs' : same(own, was)
    const value = takeOther ? other : own
    if (value !== undefined) merged[key] = value
  }
  return { merged, conflicts, theirs: onlyTheirs }
}

/**
 * Whether two plain values are the same, whatever the order of their keys.
 *
 * @example
 * same({ a: 1, b: [2] }, { b: [2], a: 1 }) // => true
 */
export function same(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false
  if (Array.isArray(a) !== Array.isArray(b)) return false
  const [left, right] = [a as Record<string, unknown>, b as Record<string, unknown>]
  const keys = new Set([...Object.keys(left), ...Object.keys(right)])
  return [...keys].every(key => same(left[key], right[key]))
}
