import { must } from '../errors'
import { addDays, daysBetween, type IsoDay } from '../calendar'
import { PHASES, type BlockWeek, type PhaseId } from '../policy'
import { DAY_KINDS, KIND_VOLUMES, type SeasonDayKind, type SeasonInstance, type SeasonPlan } from './instance'
import { DAY_RULE_TEXT, dayLimits, type DayRule } from './limits'
import type { SeasonShape } from './shape'

/** A day of the season, and why it is what it is. */
export interface SeasonDay {
  readonly kind: SeasonDayKind
  readonly rule: DayRule
  readonly why: string
}

/** What a season says about one week. */
export interface SeasonWeek {
  readonly phase: PhaseId
  readonly load: SeasonPlan['loads'][number]
  /** Place in the phase, 1 = first, and its weeks. */
  readonly weekOfPhase: number
  readonly weeksOfPhase: number
  readonly block: BlockWeek
  readonly days: readonly SeasonDay[]
}

/** What each kind of day is for, as a coach would say it. */
export const KIND_TEXT: Readonly<Record<SeasonDayKind, string>> = {
  off: 'No trunk work.', activation: 'Wake the trunk, no more.', low: 'Easy: breathing, mobility, light holds.',
  moderate: 'Solid work, nothing draining.', high: 'The hard trunk work of the week.',
}

/**
 * What a season says about the week of a Monday; null outside it.
 *
 * In a taper the phase is the taper, at the volume the plan leaves it. A block runs from one lighter week (or phase) to
 * the next.
 *
 * @example
 * seasonWeek({ startsOn: '2026-03-02', weeks: 1, weekdays: [0], hardDays: [], deloadEvery: 4, phases: [] }, { weeks: 1, phases: [], competitions: [] }, { days: [], phases: [], loads: [] }, '2026-03-09') // => null
 */
export function seasonWeek(
  shape: SeasonShape, instance: SeasonInstance, plan: SeasonPlan, startsOn: IsoDay,
): SeasonWeek | null {
  const at = daysBetween(shape.startsOn, startsOn) / 7
  if (!Number.isInteger(at) || at < 0 || at >= plan.loads.length) return null
  const index = must(plan.phases[at])
  const load = must(plan.loads[at])
  const { phase, volume } = must(shape.phases[index])
  const first = plan.phases.indexOf(index)
  const units = plan.days.slice(7 * at, 7 * at + 7).reduce((sum, kind) => sum + KIND_VOLUMES[kind], 0)
  const share = volume === 0 ? 1 : Math.min(1.5, Math.max(0.2, units / volume))
  const limits = dayLimits(instance)
  return {
    phase: load === 'taper' ? 'taper' : phase, load, weekOfPhase: at - first + 1,
    weeksOfPhase: plan.phases.filter(p => p === index).length,
    block: {
      ...blockAround(plan, at), phase: load === 'taper' ? 'taper' : phase,
      // The taper's own share is in its phase already.
      load: load === 'taper' ? (share * PHASES[phase].volume) / PHASES.taper.volume : share,
    },
    days: Array.from(
      { length: 7 },
      (_, weekday) => dayOf(plan, must(limits[7 * at + weekday]).rule, 7 * at + weekday, shape),
    ),
  }
}

function blockAround(plan: SeasonPlan, at: number): { readonly week: number, readonly weeks: number } {
  const opens = (week: number): boolean =>
    week === 0 || plan.phases[week] !== plan.phases[week - 1]
    || (plan.loads[week - 1] !== 'usual' && plan.loads[week] === 'usual')
  let from = at
  while (!opens(from)) from -= 1
  let to = at + 1
  while (to < plan.loads.length && !opens(to)) to += 1
  return { week: at - from + 1, weeks: to - from }
}

function dayOf(plan: SeasonPlan, rule: DayRule, day: number, shape: SeasonShape): SeasonDay {
  const kind = must(plan.days[day])
  const week = Math.floor(day / 7)
  const why = rule !== 'free'
    ? DAY_RULE_TEXT[rule]
    : plan.loads[week] === 'taper'
    ? `${KIND_TEXT[kind]} The week tapers towards an A-competition.`
    : plan.loads[week] === 'deload'
    ? `${KIND_TEXT[kind]} The week is a lighter one.`
    : kind === 'high' && shape.hardDays.includes(day % 7)
    ? `${KIND_TEXT[kind]} It shares the day of the hard lifts.`
    : kind !== 'off' && DAY_KINDS.indexOf(kind) < 3 && plan.days[day - 1] === 'high'
    ? `${KIND_TEXT[kind]} Yesterday was high.`
    : KIND_TEXT[kind]
  return { kind, rule, why }
}

/**
 * The first Monday of each phase in a plan, and of each stretch of taper.
 *
 * @example
 * stretchesOf({ startsOn: '2026-03-02', weeks: 0, weekdays: [], hardDays: [], deloadEvery: 0, phases: [] }, { days: [], phases: [], loads: [] }) // => []
 */
export function stretchesOf(
  shape: SeasonShape, plan: SeasonPlan,
): {
  readonly phase: PhaseId
  readonly index: number
  readonly from: IsoDay
  readonly week: number
  readonly weeks: number
}[] {
  const found: { phase: PhaseId, index: number, from: IsoDay, week: number, weeks: number }[] = []
  plan.loads.forEach((load, week) => {
    const index = must(plan.phases[week])
    const phase: PhaseId = load === 'taper' ? 'taper' : must(shape.phases[index]).phase
    const last = found.at(-1)
    if (last && last.phase === phase && (phase === 'taper' || last.index === index)) last.weeks += 1
    else found.push({ phase, index, from: addDays(shape.startsOn, 7 * week), week, weeks: 1 })
  })
  return found
}
