import { addDays, daysBetween, isTrainingDay, mondayOf } from '../core/calendar'
import { DomainError } from '../core/errors'
import {
  checkSeason, DAY_KINDS, evaluateSeason, planSeason, repairSeason, type RepairedPlan, type SeasonDayKind,
  type SeasonEvaluation, type SeasonInstance, type SeasonPlan,
} from '../core/season'
import { read, type Input } from './schemas/read'
import {
  repairSchema, seasonSchema, type ReadDay, type ReadKind, type ReadPlan, type ReadSeason,
} from './schemas/season'
import { changed } from './seasonChange'

interface KnownSeason { readonly instance: SeasonInstance, readonly startsOn: string | null }
type DayReader = (value: ReadDay | undefined, at: string) => number

/** Reads days of a season that starts on a known Monday, or of one that does not say. */
const dayReader = (startsOn: string | null): DayReader => (value, at) => {
  if (typeof value === 'number') return value
  if (value !== undefined && startsOn !== null && isTrainingDay(value)) return daysBetween(startsOn, value)
  throw new DomainError(
    at,
    startsOn === null
      ? 'A day is a whole number from the first Monday; give startsOn to write dates.'
      : 'A day is a date such as 2026-03-02, or a whole number from the first Monday.',
  )
}

const kindOf = (kind: ReadKind): SeasonDayKind => (typeof kind === 'number' ? DAY_KINDS[kind] : kind) ?? 'off'

const LISTS = ['matches', 'practices', 'closed', 'travel', 'school'] as const

function knownSeason(given: ReadSeason): KnownSeason {
  const {
    startsOn = null, fixed, competitions, matches: _m, practices: _p, closed: _c, travel: _t, school: _s, ...rest
  } = given
  if (startsOn !== null && (!isTrainingDay(startsOn) || mondayOf(startsOn) !== startsOn))
    throw new DomainError('startsOn', 'A season starts on a Monday.')
  const dayOf = dayReader(startsOn)
  const lists: Partial<Record<(typeof LISTS)[number], number[]>> = Object.fromEntries(
    LISTS.flatMap(field => (given[field] ? [[field, given[field].map((day, i) => dayOf(day, `${field}.${i}`))]] : [])),
  )
  const instance: SeasonInstance = {
    ...rest, ...lists,
    competitions: competitions.map((one, i) => ({ ...one, day: dayOf(one.day, `competitions.${i}.day`) })),
    fixed: Object.fromEntries(Object.entries(fixed).map(([day, kind]) =>
      [dayOf(/^-?\d+$/.test(day) ? Number(day) : day, `fixed.${day}`), kindOf(kind)])),
  }
  checkSeason(instance)
  return { instance, startsOn }
}

const dated = (
  day: number | null, startsOn: string | null,
): object => (day === null ? {} : { day, ...(startsOn ? { date: addDays(startsOn, day) } : {}) })

function told(
  { instance, startsOn }: KnownSeason, plan: SeasonPlan, { cost, volumes, gaveWay, wanting }: SeasonEvaluation,
): object {
  const say = (one: (typeof gaveWay)[number]): object => ({
    rule: one.rule, ...(one.week === null ? {} : { week: one.week }), ...dated(one.day, startsOn), text: one.text,
    cost: one.cost,
  })
  return {
    cost: Number(cost.toFixed(3)),
    weeks: plan.phases.map((phase, week) => ({
      week, ...(startsOn ? { startsOn: addDays(startsOn, 7 * week) } : {}), phase: instance.phases[phase]!.id,
      load: plan.loads[week], volume: volumes[week], days: plan.days.slice(7 * week, 7 * week + 7),
    })),
    gaveWay: gaveWay.map(say), wanting: wanting.map(say),
  }
}

/** A season planned from its calendar. */
export function season(input: Input): unknown {
  const known = knownSeason(read(seasonSchema, input))
  const plan = planSeason(known.instance)
  return { ...told(known, plan, evaluateSeason(known.instance, plan)), plan }
}

function planOf({ days, phases, loads }: ReadPlan, instance: SeasonInstance, at: string): SeasonPlan {
  const { weeks } = instance
  if (days.length !== weeks * 7)
    throw new DomainError(`${at}.days`, `days lists the kind of all ${weeks * 7} days.`)
  if (phases && (phases.length !== weeks || !phases.every(p => p >= 0 && p < instance.phases.length)))
    throw new DomainError(`${at}.phases`, 'phases lists the number of the phase, from 0, of every week.')
  if (loads && loads.length !== weeks)
    throw new DomainError(`${at}.loads`, 'loads lists one of usual, deload, taper for every week.')
  const everyWeek = <T>(one: T): T[] => Array.from({ length: weeks }, () => one)
  return { days: days.map(kindOf), phases: phases ?? everyWeek(0), loads: loads ?? everyWeek('usual' as const) }
}

/** A season after its calendar has changed: what changes, why, and the other way to do it. */
export function repair(input: Input): unknown {
  const given = read(repairSchema, input)
  const known = knownSeason(given.season)
  const { startsOn } = known
  const dayOf = dayReader(startsOn)
  const { baseline, ...asked } = given.plan
  const plan: RepairedPlan = {
    ...planOf(asked, known.instance, 'plan'),
    ...(baseline ? { baseline: planOf(baseline, known.instance, 'plan.baseline') } : {}),
  }
  const instance = Array.isArray(given.change)
    ? given.change.reduce((now, change, i) => changed(now, change, `change.${i}`, dayOf), known.instance)
    : changed(known.instance, given.change as Exclude<typeof given.change, readonly unknown[]>, 'change', dayOf)
  const pins = given.pins.map((day, i) => dayOf(day, `pins.${i}`))
  const today = dayOf(given.today, 'today')
  const { prefer } = given
  const otherWay = prefer === 'bestVolumes' ? 'fewestChanges' : 'bestVolumes'
  const found = repairSeason(instance, plan, { pins, today, prefer })
  const other = repairSeason(instance, plan, { pins, today, prefer: otherWay })
  return {
    changed: found.changed.map(({ day, from, to, reason }) => ({ ...dated(day, startsOn), from, to, reason })),
    movedPhases: found.movedPhases,
    alternative: {
      prefer: otherWay, changed: other.changed.length, cost: Number(other.evaluation.cost.toFixed(3)),
    },
    ...told({ instance, startsOn }, found.plan, found.evaluation), plan: found.plan,
  }
}
