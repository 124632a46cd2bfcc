import { addDays, daysBetween, isTrainingDay, mondayOf } from '../core/calendar'
import { DomainError } from '../core/errors'
import {
  checkSeason, DAY_KINDS, evaluateSeason, planSeason, repairSeason, type RepairedPlan, type SeasonCompetition,
  type SeasonDayKind, type SeasonEvaluation, type SeasonInstance, type SeasonPlan,
} from '../core/season'
import { known, list, number, object, oneOf, optionalNumber, text, type Input } from './input'

const LOADS = ['usual', 'deload', 'taper'] as const
const IMPORTANCE = ['A', 'B', 'C'] as const

/** A day: a number from the season's first Monday, or a date where that Monday is known. */
function dayOf(value: unknown, at: string, startsOn: string | null): number {
  if (typeof value === 'number' && Number.isInteger(value)) return value
  if (typeof value === 'string' && startsOn !== null && isTrainingDay(value)) return daysBetween(startsOn, value)
  throw new DomainError(
    at,
    startsOn === null
      ? 'A day is a whole number from the first Monday; give startsOn to write dates.'
      : 'A day is a date such as 2026-03-02, or a whole number from the first Monday.',
  )
}

function daysOf(input: Input, field: string, startsOn: string | null, at = field): number[] | undefined {
  const value = input[field]
  if (value === undefined) return undefined
  if (!Array.isArray(value)) throw new DomainError(at, `${field} must be a list of days.`)
  return value.map((day, i) => dayOf(day, `${at}.${i}`, startsOn))
}

/** A kind by name, or by its number from 0 (off) to 4 (high). */
function kindOf(value: unknown, at: string): SeasonDayKind {
  const found = typeof value === 'number' ? DAY_KINDS[value] : DAY_KINDS.find(kind => kind === value)
  if (!found) throw new DomainError(at, `A day is one of ${DAY_KINDS.join(', ')}, or 0 to 4.`)
  return found
}

function competitionOf(input: Input, at: string, startsOn: string | null): SeasonCompetition {
  known(input, ['day', 'importance'], at)
  return {
    day: dayOf(input.day, `${at}.day`, startsOn),
    importance: input.importance === undefined ? 'A' : oneOf(input, 'importance', IMPORTANCE, `${at}.importance`),
  }
}

const FIELDS = [
  'startsOn', 'weeks', 'phases', 'competitions', 'matches', 'practices', 'closed', 'travel', 'school', 'weekdays',
  'hardDays', 'volumes', 'deloadEvery', 'volumeRules', 'fixed',
]

interface ReadSeason { readonly instance: SeasonInstance, readonly startsOn: string | null }

