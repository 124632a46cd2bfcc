import type { SetLog } from '../assessment'
import { daysBetween, type IsoDay } from '../calendar'
import type { Evidence } from '../capacity'
import type { PlannedLift, PlanningContext, PrescribedWork } from '../programme'

/** How hard a session was as a whole, told once at its end. */
export interface SessionEffort {
  readonly day: IsoDay
  /** 0-10. */
  readonly effort: number
  readonly minutes: number
}

/** One look back holds two years at most. */
const MOST_DAYS = 731

/**
 * Why a span cannot be looked back on; null where it can.
 *
 * @example
 * spanProblem('2026-03-08', '2026-03-02') // => 'A look back ends after it begins, within two years.'
 */
export function spanProblem(from: IsoDay, to: IsoDay): string | null {
  const days = daysBetween(from, to)
  return days < 0 || days > MOST_DAYS ? 'A look back ends after it begins, within two years.' : null
}

/** Everything that a look back on one athlete rests on. */
export interface ReviewRequest {
  /** The athlete as known at the end: full sets are reckoned by it. */
  readonly context: PlanningContext
  readonly evidence: Evidence
  readonly prescribed: readonly PrescribedWork[]
  readonly logs: readonly SetLog[]
  readonly sessions: readonly { readonly day: IsoDay, readonly lifts: readonly PlannedLift[] }[]
  readonly efforts: readonly SessionEffort[]
  /** First and last day. */
  readonly from: IsoDay
  readonly to: IsoDay
}
