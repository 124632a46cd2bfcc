import type { Catalogue } from '../../catalogue'
import { timeUnderTensionS } from '../../dose'
import type { PlannedSession, TrunkItem, WeekPlan } from './week'

/** The drill of an earlier week that one of this week is measured against. */
export interface LastTime {
  readonly day: number
  readonly variationId: string
  /** Seconds under tension it was planned with. */
  readonly seconds: number
  /** The very drill; false: another rung of the same ladder, whose seconds weigh differently. */
  readonly same: boolean
  readonly setting: TrunkItem['setting']
}

/**
 * What a drill stood at the week before: the same drill if it was there, else another rung of its branch; of several,
 * the one on the same weekday, else the last of that week.
 *
 * @returns null when neither drill nor branch was there
 * @example
 * lastTime('front-plank.elbows', 0, { sessions: [] }, STANDARD) // => null
 */
export function lastTime(variationId: string, day: number, before: WeekPlan, catalogue: Catalogue): LastTime | null {
  const branch = catalogue.find(variationId)?.branch
  const all = before.sessions
    .flatMap(session => session.items.map(item => ({ session, item })))
    .sort((a, b) => a.session.day - b.session.day)
  const choose = (same: boolean): LastTime | null => {
    const found = all.filter(({ item }) => (same
      ? item.variationId === variationId
      : branch !== undefined && catalogue.find(item.variationId)?.branch === branch))
    const one = found.find(({ session }) => session.day === day) ?? found.at(-1)
    return one ? lineOf(one, same, catalogue) : null
  }
  return choose(true) ?? choose(false)
}

function lineOf(
  { session, item }: { session: PlannedSession, item: TrunkItem }, same: boolean, catalogue: Catalogue,
): LastTime {
  const sides = catalogue.find(item.variationId)?.sides ?? 'both'
  const seconds = timeUnderTensionS(item.dose, sides, item.extraSetSide)
  return { day: session.day, variationId: item.variationId, seconds, same, setting: item.setting }
}
