import { addDays, type IsoDay } from '../../calendar'
import { must } from '../../errors'
import type { Prescribed, SetLog } from '../../assessment'
import type { Progress } from '../../prescription'

/** Sets up to this effort leave room for more; what ends before this part of its amount has lost its form. */
const [MOST_EFFORT, HELD_PART] = [8, 0.7]
/** Sets of a week say how it goes on; of two weeks, whether it goes back. */
const [WEEK, FORTNIGHT] = [7, 14]

/**
 * What done sets say of each drill for the week that begins on a day. On: every set of its last session was clean, as
 * long as planned and of an effort up to 8. Back: form broke before 70 % of the amount in two sessions running. Stay:
 * anything else, pain included. A drill that was not done in the week before is not named: nothing is known of it.
 *
 * @param startsOn the week's Monday
 * @example
 * progressOf([], [], '2026-03-02') // => {}
 */
export function progressOf(
  prescribed: readonly Prescribed[], logs: readonly SetLog[], startsOn: IsoDay,
): Record<string, Progress> {
  const planned = new Map(prescribed.map(item => [item.itemId, item.dose.amount]))
  const recent = logs.filter(log => log.day >= addDays(startsOn, -FORTNIGHT) && log.day < startsOn)
  const drills = [...new Set(recent.map(log => log.variationId))].sort()
  return Object.fromEntries(drills.flatMap((id): [string, Progress][] => {
    const own = recent.filter(log => log.variationId === id)
    const days = [...new Set(own.map(log => log.day))].sort()
    const last = must(days.at(-1))
    if (last < addDays(startsOn, -WEEK)) return []
    const said = days.slice(-2).map(day => wordOf(own.filter(log => log.day === day), planned))
    const back = said.length === 2 && said.every(word => word === 'lost')
    return [[id, back ? 'back' : said.at(-1) === 'held' ? 'on' : 'stay']]
  }))
}

/** What the sets of one drill in one session were like. */
function wordOf(sets: readonly SetLog[], planned: ReadonlyMap<string, number>): 'held' | 'lost' | 'between' {
  const amountOf = (set: SetLog): number => planned.get(set.prescribedItemId) ?? set.amount
  const hurt = sets.some(set => set.breakPoint === 'pain' || set.painAt !== null)
  if (!hurt && sets.every(set =>
    set.breakPoint === 'none' && set.amount >= amountOf(set) && (set.effort ?? 0) <= MOST_EFFORT)) return 'held'
  return sets.some(set => set.breakPoint !== 'none' && set.amount < HELD_PART * amountOf(set)) ? 'lost' : 'between'
}
