import { BREATH_S, DEFAULT_REP_S, LETTER_S, parseTempo, secondsOf, type Dose, type SetSlot } from '../dose'
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

/** Seconds to turn over to the other side within a cluster (common practice, no source). */
const TURN_S = 3

/**
 * The phases of one set, or of all sets that are left of a cluster: each part of a tempo, breaths in and out, letters
 * by name, holds with their short rests. Metres are open: who walks says when they are there.
 *
 * @param slots sets that are left, the present one first; only a cluster goes on to the next
 * @throws DomainError `tempo` when a written one cannot be read
 * @example
 * setPhases({ sets: 1, amount: 1, unit: 'reps', tempo: '3-1-2-0', restS: 60 }).map(({ word, seconds }) => [word, seconds]) // => [['ready', 5], ['out', 3], ['hold', 1], ['back', 2]]
 */
export function setPhases(dose: Dose, slots: readonly Slot[] = [], readyS = READY_S): Timed[] {
  return inTime([{ kind: 'ready', word: 'ready', seconds: readyS, count: null }, ...workOf(dose, slots)])
}

type Slot = Pick<SetSlot, 'side' | 'restAfter'>

function workOf(dose: Dose, slots: readonly Slot[]): Phase[] {
  const { amount, unit, tempo } = dose
  switch (unit) {
    case 'seconds':
      return isCluster(dose) && slots.length > 1 ? cluster(dose, slots) : [work('hold', amount)]
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

function cluster({ amount, restS }: Dose, slots: readonly Slot[]): Phase[] {
  return slots.flatMap(({ side, restAfter }, i): Phase[] => {
    const count = { at: i + 1, of: slots.length }
    const after = i === slots.length - 1 ? 0 : restAfter ? restS : TURN_S
    return [
      { ...work('hold', amount, count), ...(side ? { word: `hold, ${side}`, name: side } : {}) },
      { kind: 'rest', word: restAfter ? 'rest' : 'other side', seconds: after, count },
    ]
  })
}

/** Letters in their order, from A again after Z. */
const letterOf = (n: number): string => String.fromCharCode(65 + (n - 1) % 26)

/**
 * What was done by a second: how many whole holds of a cluster came before, and of the last set whole repeats, breaths
 * and letters, seconds, or metres by the part of the time that they take.
 *
 * @param timed as setPhases made it
 * @example
 * doneBy({ sets: 1, amount: 6, unit: 'reps', tempo: '3-0-3-0', restS: 60 }, setPhases({ sets: 1, amount: 6, unit: 'reps', tempo: '3-0-3-0', restS: 60 }), READY_S + 13) // => { whole: 0, amount: 2 }
 */
export function doneBy(
  dose: Dose, timed: readonly Timed[], atS: number,
): { readonly whole: number, readonly amount: number } {
  const { unit, tempo } = dose
  const worked = Math.max(0, atS - (timed.find(({ kind }) => kind !== 'ready')?.from ?? 0))
  if (unit === 'metres') {
    const amount = Math.round(dose.amount * worked / secondsOf(dose.amount, unit))
    return { whole: 0, amount: Math.min(dose.amount, amount) }
  }
  if (unit !== 'seconds')
    return { whole: 0, amount: Math.min(dose.amount, Math.floor(worked / secondsOf(1, unit, tempo) + 1e-6)) }
  const begun = timed.filter(({ kind, from }) => kind === 'work' && from <= atS)
  const last = begun.at(-1)
  if (!last) return { whole: 0, amount: 0 }
  // A stop in the rest after a hold is a stop after that hold; only the very last one may go on past its end.
  const isLast = last.count === null || last.count.at === last.count.of
  const seconds = Math.round(atS - last.from)
  return { whole: begun.length - 1, amount: isLast ? seconds : Math.min(dose.amount, seconds) }
}
