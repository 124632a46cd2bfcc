import type { CapacityId } from '~~/core/capacity'
import type { PhaseId } from '~~/core/policy'
import type { AskedDone, PerPlane, Review } from '~~/core/review'
import type { Competition } from './athlete'

/** A look back on one athlete, with what stood over it. */
export interface AthleteReview {
  readonly athlete: { readonly id: string, readonly name: string, readonly groupIds: readonly string[] }
  readonly review: Review
  /** Phase of each week of the review; null outside every season. */
  readonly phases: readonly (PhaseId | null)[]
  readonly competitions: readonly Competition[]
}

/** A link by which a report is read without signing in. */
export interface ReportLink {
  readonly id: string
  /** In plain words, or with numbers. */
  readonly kind: 'athlete' | 'staff'
  readonly from: string
  readonly to: string
  readonly createdAt: string
  readonly expiresAt: string
  readonly revoked: boolean
  readonly readAt: string | null
}

export interface ReportLinkInput extends Pick<ReportLink, 'id' | 'kind' | 'from' | 'to'> {
  /** Days until it expires. */
  readonly days: number
}

/** The secret address is shown this once. */
export interface NewReportLink {
  readonly links: readonly ReportLink[]
  readonly url: string
}

/** What a link opens. */
export interface SharedReport extends AthleteReview, Pick<ReportLink, 'kind' | 'expiresAt'> {
  readonly centre: string
}

/** What takes a while to reckon of a week, by what was known when it was over. */
export interface WeekReckoned {
  readonly fullSets: AskedDone<PerPlane>
  /** N·m. */
  readonly capacities: Readonly<Record<CapacityId, number>>
}

/** What a week of training came to. */
export interface WeekSum {
  readonly startsOn: string
  readonly planned: number
  /** Planned sets that were done. */
  readonly met: number
  readonly done: number
  readonly hurt: number
  /** Session effort x minutes; null where nobody told of it. */
  readonly load: number | null
  /** Null until it is reckoned. */
  readonly reckoned: WeekReckoned | null
}

/** Weeks of an athlete, oldest first. */
export interface WeekSeries {
  readonly weeks: readonly WeekSum[]
  /** Weeks whose full sets are still to be reckoned: asked again, there are fewer. */
  readonly left: number
}
