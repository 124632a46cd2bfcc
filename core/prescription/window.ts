import type { SchoolId } from '../catalogue'
import { AMOUNT_STEP, type DoseUnit } from '../dose'

/** Least and most. */
export type Between = readonly [least: number, most: number]

/** Where a set is to land: how far towards the limit, how heavy, how long, and how many of them. */
export interface EffortWindow {
  readonly effort: Between
  /** What is aimed at inside it. */
  readonly aim: number
  /** No set is planned further than this. */
  readonly limit: number
  readonly r: Between
  readonly amount: Readonly<Partial<Record<DoseUnit, Between>>>
  readonly sets: Between
}

/** Nothing is planned further towards the limit, and no set that goes less far is work. */
export const EFFORT_LIMITS: Between = [0.3, 0.85]
/** Under an amber flag no set goes further. */
export const AMBER_EFFORT = 0.6
/** What a set may hold of each unit, whatever the school (common practice, no source). */
export const USUAL_AMOUNTS: Readonly<Record<DoseUnit, Between>> = {
  seconds: [8, 60], reps: [3, 12], breaths: [3, 12], metres: [10, 60], letters: [3, 26],
}

/**
 * Amounts a set may be given by hand, in steps, least first; what it has now is one of them.
 *
 * @example
 * amountsAlong('metres', 12).slice(0, 3) // => [10, 12, 15]
 */
export function amountsAlong(unit: DoseUnit, now: number): number[] {
  const [least, most] = USUAL_AMOUNTS[unit]
  const by = AMOUNT_STEP[unit]
  const from = Math.ceil(least / by)
  const steps = Array.from({ length: Math.floor(most / by) - from + 1 }, (_, i) => (from + i) * by)
  return [...new Set([...steps, now])].sort((a, b) => a - b)
}

type SchoolWindow = Omit<EffortWindow, 'limit'>

const USUAL: SchoolWindow = { effort: [0.45, 0.75], aim: 0.6, r: [0.4, 0.85], amount: {}, sets: [2, 5] }

/** Windows by school: our own, in the direction of common practice, no source. */
const SCHOOL_WINDOWS: Readonly<Record<SchoolId, SchoolWindow>> = {
  stiffnessFirst: {
    effort: [0.3, 0.6], aim: 0.4, r: [0.5, 0.85], amount: { seconds: [10, 15], reps: [4, 8] }, sets: [3, 5],
  },
  highTension: {
    effort: [0.4, 0.75], aim: 0.55, r: [0.6, 0.85], amount: { seconds: [8, 15], reps: [3, 5] }, sets: [3, 5],
  },
  bodyLine: { ...USUAL, amount: { seconds: [15, 60], reps: [6, 12] } },
  intervalCircuit: {
    effort: [0.3, 0.75], aim: 0.5, r: [0.3, 0.7], amount: { seconds: [30, 30], reps: [6, 12] }, sets: [2, 3],
  },
  rotationalPower: { ...USUAL, amount: { seconds: [10, 30], reps: [4, 8] } },
  liftIntegrated: { ...USUAL, sets: [2, 3] },
}

/** A taper keeps how hard a set is and gives fewer of them. */
const FEWER: Between = [2, 3]

/**
 * The window of a school, narrowed where an amber flag or a taper asks for it.
 *
 * @param school null: the usual one
 * @example
 * windowOf(null, false).effort // => [0.45, 0.75]
 */
export function windowOf(school: SchoolId | null, amber: boolean, taper = false): EffortWindow {
  const usual = { ...school === null ? USUAL : SCHOOL_WINDOWS[school], limit: EFFORT_LIMITS[1] }
  const found = taper ? { ...usual, sets: FEWER } : usual
  if (!amber) return found
  const most = Math.min(found.effort[1], AMBER_EFFORT)
  return {
    ...found, limit: AMBER_EFFORT, effort: [Math.min(found.effort[0], most - 0.1), most],
    aim: Math.min(found.aim, most - 0.1),
  }
}
