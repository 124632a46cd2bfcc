import type { SetLog } from '../assessment'
import type { IsoDay } from '../calendar'
import type { Evidence } from '../capacity'
import type { PlannedLift, PlanningContext, PrescribedWork } from '../programme'

/** How hard a session was as a whole, told once at its end. */
export interface SessionEffort {
  readonly day: IsoDay
  /** 0-10. */
  readonly effort: number
  readonly minutes: number
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
