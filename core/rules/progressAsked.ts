import type { DrillSession } from '../assessment/drillSessions'
import type { Variation } from '../catalogue'

/** A drill and the sessions in which it was done, oldest first: what the rules of progress look at. */
export interface ProgressAsked {
  readonly variation: Variation
  readonly sessions: readonly DrillSession[]
  /** Body mass: gates hold at a part of it. */
  readonly massKg: number | null
}
