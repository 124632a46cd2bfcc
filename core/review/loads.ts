import { addDays, daysBetween, type IsoDay } from '../calendar'
import { movingAverage, sessionLoad, weekLoad } from '../load'
import type { SessionEffort } from './request'

/** Load of a week by session effort and minutes, with what it came from and what the athlete is used to. */
export interface LoadWeek {
  readonly startsOn: IsoDay
  readonly total: number
  /** Null without spread. */
  readonly monotony: number | null
  readonly strain: number | null
  /** Exponentially weighted averages at its end: of late, and what the athlete is used to. */
  readonly lately: number
  readonly usual: number
}

/** Days of the two averages (Williams et al. 2017, recalled: 7 and 28). */
const [LATELY_DAYS, USUAL_DAYS] = [7, 28]

/**
 * Loads week by week; days without a told session count as rest.
 *
 * @example
 * loadWeeks([{ day: '2026-03-02', effort: 6, minutes: 50 }], ['2026-03-02'])[0].total // => 300
 */
export function loadWeeks(efforts: readonly SessionEffort[], mondays: readonly IsoDay[]): LoadWeek[] {
  const [first] = mondays
  if (first === undefined) return []
  const daily = mondays.flatMap(monday => Array.from({ length: 7 }, (_, i) => loadOn(efforts, addDays(monday, i))))
  // Before the first that was told nobody knows: the averages begin with a day of its week as it was on average.
  const begins = 7 * Math.floor(Math.max(0, daily.findIndex(load => load > 0)) / 7)
  const aDay = daily.slice(begins, begins + 7).reduce((a, b) => a + b, 0) / 7
  const of = (days: number): number[] => movingAverage([aDay, ...daily.slice(begins)], days).slice(1)
  const [lately, usual] = [of(LATELY_DAYS), of(USUAL_DAYS)]
  return mondays.map((startsOn): LoadWeek => {
    const at = daysBetween(first, startsOn)
    const end = at + 6 - begins
    return { startsOn, ...weekLoad(daily.slice(at, at + 7)), lately: lately[end] ?? 0, usual: usual[end] ?? 0 }
  })
}

const loadOn = (efforts: readonly SessionEffort[], day: IsoDay): number =>
  efforts.filter(one => one.day === day).reduce((sum, { effort, minutes }) => sum + sessionLoad(effort, minutes), 0)
