import { competitionDay } from '../rules/competitionDay'
import { dayAfter } from '../rules/dayAfter'
import { dayBefore } from '../rules/dayBefore'
import { taper } from '../rules/taper'
import { within48h } from '../rules/within48h'
import { DAY_KINDS, type SeasonDayKind, type SeasonInstance } from './instance'

/** The most a day may hold, and the rule that says so. */
export interface DayLimit {
  /** Index into the day kinds. */
  readonly most: number
  readonly rule: DayRule
}
export type DayRule =
  | 'free'
  | 'competition'
  | 'match'
  | 'closed'
  | 'weekday'
  | 'dayBefore'
  | 'within48h'
  | 'dayAfter'
  | 'practice'
  | 'travel'
  | 'school'

/** What each rule says, as a coach would. */
export const DAY_RULE_TEXT: Readonly<Record<DayRule, string>> = {
  free: 'Nothing stands against it.', competition: competitionDay.value.says, match: 'Match day: no trunk work.',
  closed: 'The room is closed or the athlete is away.', weekday: 'There is no time on this weekday.',
  dayBefore: dayBefore.value.says, within48h: within48h.value.says, dayAfter: dayAfter.value.says,
  practice: 'A team practice leaves room for moderate work at most.',
  travel: 'A travel day is for activation at most.',
  school: 'School asks its share: moderate work at most.',
}

/** What the days around a competition may hold: the rules of the week, in the order they are asked. */
const NEAR_COMPETITION = [competitionDay, dayBefore, within48h, dayAfter] as const

const kind = (id: SeasonDayKind): number => DAY_KINDS.indexOf(id)

/**
 * The limit of every day of a season; where several rules meet the tightest is told.
 *
 * @example
 * dayLimits({ weeks: 1, phases: [], competitions: [{ day: 5, importance: 'A' }] }).map(l => l.most) // => [4, 4, 4, 2, 1, 0, 2]
 */
// eslint-disable-next-line complexity -- one line for each rule about days
export function dayLimits(instance: SeasonInstance): DayLimit[] {
  const limits: DayLimit[] = Array.from(
    { length: instance.weeks * 7 },
    () => ({ most: kind('high'), rule: 'free' as const }),
  )
  const atMost = (day: number, most: number, rule: DayRule): void => {
    const limit = limits[day]
    if (limit && most < limit.most) limits[day] = { most, rule }
  }
  for (const { day, importance } of instance.competitions) {
    for (const { id, value } of NEAR_COMPETITION) {
      if (value.from === 'C' || importance === value.from) atMost(day + value.offset, kind(value.most), id)
    }
  }
  for (const day of instance.matches ?? []) atMost(day, kind('off'), 'match')
  for (const day of instance.closed ?? []) atMost(day, kind('off'), 'closed')
  for (const day of instance.travel ?? []) atMost(day, kind('activation'), 'travel')
  for (const day of instance.practices ?? []) atMost(day, kind('moderate'), 'practice')
  for (const day of instance.school ?? []) atMost(day, kind('moderate'), 'school')
  const { weekdays } = instance
  if (weekdays)
    limits.forEach((_, day) => {
      if (!weekdays.includes(day % 7)) atMost(day, kind('off'), 'weekday')
    })
  return limits
}

/**
 * Weeks in which nothing can be trained, closed or away: they unload as a lighter week does.
 *
 * @example
 * restWeeks({ weeks: 1, phases: [], competitions: [], closed: [0, 1, 2, 3, 4, 5, 6] }) // => [true]
 */
export function restWeeks(instance: SeasonInstance): boolean[] {
  const limits = dayLimits(instance)
  return Array.from(
    { length: instance.weeks },
    (_, week) => limits.slice(7 * week, 7 * week + 7).every(({ most }) => most === 0),
  )
}

/**
 * Weeks that taper: those with at least four days in the two weeks up to an A-competition.
 *
 * @example
 * taperWeeks({ weeks: 3, phases: [], competitions: [{ day: 12, importance: 'A' }] }) // => [true, true, false]
 */
export function taperWeeks({ weeks, competitions, volumeRules = true }: SeasonInstance): boolean[] {
  return Array.from({ length: weeks }, (_, week) => volumeRules && competitions.some(({ day, importance }) => {
    if (importance !== 'A') return false
    const from = Math.max(7 * week, day - taper.value.days + 1)
    const to = Math.min(7 * week + 6, day)
    return to - from + 1 >= 4
  }))
}
