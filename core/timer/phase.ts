import type { Side } from '../dose'

/** What a stretch of a timer is. */
export const PHASE_KINDS = ['ready', 'work', 'rest', 'open'] as const
export type PhaseKind = (typeof PHASE_KINDS)[number]

/** The set that is done in a phase: of which drill, which one, on which side. */
export interface PhaseSet {
  readonly id: string
  readonly setNumber: number
  readonly side: Side | null
}

/** A stretch of a timer during which one thing is done. */
export interface Phase {
  readonly kind: PhaseKind
  /** What to do, in one or two words. */
  readonly word: string
  /** Seconds; of an open one those that it will take about: whoever does it ends it. */
  readonly seconds: number
  /** Which repeat, breath, letter or hold, counted from 1, of how many; null where nothing is counted. */
  readonly count: { readonly at: number, readonly of: number } | null
  /** Name that is spoken when it begins; none for what is only counted. */
  readonly name?: string
  /** Where several drills follow one another. */
  readonly set?: PhaseSet
}

/** A phase with the second at which it begins. */
export interface Timed extends Phase {
  readonly from: number
}

/**
 * Phases one after another, from second 0 on; those without any time are left out.
 *
 * @example
 * inTime([{ kind: 'ready', word: 'ready', seconds: 3, count: null }, { kind: 'work', word: 'hold', seconds: 10, count: null }]).map(one => one.from) // => [0, 3]
 */
export function inTime(phases: readonly Phase[]): Timed[] {
  let from = 0
  return phases.filter(({ seconds }) => seconds > 0).map((phase) => {
    const timed = { ...phase, from }
    from += phase.seconds
    return timed
  })
}

/** Where a timer is. */
export interface TimerPlace {
  readonly phase: Timed
  readonly index: number
  /** Seconds of the phase that are left; below 0 for an open one that goes on. */
  readonly left: number
  readonly over: boolean
}

/**
 * The phase at a second. An open one lasts until it is ended; after the last one the timer is over.
 *
 * @returns null for a timer without phases
 * @example
 * placeAt(inTime([{ kind: 'work', word: 'hold', seconds: 10, count: null }]), 4).left // => 6
 */
export function placeAt(timed: readonly Timed[], atS: number): TimerPlace | null {
  const index = Math.max(0, timed.findIndex((one, i) =>
    one.kind === 'open' || i === timed.length - 1 || atS < one.from + one.seconds))
  const phase = timed[index]
  if (!phase) return null
  const left = phase.from + phase.seconds - atS
  return { phase, index, left, over: phase.kind !== 'open' && left <= 0 }
}
