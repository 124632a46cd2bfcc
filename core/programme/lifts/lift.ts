import type { ActionShares, Region } from '../../catalogue'
import type { RepProfile } from '../../dose'

/** One lift of the strength programme and what it asks of the trunk. */
export interface Lift {
  readonly name: string
  /** Part of the braced time that counts for each action, 0-1; together they are at most 1. */
  readonly shares: ActionShares
  /**
   * Loads the spine along its length or over a long lever: heavy sets forbid fatiguing trunk work before them. Every
   * lift that the low back limits is one.
   */
  readonly axial: boolean
  /** Regions that limit it: a drill that tires one of them is not paired with it. */
  readonly limits: readonly Region[]
  readonly rep: RepProfile
  readonly oneSided?: boolean
  /** What a set is counted in; `reps` of a planned lift are metres where it says so. */
  readonly counted?: 'metres'
  /** The drill that is the same movement: its main action is the lift's too. */
  readonly like?: string
}