function readSeason(input: Input): ReadSeason {
  known(input, FIELDS, '')
  const startsOn = input.startsOn === undefined ? null : text(input, 'startsOn', 'startsOn')
  if (startsOn !== null && (!isTrainingDay(startsOn) || mondayOf(startsOn) !== startsOn))
    throw new DomainError('startsOn', 'A season starts on a Monday.')
  const phases = list(input, 'phases').map((phase, i) => {
    const at = `phases.${i}`
    known(phase, ['id', 'least', 'most', 'start', 'volume', 'notBefore'], at)
    const notBefore = optionalNumber(phase, 'notBefore')
    return {
      id: text(phase, 'id', `${at}.id`), least: number(phase, 'least', `${at}.least`),
      most: number(phase, 'most', `${at}.most`), start: optionalNumber(phase, 'start'),
      volume: number(phase, 'volume', `${at}.volume`), ...(notBefore === null ? {} : { notBefore }),
    }
  })
  const given = object(input, 'volumes')
  known(given, DAY_KINDS, 'volumes')
  for (const kind of Object.keys(given)) {
    const units = number(given, kind, `volumes.${kind}`)
    if (!(Number.isInteger(units) && units >= 0 && units <= 50))
      throw new DomainError(`volumes.${kind}`, 'Units are whole, 0 to 50.')
  }
  const weekdaysOf = (field: 'weekdays' | 'hardDays'): Partial<SeasonInstance> => {
    const found = input[field]
    if (found === undefined) return {}
    if (!(Array.isArray(found) && found.every(d => Number.isInteger(d))))
      throw new DomainError(field, `${field} lists numbers from 0, Monday.`)
    return { [field]: found as number[] }
  }
  const fixed = Object.fromEntries(
    Object.entries(object(input, 'fixed')).map((
      [day, kind],
    ) => [dayOf(/^-?\d+$/.test(day) ? Number(day) : day, `fixed.${day}`, startsOn), kindOf(kind, `fixed.${day}`)]),
  )
  const days = (field: 'matches' | 'practices' | 'closed' | 'travel' | 'school'): Partial<SeasonInstance> => {
    const found = daysOf(input, field, startsOn)
    return found ? { [field]: found } : {}
  }
  const deloadEvery = optionalNumber(input, 'deloadEvery')
  const instance: SeasonInstance = {
    weeks: number(input, 'weeks'), phases,
    competitions: input.competitions === undefined
      ? []
      : list(input, 'competitions').map((c, i) => competitionOf(c, `competitions.${i}`, startsOn)),
    ...days('matches'), ...days('practices'), ...days('closed'), ...days('travel'), ...days('school'),
    ...weekdaysOf('weekdays'), ...weekdaysOf('hardDays'),
    ...(input.volumes === undefined ? {} : { volumes: given as SeasonInstance['volumes'] & object }),
    ...(deloadEvery === null ? {} : { deloadEvery }), ...(input.volumeRules === false ? { volumeRules: false } : {}),
    fixed,
  }
  checkSeason(instance)
  return { instance, startsOn }
}

const dated = (
  day: number | null, startsOn: string | null,
): object => (day === null ? {} : { day, ...(startsOn ? { date: addDays(startsOn, day) } : {}) })

function told(
  { instance, startsOn }: ReadSeason, plan: SeasonPlan, { cost, volumes, gaveWay, wanting }: SeasonEvaluation,
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
  const read = readSeason(input)
  const plan = planSeason(read.instance)
  return { ...told(read, plan, evaluateSeason(read.instance, plan)), plan }
}

function readPlan(input: Input, { weeks, phases }: SeasonInstance, at: string): SeasonPlan {
  known(input, ['days', 'phases', 'loads', 'baseline'], at)
  if (!Array.isArray(input.days) || input.days.length !== weeks * 7)
    throw new DomainError(`${at}.days`, `days lists the kind of all ${weeks * 7} days.`)
  const inPhase = input.phases === undefined ? Array.from({ length: weeks }, () => 0) : input.phases
  if (
    !Array.isArray(inPhase) || inPhase.length !== weeks
    || !inPhase.every(p => Number.isInteger(p) && p >= 0 && p < phases.length)
  ) {
    throw new DomainError(`${at}.phases`, 'phases lists the number of the phase, from 0, of every week.')
  }
  const loads = input.loads === undefined ? Array.from({ length: weeks }, () => 'usual') : input.loads
  if (!Array.isArray(loads) || loads.length !== weeks || !loads.every(load => LOADS.includes(load as never)))
    throw new DomainError(`${at}.loads`, `loads lists one of ${LOADS.join(', ')} for every week.`)
  return {
    days: input.days.map((kind, i) => kindOf(kind, `${at}.days.${i}`)),
    phases: inPhase as number[], loads: loads as SeasonPlan['loads'],
  }
}

const CHANGES = [
  'moveCompetition', 'addCompetition', 'cancelCompetition', 'close', 'open', 'moveClosure', 'addAbsence',
  'cancelAbsence', 'addPractice', 'movePractice', 'cancelPractice', 'addMatch', 'moveMatch', 'cancelMatch',
] as const

