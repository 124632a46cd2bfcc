import { DEFAULT_REP_S, parseTempo, secondsOf, type DoseUnit } from '../dose'

/** One set as it is done or planned: amount in its unit, tempo of a repeat. */
export interface SetDone {
  readonly unit: DoseUnit
  readonly amount: number
  readonly tempo?: string | null
}

/** Share of a way between five positions spent near each: half a step at the ends. */
const SPENT = [0.125, 0.25, 0.25, 0.25, 0.125]

/**
 * Seconds that a set spends near each position of a repeat, from its easy end to its hard one. The ways there and back
 * are even; of the two pauses the longer is the hold at the hard end (a repeat rests where it is easy).
 *
 * @param positions one: a hold, or what asks the same all the way
 * @throws DomainError `tempo` when it cannot be read.
 * @example
 * secondsAlong({ unit: 'reps', amount: 2, tempo: '3-1-3-0' }, 5) // => [1.5, 3, 3, 3, 3.5]
 */
export function secondsAlong({ unit, amount, tempo }: SetDone, positions: number): number[] {
  const written = tempo ?? undefined
  if (positions < 2 || unit !== 'reps') {
    const all = secondsOf(amount, unit, written)
    // Letters, breaths and metres of a drill with a path are done at its hard end.
    return positions < 2 ? [all] : [...Array<number>(positions - 1).fill(0), all]
  }
  const { loweringS, bottomS, raisingS, topS } = written === undefined
    ? { loweringS: DEFAULT_REP_S / 2, bottomS: 0, raisingS: DEFAULT_REP_S / 2, topS: 0 }
    : parseTempo(written)
  const way = loweringS + raisingS
  const spent = SPENT.map(share => share * way * amount)
  const [first = 0, last = 0] = [spent[0], spent.at(-1)]
  spent[0] = first + Math.min(bottomS, topS) * amount
  spent[spent.length - 1] = last + Math.max(bottomS, topS) * amount
  return spent
}
