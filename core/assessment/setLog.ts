import type { SettingValues } from '../catalogue'
import { secondsOf, type Dose, type Side } from '../dose'
import type { IsoDay } from '../calendar'

/** What broke first and so ended the set. The same 30 s can be trunk, shoulder, hip flexor, grip or breath. */
export const BREAK_POINTS = {
  none: 'Nothing: target reached in form',
  lowBack: 'Low back moved',
  trunk: 'Trunk gave out',
  hipsTurned: 'Hips turned',
  shoulder: 'Shoulder gave out',
  hipFlexors: 'Hip flexors took over',
  grip: 'Grip gave out',
  neck: 'Neck led',
  breath: 'Breath stuck',
  balance: 'Lost balance',
  pain: 'Pain',
} as const
export type BreakPoint = keyof typeof BREAK_POINTS

/** Where the work, or the pain, was felt. */
export const BODY_PLACES = {
  abdomen: 'Front of the belly',
  sides: 'Sides',
  lowBack: 'Low back',
  upperBack: 'Upper back',
  shoulders: 'Shoulders',
  arms: 'Arms and grip',
  hipFlexors: 'Front of the hips',
  glutes: 'Seat',
  legs: 'Legs',
  neck: 'Neck',
} as const
export type BodyPlace = keyof typeof BODY_PLACES

/** One set as it happened, judged by form and not by the clock. */
export interface SetLog {
  readonly prescribedItemId: string
  readonly variationId: string
  readonly day: IsoDay
  readonly setNumber: number
  /** Null for a drill done with both sides at once. */
  readonly side: Side | null
  /** Amount in the dose's unit until form broke. */
  readonly amount: number
  readonly unit: Dose['unit']
  readonly tempo: string | null
  readonly breakPoint: BreakPoint
  readonly setting: SettingValues
  readonly feltAt: readonly BodyPlace[]
  /** 0-10. */
  readonly effort: number | null
  readonly painAt: BodyPlace | null
  /** How good its repeats were against the athlete's own best one, 1-10, by a coach's eye; left out: nobody scored. */
  readonly quality?: number | null
}

/**
 * Seconds under tension of a logged set.
 *
 * @throws DomainError `tempo` when a written tempo cannot be read.
 * @example
 * loggedSeconds({ amount: 5, unit: 'reps', tempo: '3-0-3-0' }) // => 30
 */
export function loggedSeconds(log: Pick<SetLog, 'amount' | 'unit' | 'tempo'>): number {
  return secondsOf(log.amount, log.unit, log.tempo ?? undefined)
}
