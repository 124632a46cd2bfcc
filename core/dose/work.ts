import { DomainError } from '../errors'
import {
  checkDose, secondsOf, setSeconds, timeUnderTensionS, type Dose, type DoseUnit, type Side, type Sides,
} from './dose'

/**
 * A dose in another unit, or in sets of another size, that holds as long in all: the same time under tension.
 * Sets are rounded to the nearest whole one, at least one; the amount of each is kept.
 *
 * @throws DomainError as `checkDose`, or `amount` when the other set would last no time.
 * @example
 * sameWork({ sets: 2, amount: 30, unit: 'seconds', restS: 30 }, { amount: 10, unit: 'seconds', restS: 5 }).sets // => 6
 */
export function sameWork(dose: Dose, as: { amount: number, unit: DoseUnit, tempo?: string, restS: number }): Dose {
  checkDose(dose)
  const oneS = secondsOf(as.amount, as.unit, as.tempo)
  if (!(oneS > 0)) throw new DomainError('amount', 'A set must last some time.')
  const sets = Math.min(10, Math.max(1, Math.round(dose.sets * setSeconds(dose) / oneS)))
  return { sets, ...as }
}

/**
 * Moment held over time, N·m·s: what a position asks, times how long, over all sets and sides.
 *
 * @example
 * momentTime({ sets: 3, amount: 10, unit: 'seconds', restS: 5 }, 'both', 120) // => 3600
 */
export function momentTime(dose: Dose, sides: Sides, momentNm: number, extraSetSide: Side | null = null): number {
  return timeUnderTensionS(dose, sides, extraSetSide) * Math.abs(momentNm)
}

const STEPS: readonly (readonly [number, string])[] = [
  [1.9, 'twice as much as'], [1.45, 'half as much again as'], [1.28, 'a third more than'],
  [1.18, 'a quarter more than'], [1.06, 'a little more than'], [0.94, 'as much as'], [0.85, 'a little less than'],
  [0.70, 'a quarter less than'], [0.58, 'a third less than'],
  [0.40, 'half as much as'],
]

/**
 * How one amount of work stands to another, as a coach says it aloud.
 *
 * @param before what it is compared with, for example "last Thursday"
 * @throws DomainError `before` amount that is not above zero.
 * @example
 * workInWords(80, 60, 'last Thursday') // => 'a third more than last Thursday'
 */
export function workInWords(now: number, then: number, before: string): string {
  if (!(then > 0)) throw new DomainError('then', 'There is nothing to compare with.')
  if (!(now >= 0)) throw new DomainError('now', 'Work is zero or more.')
  const ratio = now / then
  if (ratio >= 2.4) return `${Math.round(ratio * 2) / 2} times ${before}`
  return `${STEPS.find(([from]) => ratio >= from)?.[1] ?? 'much less than'} ${before}`
}
