import type { SettingValues } from '../catalogue'
import type { Dose, Side } from '../dose'
import type { LiftId } from './lifts'

/** Where trunk work stands in a session. */
export const SLOTS = {
  activation: 'activation, before the lifts',
  paired: 'paired, between the sets',
  after: 'after the lifts',
  finisher: 'finisher',
} as const
export type Slot = keyof typeof SLOTS

export interface PlannedLift {
  readonly id: string
  readonly lift: LiftId
  readonly sets: number
  readonly reps: number
  readonly percent1Rm: number
}

/** One trunk drill in a session. */
export interface TrunkItem {
  readonly id: string
  readonly variationId: string
  readonly dose: Dose
  readonly slot: Slot
  /** Planned lift it is paired with; null in every other slot. */
  readonly pairedWith: string | null
  /** The weaker side's extra set. */
  readonly extraSetSide: Side | null
  readonly setting: SettingValues
  /** One line a coach would say aloud. */
  readonly why: string
  /** The coach wants it here: a new proposal leaves it where it is. */
  readonly kept?: true
}

export interface PlannedSession {
  readonly id: string
  /** 0 = Monday … 6 = Sunday. */
  readonly day: number
  /** Minutes there are. */
  readonly minutes: number
  readonly lifts: readonly PlannedLift[]
  /** In the order of doing, within each slot. */
  readonly items: readonly TrunkItem[]
}

export interface WeekPlan {
  readonly sessions: readonly PlannedSession[]
}
