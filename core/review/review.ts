import { compareSides, type BodyPlace, type BreakPoint, type SideComparison } from '../assessment'
import type { IsoDay } from '../calendar'
import type { CapacityId } from '../capacity'
import { capacityLines, type CapacityPoint } from './capacityLine'
import { brokeFirst, feltWhere, type Counted } from './ended'
import { loadWeeks, type LoadWeek } from './loads'
import { movesOf, type Move } from './moved'
import type { ReviewRequest } from './request'
import { mondaysBetween, reviewWeeks, type ReviewWeek } from './weeks'

/** A look back on one athlete: what the trunk can hold, what was asked, what came of it. */
export interface Review {
  readonly from: IsoDay
  readonly to: IsoDay
  readonly mondays: readonly IsoDay[]
  readonly capacities: Readonly<Record<CapacityId, readonly CapacityPoint[]>>
  readonly weeks: readonly ReviewWeek[]
  readonly moved: readonly Move[]
  readonly broke: readonly Counted<BreakPoint>[]
  readonly felt: readonly Counted<BodyPlace>[]
  readonly sides: readonly SideComparison[]
  readonly loads: readonly LoadWeek[]
}

/** Last sets a side that are compared. */
const LAST_SETS = 4

/**
 * Everything that came of some weeks of training, from the sets behind it.
 *
 * @throws DomainError `tempo` when a written one cannot be read.
 * @example
 * reviewOf({ context, evidence: { trials: [], sets: [] }, prescribed: [], logs: [], sessions: [], efforts: [], from: '2026-03-02', to: '2026-03-15' }).mondays // => ['2026-03-02', '2026-03-09']
 */
export function reviewOf(request: ReviewRequest): Review {
  const { context, from, to, efforts } = request
  const mondays = mondaysBetween(from, to)
  const within = <T extends { readonly day: IsoDay }>(all: readonly T[]): T[] =>
    all.filter(({ day }) => day >= from && day <= to)
  const logs = within(request.logs)
  return {
    from, to, mondays,
    capacities: capacityLines(request, mondays),
    weeks: reviewWeeks({ ...request, prescribed: within(request.prescribed), logs }, mondays),
    moved: movesOf(logs, context.screen.catalogue),
    broke: brokeFirst(logs, mondays), felt: feltWhere(logs, mondays),
    sides: compareSides(logs, LAST_SETS),
    loads: loadWeeks(within(efforts), mondays),
  }
}