/** The season with one change of its calendar. */
function changed(instance: SeasonInstance, change: Input, at: string, startsOn: string | null): SeasonInstance {
  known(change, ['kind', 'day', 'to', 'importance'], at)
  const kind = oneOf(change, 'kind', CHANGES, `${at}.kind`)
  const day = dayOf(change.day, `${at}.day`, startsOn)
  const { competitions } = instance
  const there = competitions.find(c => c.day === day)
  const toggled = (field: 'closed' | 'practices' | 'matches', add: boolean): SeasonInstance => {
    const days = instance[field] ?? []
    if (!add && !days.includes(day)) throw new DomainError(`${at}.day`, 'There is nothing of that kind on this day.')
    return { ...instance, [field]: add ? [...new Set([...days, day])] : days.filter(d => d !== day) }
  }
  const moved = (field: 'closed' | 'practices' | 'matches'): SeasonInstance => {
    const rest = toggled(field, false)
    return { ...rest, [field]: [...new Set([...rest[field]!, dayOf(change.to, `${at}.to`, startsOn)])] }
  }
  switch (kind) {
    case 'addCompetition':
      return {
        ...instance,
        competitions: [
          ...competitions,
          competitionOf(
            { day: change.day, ...(change.importance === undefined ? {} : { importance: change.importance }) },
            at, startsOn,
          ),
        ],
      }
    case 'cancelCompetition':
    case 'moveCompetition': {
      if (!there) throw new DomainError(`${at}.day`, 'There is no competition on this day.')
      const rest = competitions.filter(c => c !== there)
      return {
        ...instance,
        competitions: kind === 'cancelCompetition'
          ? rest
          : [...rest, { ...there, day: dayOf(change.to, `${at}.to`, startsOn) }],
      }
    }
    case 'close':
    case 'addAbsence': return toggled('closed', true)
    case 'open':
    case 'cancelAbsence': return toggled('closed', false)
    case 'moveClosure': return moved('closed')
    case 'movePractice': return moved('practices')
    case 'moveMatch': return moved('matches')
    case 'addPractice': return toggled('practices', true)
    case 'cancelPractice': return toggled('practices', false)
    case 'addMatch': return toggled('matches', true)
    case 'cancelMatch': return toggled('matches', false)
  }
}

/** A season after its calendar has changed: what changes, why, and the other way to do it. */
export function repair(input: Input): unknown {
  known(input, ['season', 'plan', 'change', 'pins', 'today', 'prefer'], '')
  const read = readSeason(object(input, 'season'))
  const { startsOn } = read
  const asked = object(input, 'plan')
  const plan: RepairedPlan = {
    ...readPlan(asked, read.instance, 'plan'),
    ...(asked.baseline === undefined
      ? {}
      : { baseline: readPlan(object(asked, 'baseline'), read.instance, 'plan.baseline') }),
  }
  const changes = input.change === undefined
    ? []
    : Array.isArray(input.change)
    ? list(input, 'change')
    : [object(input, 'change')]
  const instance = changes.reduce(
    (now, change, i) => changed(now, change, Array.isArray(input.change) ? `change.${i}` : 'change', startsOn),
    read.instance,
  )
  const pins = daysOf(input, 'pins', startsOn) ?? []
  const today = input.today === undefined ? 0 : dayOf(input.today, 'today', startsOn)
  const prefer = input.prefer === undefined ? 'fewestChanges' : oneOf(input, 'prefer', ['fewestChanges', 'bestVolumes'])
  const found = repairSeason(instance, plan, { pins, today, prefer })
  const other = repairSeason(instance, plan, {
    pins, today,
    prefer: prefer === 'bestVolumes' ? 'fewestChanges' : 'bestVolumes',
  })
  return {
    changed: found.changed.map(({ day, from, to, reason }) => ({ ...dated(day, startsOn), from, to, reason })),
    movedPhases: found.movedPhases,
    alternative: {
      prefer: prefer === 'bestVolumes' ? 'fewestChanges' : 'bestVolumes',
      changed: other.changed.length, cost: Number(other.evaluation.cost.toFixed(3)),
    },
    ...told({ instance, startsOn }, found.plan, found.evaluation), plan: found.plan,
  }
}
