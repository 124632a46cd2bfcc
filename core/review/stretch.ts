import { CAPACITY_IDS, type CapacityId } from '../capacity'
import { PLANES } from '../catalogue'
import { knownEnds } from './grown'
import type { Review } from './review'
import type { PerPlane } from './weeks'

/** A stretch of training in a few figures, to be held against another. */
export interface Stretch {
  readonly weeks: number
  /** Full sets a week that were done, by plane. */
  readonly fullSets: PerPlane
  readonly contacts: number
  /** Planned sets that were done, 0-1; null where none were planned. */
  readonly adherence: number | null
  /** What each capacity grew by while it was known, as a part of itself; null from less than two weeks of it. */
  readonly grew: Readonly<Record<CapacityId, number | null>>
  /** Sets of a hundred in which form broke. */
  readonly brokeOfHundred: number | null
  /** Rungs gone up. */
  readonly rungs: number
  /** Session effort by minutes a week. */
  readonly load: number
}

/**
 * A review in a few figures a week: two of them are held side by side.
 *
 * @example
 * stretchOf(reviewOf({ context, evidence: { trials: [], sets: [] }, prescribed: [], logs: [], sessions: [], efforts: [], from: '2026-03-02', to: '2026-03-15' })).weeks // => 2
 */
export function stretchOf({ weeks, capacities, broke, moved, loads }: Review): Stretch {
  const count = weeks.length
  const mean = (of: (index: number) => number): number =>
    (count === 0 ? 0 : weeks.reduce((sum, _, i) => sum + of(i), 0) / count)
  const [asked, done] = [weeks.reduce((sum, { sets }) => sum + sets.asked, 0),
    weeks.reduce((sum, { sets }) => sum + sets.done, 0)]
  const met = weeks.reduce((sum, { adherence, sets }) => sum + (adherence ?? 0) * sets.asked, 0)
  const broken = broke.reduce((sum, { total }) => sum + total, 0)
  return {
    weeks: count,
    fullSets: Object.fromEntries(PLANES.map(plane => [plane, mean(i => weeks[i]?.fullSets.done[plane] ?? 0)])) as
      unknown as PerPlane,
    contacts: mean(i => weeks[i]?.contacts.done ?? 0),
    adherence: asked === 0 ? null : met / asked,
    grew: Object.fromEntries(CAPACITY_IDS.map((id) => {
      const ends = knownEnds(capacities[id])
      return [id, ends && ends[1].nm / ends[0].nm - 1]
    })) as unknown as Stretch['grew'],
    brokeOfHundred: done === 0 ? null : 100 * broken / done,
    rungs: moved.filter(({ what, up }) => what === 'rung' && up).length,
    load: mean(i => loads[i]?.total ?? 0),
  }
}
