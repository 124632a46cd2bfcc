import { FAST_LIFTS } from './fast'
import { HINGES } from './hinges'
import type { Lift } from './lift'
import { PRESSES } from './presses'
import { PULLS } from './pulls'
import { SQUATS } from './squats'
import { WALKS } from './walks'

export type { Lift } from './lift'

/** Lifts with their trunk shares: our own estimates in the order of common practice, no source. */
export const LIFTS = { ...SQUATS, ...HINGES, ...PRESSES, ...PULLS, ...FAST_LIFTS, ...WALKS } as const

export type LiftId = keyof typeof LIFTS

/** Every lift id, in the order lists show them. */
export const LIFT_IDS = Object.keys(LIFTS) as LiftId[]

/**
 * The facts of a lift.
 *
 * @example
 * liftFacts('backSquat').axial // => true
 */
export function liftFacts(id: LiftId): Lift {
  return LIFTS[id]
}

/**
 * Sets and repeats as a coach writes them; metres where the lift goes some way.
 *
 * @example
 * liftDose({ lift: 'farmersWalk', sets: 3, reps: 30 }) // => '3×30 m'
 */
export function liftDose({ lift, sets, reps }: { lift: LiftId, sets: number, reps: number }): string {
  return `${sets}×${reps}${liftFacts(lift).counted ? ' m' : ''}`
}

/** The most repeats, and the most metres, a set of a lift may have. */
const MOST = { reps: 30, metres: 100 } as const

/**
 * The most a set of a lift may have of what it is counted in.
 *
 * @example
 * liftAmountMost('backSquat') // => 30
 */
export function liftAmountMost(id: LiftId): number {
  return MOST[liftFacts(id).counted ?? 'reps']
}
