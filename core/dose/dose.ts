import { DomainError } from '../errors'
import { tempoSeconds } from './tempo'

/** What a set is counted in. */
export const DOSE_UNITS = ['seconds', 'reps', 'breaths', 'metres', 'letters'] as const
export type DoseUnit = (typeof DOSE_UNITS)[number]

/** Sets x amount (per side for a one-sided drill), with tempo and rest in seconds. */
export interface Dose {
  readonly sets: number
  readonly amount: number
  readonly unit: DoseUnit
  /** Written eccentric-pause-concentric-pause; only for reps. */
  readonly tempo?: string
  readonly restS: number
}

export type Sides = 'both' | 'each'
export type Side = 'left' | 'right'

/** Seconds of one calm breath (common practice, no source). */
export const BREATH_S = 5
/** Seconds to trace one letter with straight arms (common practice, no source). */
export const LETTER_S = 2.5
/** Walking pace under load or in a crawl, metres per second (common practice, no source). */
export const PACE_M_PER_S = 0.8
/** Seconds of one repeat with no tempo written: two each way (common practice, no source). */
export const DEFAULT_REP_S = 4
/** Seconds to change from one drill to the next (common practice, no source). */
export const CHANGE_S = 20

/**
 * Checks a dose: 1-10 sets, 1-600 units, 0-600 s rest, tempo readable.
 *
 * @throws DomainError naming `sets`, `amount`, `restS` or `tempo`.
 * @example
 * checkDose({ sets: 3, amount: 10, unit: 'seconds', restS: 5 }) // => undefined
 */
export function checkDose(dose: Dose): void {
  if (!(Number.isInteger(dose.sets) && dose.sets >= 1 && dose.sets <= 10)) {
    throw new DomainError('sets', 'Sets go from 1 to 10.')
  }
  if (!(dose.amount >= 1 && dose.amount <= 600)) throw new DomainError('amount', 'The amount goes from 1 to 600.')
  if (!(dose.restS >= 0 && dose.restS <= 600)) throw new DomainError('restS', 'Rest goes from 0 to 600 seconds.')
  if (dose.tempo !== undefined) tempoSeconds(dose.tempo)
}

/**
 * Seconds under tension of one set on one side.
 * reps x tempo; breaths, letters and metres by the constants above.
 *
 * @throws DomainError `tempo` when a written tempo cannot be read.
 * @example
 * setSeconds({ sets: 3, amount: 5, unit: 'reps', tempo: '3-0-3-0', restS: 60 }) // => 30
 */
export function setSeconds(dose: Dose): number {
  return secondsOf(dose.amount, dose.unit, dose.tempo)
}

/**
 * Seconds that an amount of work takes, in any unit.
 *
 * @throws DomainError `tempo` when a written tempo cannot be read.
 * @example
 * secondsOf(6, 'breaths') // => 30
 */
export function secondsOf(amount: number, unit: DoseUnit, tempo?: string): number {
  switch (unit) {
    case 'seconds': return amount
    case 'reps': return amount * (tempo === undefined ? DEFAULT_REP_S : tempoSeconds(tempo))
    case 'breaths': return amount * BREATH_S
    case 'letters': return amount * LETTER_S
    case 'metres': return amount / PACE_M_PER_S
  }
}

/**
 * Sets actually done: each side for a one-sided drill, plus the weaker side's extra set.
 *
 * @example
 * setCount({ sets: 3, amount: 10, unit: 'seconds', restS: 5 }, 'each', 'left') // => 7
 */
export function setCount({ sets }: Pick<Dose, 'sets'>, sides: Sides, extraSetSide: Side | null = null): number {
  return sides === 'each' ? sets * 2 + (extraSetSide ? 1 : 0) : sets
}

/**
 * Time under tension of the whole dose, seconds.
 *
 * @throws DomainError `tempo` when a written tempo cannot be read.
 * @example
 * timeUnderTensionS({ sets: 3, amount: 10, unit: 'seconds', restS: 5 }, 'each') // => 60
 */
export function timeUnderTensionS(dose: Dose, sides: Sides, extraSetSide: Side | null = null): number {
  return setCount(dose, sides, extraSetSide) * setSeconds(dose)
}

/**
 * Seconds of the session the dose takes: work, rests between sets, one change of drill.
 * A one-sided drill rests once per round (left, right, rest); the extra set is a round of its own.
 *
 * @throws DomainError `tempo` when a written tempo cannot be read.
 * @example
 * doseSessionS({ sets: 2, amount: 30, unit: 'seconds', restS: 30 }, 'both') // => 110
 */
export function doseSessionS(dose: Dose, sides: Sides, extraSetSide: Side | null = null): number {
  const rounds = dose.sets + (sides === 'each' && extraSetSide ? 1 : 0)
  return Math.round(timeUnderTensionS(dose, sides, extraSetSide) + (rounds - 1) * dose.restS + CHANGE_S)
}

const UNIT_SHORT: Record<DoseUnit, string> = {
  seconds: ' s',
  reps: '',
  breaths: ' breaths',
  metres: ' m',
  letters: ' letters',
}

/**
 * An amount as a coach says it.
 *
 * @example
 * formatAmount(12, 'seconds') // => '12 s'
 */
export const formatAmount = (amount: number, unit: DoseUnit): string => `${amount}${UNIT_SHORT[unit]}`

/**
 * A dose as a coach writes it.
 *
 * @example
 * formatDose({ sets: 3, amount: 5, unit: 'reps', tempo: '3-0-3-0', restS: 60 }, 'each') // => '3 × 5 a side at 3-0-3-0'
 */
export function formatDose(dose: Dose, sides: Sides): string {
  const side = sides === 'each' ? ' a side' : ''
  const tempo = dose.tempo ? ` at ${dose.tempo}` : ''
  return `${dose.sets} × ${formatAmount(dose.amount, dose.unit)}${side}${tempo}`
}
