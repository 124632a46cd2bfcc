import type { Variation } from '../catalogue'
import type { PlanningContext } from '../programme/week/context'
import type { PlannedSession, TrunkItem, WeekPlan } from '../programme/week/week'

/** A drill at its place in a session. Nothing else of the session's trunk work matters to it. */
export interface PlaceAsked {
  readonly item: TrunkItem
  readonly variation: Variation
  readonly session: PlannedSession
  readonly context: PlanningContext
  /** Last week's plan; null where it is not known. */
  readonly before: WeekPlan | null
}

/** A session as a whole. */
export interface SessionAsked {
  readonly session: PlannedSession
  readonly context: PlanningContext
}

/** A week as a whole. */
export interface WeekAsked {
  readonly plan: WeekPlan
  readonly context: PlanningContext
}

/** A sentence, and where it belongs: an item, or a session as a whole. */
export interface BrokenAt {
  readonly sessionId: string
  readonly itemId: string | null
  readonly text: string
}

/**
 * Work that stands outside the search: at home, and the stations of a circuit, are the coach's own.
 *
 * @example
 * isFixed({ ...item, slot: 'home' }) // => true
 */
export function isFixed({ slot, circuit }: Pick<TrunkItem, 'slot' | 'circuit'>): boolean {
  return slot === 'home' || circuit !== undefined
}

/**
 * Before the lifts: waking up may be the same every time, it is no work that is to change.
 *
 * @example
 * isWakingUp({ slot: 'activation' }) // => true
 */
export const isWakingUp = ({ slot }: Pick<TrunkItem, 'slot'>): boolean => slot === 'activation'
