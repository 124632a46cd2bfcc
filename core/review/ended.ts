import type { BodyPlace, BreakPoint, SetLog } from '../assessment'
import { mondayOf, type IsoDay } from '../calendar'

/** How often something was said in each week, most of all first. */
export interface Counted<K extends string> {
  readonly what: K
  readonly total: number
  /** One count a week. */
  readonly weeks: readonly number[]
}

function counted<K extends string>(
  logs: readonly SetLog[], mondays: readonly IsoDay[], of: (log: SetLog) => readonly K[],
): Counted<K>[] {
  const found = new Map<K, number[]>()
  for (const log of logs) {
    const week = mondays.indexOf(mondayOf(log.day))
    if (week < 0) continue
    for (const what of of(log)) {
      const weeks = found.get(what) ?? mondays.map(() => 0)
      weeks[week] = (weeks[week] ?? 0) + 1
      found.set(what, weeks)
    }
  }
  return [...found].map(([what, weeks]) => ({ what, weeks, total: weeks.reduce((a, b) => a + b, 0) }))
    .sort((a, b) => b.total - a.total || a.what.localeCompare(b.what))
}

/**
 * What ended sets, week by week.
 *
 * @example
 * brokeFirst([], ['2026-03-02']) // => []
 */
export const brokeFirst = (logs: readonly SetLog[], mondays: readonly IsoDay[]): Counted<BreakPoint>[] =>
  counted(logs, mondays, ({ breakPoint }) => (breakPoint === 'none' ? [] : [breakPoint]))

/**
 * Where work was felt, week by week.
 *
 * @example
 * feltWhere([], ['2026-03-02']) // => []
 */
export const feltWhere = (logs: readonly SetLog[], mondays: readonly IsoDay[]): Counted<BodyPlace>[] =>
  counted(logs, mondays, ({ feltAt }) => feltAt)
