import type { Catalogue, Equipment, Rungs } from '../catalogue'
import type { DrillPain } from './pain'
import type { HealthMark } from './restrictions'

/** What decides whether an athlete may train a drill on one day: everything here is as it stands on that day. */
export interface Screen {
  /** The drills to choose from. */
  readonly catalogue: Catalogue
  /** What stands of flags after clearances. */
  readonly flags: readonly HealthMark[]
  readonly equipment: readonly Equipment[]
  /** Highest brace step reached, 1-7. */
  readonly braceStep: number
  /** Present rung on each branch of the ladders. */
  readonly rungs: Rungs
  /** Age in whole years, null when unknown. */
  readonly ageYears: number | null
  /** Body mass: what loads of gates are parts of; they are left out where it is not given. */
  readonly massKg?: number
  /** Drills that hurt and what was decided of them; none where not given. */
  readonly pain?: readonly DrillPain[]
  /** For whoever may not know what health takes away: the drills that are left. */
  readonly left?: readonly string[] | null
}
