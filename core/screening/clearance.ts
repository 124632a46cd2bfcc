import type { IsoDay } from '../calendar'
import { FLAGS, type Flag, type FlagId } from './flags'
import { restrictionsOf, type HealthMark } from './restrictions'

/** A clinician's word on a flag: what it lifts, who gave it, and how long it stands. */
export interface Clearance {
  readonly id: string
  readonly flag: FlagId
  /** The whole flag, or only what it says about breath-holding and belly pressure. */
  readonly extent: 'all' | 'breath'
  readonly givenBy: string
  readonly from: IsoDay
  /** Last day it stands; null: until it is withdrawn. */
  readonly until: IsoDay | null
  readonly note: string
}

const stands = ({ from, until }: Clearance, day: IsoDay): boolean => from <= day && (until === null || day <= until)

/**
 * What is left of some flags on a day after the clearances that stand on it: a flag that is wholly cleared goes; of one cleared
 * for breath-holding only its other consequences stay.
 *
 * @example
 * effectiveMarks(['herniaSurgery'], [{ id: 'c', flag: 'herniaSurgery', extent: 'breath', givenBy: 'x', from: '2026-01-01', until: null, note: '' }], '2026-03-01') // => ['no:loadedFlexion', 'no:ballistic']
 */
export function effectiveMarks(flags: readonly HealthMark[], clearances: readonly Clearance[], day: IsoDay): HealthMark[] {
  return flags.flatMap((flag): HealthMark[] => {
    const own = clearances.filter(c => c.flag === flag && stands(c, day))
    if (own.some(c => c.extent === 'all')) return []
    if (own.length === 0 || (FLAGS[flag as FlagId] as Flag).kind === 'red') return [flag]
    return restrictionsOf([flag]).filter(mark => mark !== 'noBreathHold' && mark !== 'no:pressureRise')
  })
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
    if (!before || (before.until !== null && (one.until === null || one.until > before.until))) latest.set(one.flag, one)
  }
  return [...latest.values()].filter(c => c.until !== null && c.until <= by)
}
