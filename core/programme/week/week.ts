import type { SettingValues } from '../../catalogue'
import type { Dose, Side } from '../../dose'
import type { LiftId } from '../lifts/lifts'

/** Where trunk work stands in a session. */
export const SLOTS = {
  activation: 'activation, before the lifts',
  paired: 'paired, between the sets',
  inside: 'inside the lift',
  after: 'after the lifts',
  finisher: 'finisher',
  home: 'at home',
} as const
export type Slot = keyof typeof SLOTS

const WITHOUT_LIFTS: Readonly<Partial<Record<Slot, string>>> = {
  activation: 'first, to wake up', after: 'the day’s work',
}

/**
 * Where a slot of a session is, in words: without lifts nothing comes before or after them.
 *
 * @example
 * slotText('after', { lifts: [] }) // => 'the day’s work'
 */
export function slotText(slot: Slot, { lifts }: { readonly lifts: readonly unknown[] }): string {
  return (lifts.length === 0 ? WITHOUT_LIFTS[slot] : undefined) ?? SLOTS[slot]
}

export interface PlannedLift {
  readonly id: string
  readonly lift: LiftId
  readonly sets: number
  /** Repeats; metres where the lift is counted in them. */
  readonly reps: number
  readonly percent1Rm: number
}

/** One trunk drill in a session. */
export interface TrunkItem {
  readonly id: string
  readonly variationId: string
  readonly dose: Dose
  readonly slot: Slot
  /** Planned lift it is paired with or done inside of; null in every other slot. */
  readonly pairedWith: string | null
  /** The weaker side's extra set. */
  readonly extraSetSide: Side | null
  readonly setting: SettingValues
  /** One line a coach would say aloud. */
  readonly why: string
  /** The coach wants it here: a new proposal leaves it where it is. */
  readonly kept?: true
  readonly note?: string
  /** Circuit of the session it is a station of. */
  readonly circuit?: string
  /** It is no station: it is done in the rests between the rounds. */
  readonly between?: true
  /** Drills of the second and later sets of a station, each with what to fall back on. */
  readonly rounds?: readonly { readonly variationId: string, readonly fallbackId: string | null }[]
}

/** A round of stations, done again and again: blocks of hold, move, turn and balance. */
export interface Circuit {
  readonly id: string
  readonly rounds: number
  /** How often in a row each station is done; once where it is not given. */
  readonly times?: number
  readonly workS: number
  readonly restS: number
  readonly roundRestS: number
  /** One-sided drills split the time between sides, or give each side its own. */
  readonly sides: 'split' | 'own'
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
  /** General warm-up and mobility before everything, and stretch and quiet breath after it; none where not given. */
  readonly warmUpMinutes?: number
  readonly coolDownMinutes?: number
  readonly circuits?: readonly Circuit[]
  readonly note?: string
  /** False: nobody watches. */
  readonly supervised?: boolean
}

export interface WeekPlan {
  readonly sessions: readonly PlannedSession[]
}
