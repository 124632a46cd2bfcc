import type { IsoDay } from '../calendar'
import { FLAGS, type Flag, type FlagId } from './flags'
import { isEased, type EasedFlag, type HealthMark } from './restrictions'

/** In what role somebody may clear: a clinician's, never a coach's or the athlete's own. */
export const CLEARING_ROLES = {
  doctor: 'doctor',
  specialist: 'specialist',
  physiotherapist: 'physiotherapist',
  midwife: 'midwife',
  clinician: 'another clinician',
} as const
export type ClearingRole = keyof typeof CLEARING_ROLES

/** How much a clearance lifts. */
export const CLEARANCE_EXTENTS = {
  training: 'training within what the flag takes away',
  breath: 'that, and breath-holding and belly pressure',
  all: 'the whole flag',
} as const
export type ClearanceExtent = keyof typeof CLEARANCE_EXTENTS

/** A clinician's word on a flag: what it lifts, who gave it in what role, and how long it stands. */
export interface Clearance {
  readonly id: string
  readonly flag: FlagId
  readonly extent: ClearanceExtent
  readonly givenBy: string
  readonly role: ClearingRole
  readonly from: IsoDay
  /** Last day it stands; null: until it is withdrawn. */
  readonly until: IsoDay | null
  readonly note: string
}

/**
 * Since when each flag stands: its day, and the moment it was raised. Flags from before this was kept have no entry.
 */
export type Raised = Readonly<Partial<Record<FlagId, { readonly day: IsoDay, readonly at: string }>>>

const stands = ({ from, until }: Clearance, day: IsoDay): boolean => from <= day && (until === null || day <= until)

/**
 * Extents that mean something for a flag: a red one is cleared wholly or not at all, breath only where the flag speaks
 * of it.
 *
 * @example
 * extentsFor('chestPain') // => ['all']
 */
export function extentsFor(id: FlagId): ClearanceExtent[] {
  const { kind, clearanceFirst, noBreathHold }: Flag = FLAGS[id]
  if (kind === 'red') return ['all']
  return [...(clearanceFirst ? ['training' as const] : []), ...(noBreathHold ? ['breath' as const] : []), 'all']
}

/**
 * What is left of some flags on a day, after the clearances that stand on it: a flag that is wholly cleared goes; of
 * one cleared for training or for breath-holding the rest stays. A flag does not stand on days before it was raised.
 *
 * @example
 * effectiveMarks(['herniaSurgery'], [{ id: 'c', flag: 'herniaSurgery', extent: 'breath', givenBy: 'x', role: 'doctor', from: '2026-01-01', until: null, note: '' }], '2026-03-01') // => ['herniaSurgery~breath']
 */
export function effectiveMarks(
  flags: readonly HealthMark[], clearances: readonly Clearance[], day: IsoDay, raised: Raised = {},
): HealthMark[] {
  return flags.flatMap((flag): HealthMark[] => {
    const since = raised[flag as FlagId]
    if (since && day < since.day) return []
    const own = clearances.filter(c => c.flag === flag && stands(c, day)).map(c => c.extent)
    if (own.includes('all')) return []
    if (own.length === 0 || !(flag in FLAGS) || isEased(flag) || FLAGS[flag as FlagId].kind === 'red') return [flag]
    return [`${flag as FlagId}~${own.includes('breath') ? 'breath' : 'training'}` as EasedFlag]
  })
}

/**
 * Clearances that outlast a change of the flags: a word on a complaint ends with it, and never covers the next one.
 *
 * @example
 * clearancesOf([], ['wrist']) // => []
 */
export function clearancesOf(clearances: readonly Clearance[], flags: readonly HealthMark[]): Clearance[] {
  return clearances.filter(({ flag }) => flags.includes(flag))
}

/**
 * Clearances that end by a day, or have ended without a new one: each flag once, with its latest end.
 *
 * @example
 * endingClearances([], '2026-03-01') // => []
 */
export function endingClearances(clearances: readonly Clearance[], by: IsoDay): Clearance[] {
  const latest = new Map<string, Clearance>()
  for (const one of clearances) {
    const before = latest.get(one.flag)
    if (!before || (before.until !== null && (one.until === null || one.until > before.until)))
      latest.set(one.flag, one)
  }
  return [...latest.values()].filter(c => c.until !== null && c.until <= by)
}
