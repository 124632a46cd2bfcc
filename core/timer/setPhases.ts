import { BREATH_S, DEFAULT_REP_S, LETTER_S, parseTempo, secondsOf, type Dose } from '../dose'
import { inTime, type Phase, type Timed } from './phase'

/** Seconds between the key and the first one that counts: to lie down again, to take hold. */
export const READY_S = 5
/** A breath in and a breath out, of BREATH_S (longer out than in; common practice, no source). */
const BREATH_IN_S = 2
/** Holds with no more rest than this are done in one go (common practice, no source). */
export const CLUSTER_REST_S = 10

/**
 * Whether the sets of a dose are one cluster: short holds with short rests that run through without a key.
 *
 * @example
 * isCluster({ sets: 5, amount: 10, unit: 'seconds', restS: 5 }) // => true
 */
export function isCluster({ sets, unit, restS }: Dose): boolean {
  return sets > 1 && unit === 'seconds' && restS > 0 && restS <= CLUSTER_REST_S
}

/**
 * The phases of one set on one side, or of all that are left of a cluster: each part of a tempo, breaths in and out,
 * letters by name, holds with their short rests. Metres are open: who walks says when they are there.
 *
 * @param setsLeft how many of a cluster are left, the present one with them
 * @throws DomainError `tempo` when a written one cannot be read
 * @example
 * setPhases({ sets: 1, amount: 1, unit: 'reps', tempo: '3-1-2-0', restS: 60 }).map(({ word, seconds }) => [word, seconds]) // => [['ready', 5], ['out', 3], ['hold', 1], ['back', 2]]
 */
export function setPhases(dose: Dose, setsLeft = 1, readyS = READY_S): Timed[] {
  return inTime([{ kind: 'ready', word: 'ready', seconds: readyS, count: null }, ...workOf(dose, setsLeft)])
}

function workOf(dose: Dose, setsLeft: number): Phase[] {
  const { amount, unit, tempo, restS } = dose
  switch (unit) {
    case 'seconds':
      return isCluster(dose) ? cluster(amount, restS, setsLeft) : [work('hold', amount)]
    case 'reps':
      return each(amount, count => repOf(tempo, count))
    case 'breaths':
      return each(amount, count => [work('in', BREATH_IN_S, count), work('out', BREATH_S - BREATH_IN_S, count)])
    case 'letters':
      return each(amount, count => [{ ...work('trace', LETTER_S, count), name: letterOf(count.at) }])
    case 'metres':
      return [{ kind: 'open', word: 'walk', seconds: secondsOf(amount, unit), count: null }]
  }
}

type Count = NonNullable<Phase['count']>
const work = (word: string, seconds: number, count: Count | null = null): Phase =>
  ({ kind: 'work', word, seconds, count })
const each = (amount: number, of: (count: Count) => readonly Phase[]): Phase[] =>
  Array.from({ length: Math.round(amount) }, (_, i) => of({ at: i + 1, of: Math.round(amount) })).flat()

function repOf(tempo: string | undefined, count: Count): Phase[] {
  if (tempo === undefined) return [work('out', DEFAULT_REP_S / 2, count), work('back', DEFAULT_REP_S / 2, count)]
  const { loweringS, bottomS, raisingS, topS } = parseTempo(tempo)
  return [work('out', loweringS, count), work('hold', bottomS, count), work('back', raisingS, count),
    work('pause', topS, count)]
}

function cluster(seconds: number, restS: number, sets: number): Phase[] {
  return each(sets, count => [
    work('hold', seconds, count),
    ...(count.at < count.of ? [{ kind: 'rest', word: 'rest', seconds: restS, count } as const] : []),
  ])
}

/** Letters in their order, from A again after Z. */
const letterOf = (n: number): string => String.fromCharCode(65 + (n - 1) % 26)

/**
 * What of a set was done by a second: whole repeats, breaths and letters, seconds of the present hold, metres by the
 * part of the time that they take.
 *
 * @example
 * doneAt({ sets: 1, amount: 6, unit: 'reps', tempo: '3-0-3-0', restS: 60 }, READY_S + 13) // => 2
 */
export function doneAt(dose: Dose, atS: number, readyS = READY_S): number {
  const worked = Math.max(0, atS - readyS)
  if (dose.unit === 'metres')
    return Math.min(dose.amount, Math.round(dose.amount * worked / secondsOf(dose.amount, 'metres')))
  if (dose.unit === 'seconds') return Math.round(isCluster(dose) ? worked % (dose.amount + dose.restS) : worked)
  return Math.min(dose.amount, Math.floor(worked / secondsOf(1, dose.unit, dose.tempo) + 1e-6))
}
