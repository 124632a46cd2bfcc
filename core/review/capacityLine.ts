import { addDays, type IsoDay } from '../calendar'
import { CAPACITY_IDS, capacitiesOf, type CapacityId, type Moved } from '../capacity'
import type { ReviewRequest } from './request'

/** What a trunk held in one direction at the end of a week, by all that was known until then. */
export interface CapacityPoint {
  readonly day: IsoDay
  /** N·m, with the band that holds nine in ten. */
  readonly nm: number
  readonly low: number
  readonly high: number
  readonly measured: boolean
  /** Tests and sets of that week that moved it. */
  readonly from: readonly Moved[]
}

/**
 * The capacity line of every direction and side, one point a week.
 *
 * @param mondays of the weeks, oldest first
 * @throws DomainError `tempo` when a logged one cannot be read.
 * @example
 * capacityLines({ context, evidence: { trials: [], sets: [] }, to: '2026-03-08' }, ['2026-03-02']).arch.length // => 1
 */
export function capacityLines(
  { context: { trunk, screen }, evidence, to }: Pick<ReviewRequest, 'context' | 'evidence' | 'to'>,
  mondays: readonly IsoDay[],
): Record<CapacityId, CapacityPoint[]> {
  const known = mondays.map((monday) => {
    const sunday = addDays(monday, 6)
    const day = sunday < to ? sunday : to
    return { monday, day, capacities: capacitiesOf(trunk.trunk, evidence, screen.catalogue, day) }
  })
  const lineOf = (id: CapacityId): CapacityPoint[] => known.map(({ monday, day, capacities }) => {
    const { nm, low, high, measured, from } = capacities[id]
    return { day, nm, low, high, measured, from: from.filter(one => one.day >= monday && one.day <= day) }
  })
  return Object.fromEntries(CAPACITY_IDS.map(id => [id, lineOf(id)])) as unknown as Record<CapacityId, CapacityPoint[]>
}
