import { CAPACITY_IDS, type CapacityId } from '~~/core/capacity'
import { PLANES, type Catalogue } from '~~/core/catalogue'
import type { Level, Move } from '~~/core/review'
import type { AthleteReview } from '~~/shared/types'
import { DOSE_UNIT_WORDS } from '~~/core/dose'

/** Lines that are drawn together. */
export const CAPACITY_CHARTS: readonly { readonly name: string, readonly ids: readonly CapacityId[] }[] = [
  { name: 'Resist arching', ids: ['arch'] }, { name: 'Resist folding', ids: ['fold'] },
  { name: 'Resist side bend, left dark, right light', ids: ['sideLeft', 'sideRight'] },
  { name: 'Resist turning, left dark, right light', ids: ['turnLeft', 'turnRight'] },
]

/** How a drill was done, in a few words: "8 reps at 100 N". */
function levelText({ amount, unit, setting: { loadKg, bandN } }: Level): string {
  const load = loadKg !== undefined ? ` at ${loadKg} kg` : bandN !== undefined ? ` at ${bandN} N` : ''
  return `${amount} ${DOSE_UNIT_WORDS[unit]}${load}`
}

/** What moved, from what to what. */
export function moveText(
  { what, from, to }: Move, catalogue: Catalogue,
): { readonly from: string, readonly to: string } {
  const name = (level: Level): string => catalogue.find(level.variationId)?.name ?? level.variationId
  if (what === 'rung') return { from: name(from), to: name(to) }
  return { from: `${name(from)}, ${levelText(from)}`, to: levelText(to) }
}

/** All series of a look back as one row a week, for a table or a file. */
export function seriesRows({ review, phases }: AthleteReview): Record<string, string | number>[] {
  const { mondays, weeks, capacities, loads } = review
  const fixed = (value: number | null | undefined, digits = 2): string | number =>
    (value === null || value === undefined ? '' : Number(value.toFixed(digits)))
  return mondays.map((monday, i) => {
    const [week, load] = [weeks[i], loads[i]]
    return {
      week: monday, phase: phases[i] ?? '',
      ...Object.fromEntries(CAPACITY_IDS.flatMap(id => [
        [`${id} N·m`, fixed(capacities[id][i]?.nm, 1)], [`${id} low`, fixed(capacities[id][i]?.low, 1)],
        [`${id} high`, fixed(capacities[id][i]?.high, 1)],
      ])),
      ...Object.fromEntries(PLANES.flatMap(plane => [
        [`${plane} asked`, fixed(week?.fullSets.asked[plane])], [`${plane} done`, fixed(week?.fullSets.done[plane])],
        [`${plane} minutes asked`, fixed(week?.byPlane[plane].minutes.asked, 1)],
        [`${plane} minutes done`, fixed(week?.byPlane[plane].minutes.done, 1)],
        [`${plane} contacts asked`, fixed(week?.byPlane[plane].contacts.asked)],
        [`${plane} contacts done`, fixed(week?.byPlane[plane].contacts.done)],
      ])),
      'contacts asked': fixed(week?.contacts.asked), 'contacts done': fixed(week?.contacts.done),
      'minutes asked': fixed(week?.minutes.asked, 1), 'minutes done': fixed(week?.minutes.done, 1),
      'sets asked': fixed(week?.sets.asked), 'sets done': fixed(week?.sets.done),
      'adherence': fixed(week?.adherence), 'load': fixed(load?.total), 'monotony': fixed(load?.monotony),
      'strain': fixed(load?.strain, 0), 'load 7 days': fixed(load?.lately, 0), 'load 28 days': fixed(load?.usual, 0),
    }
  })
}
