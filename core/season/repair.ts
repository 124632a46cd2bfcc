import { must } from '../errors'
import { evaluateSeason, type SeasonEvaluation } from './evaluateSeason'
import { DAY_KINDS, type SeasonDayKind, type SeasonInstance, type SeasonPlan } from './instance'
import { DAY_RULE_TEXT, dayLimits, taperWeeks } from './limits'
import { planSeason } from './planSeason'

/**
 * A plan that was repaired remembers what it was repaired from: changes are counted from there, so that undoing a
 * change restores it.
 */
export interface RepairedPlan extends SeasonPlan {
  readonly baseline?: SeasonPlan
}

export interface ChangedDay {
  readonly day: number
  readonly from: SeasonDayKind
  readonly to: SeasonDayKind
  readonly reason: string
}

export interface Repair {
  readonly plan: RepairedPlan
  readonly evaluation: SeasonEvaluation
  /** Against the plan as it stood. */
  readonly changed: readonly ChangedDay[]
  readonly movedPhases: readonly { readonly phase: string, readonly from: number, readonly to: number }[]
}

/** What is settled in a repair. */
export interface RepairOptions {
  /** Days before this one are over; 0: none. */
  readonly today?: number
  /** Days that stay as they are. */
  readonly pins?: readonly number[]
  /** Fewest changes, or the week volumes put right whatever it takes. */
  readonly prefer?: 'fewestChanges' | 'bestVolumes'
}

/** Changes that cost next to nothing: for the alternative that puts volumes right. */
const CHEAP = { change: 0.01, phaseMoved: 0.01, deloadFlipped: 0.01 } as const

/**
 * A season after its calendar has changed: past and pinned days stay, as few others change as the rules allow, and each
 * says why.
 *
 * @param instance the season as it is now
 * @param plan as it stood; what it was repaired from before is what changes are counted from
 * @throws DomainError as `planSeason`.
 * @example
 * repairSeason({ weeks: 1, phases: [{ id: 'base', least: 1, most: 1, start: 0, volume: 0 }], competitions: [], volumeRules: false }, { days: ['high', 'off', 'off', 'off', 'off', 'off', 'off'], phases: [0], loads: ['usual'] }).changed // => []
 */
export function repairSeason(instance: SeasonInstance, plan: RepairedPlan, options: RepairOptions = {}): Repair {
  const { today = 0, pins = [], prefer = 'fewestChanges' } = options
  const baseline = plan.baseline ?? { days: plan.days, phases: plan.phases, loads: plan.loads }
  const settled: Record<number, SeasonDayKind> = { ...instance.fixed }
  for (let day = 0; day < Math.min(today, plan.days.length); day++) settled[day] = must(plan.days[day])
  for (const day of pins) if (plan.days[day] !== undefined) settled[day] = must(plan.days[day])
  const asked = { ...instance, fixed: settled }
  const past = Math.floor(today / 7)
  // Weeks that are over keep the phase and load they had, also where the baseline had others.
  const from: SeasonPlan = {
    days: baseline.days,
    phases: [...plan.phases.slice(0, past), ...baseline.phases.slice(past)],
    loads: [...plan.loads.slice(0, past), ...baseline.loads.slice(past)],
  }
  const found = planSeason(asked, { before: from, past, ...(prefer === 'bestVolumes' ? { costs: CHEAP } : {}) })
  return {
    plan: { ...found, baseline }, evaluation: evaluateSeason(asked, found, from),
    changed: changedDays(asked, plan, found),
    movedPhases: instance.phases.flatMap(({ id }, index) => {
      const [was, now] = [plan.phases.indexOf(index), found.phases.indexOf(index)]
      return was >= 0 && was !== now ? [{ phase: id, from: was, to: now }] : []
    }),
  }
}

function changedDays(instance: SeasonInstance, before: SeasonPlan, after: SeasonPlan): ChangedDay[] {
  const limits = dayLimits(instance)
  const tapers = taperWeeks(instance)
  return after.days.flatMap((to, day) => {
    const from = before.days[day]
    if (from === undefined || from === to) return []
    const limit = must(limits[day])
    const week = Math.floor(day / 7)
    const reason = DAY_KINDS.indexOf(from) > limit.most
      ? DAY_RULE_TEXT[limit.rule]
      : tapers[week]
      ? 'The week tapers towards an A-competition.'
      : from === 'high' && (after.days[day - 1] === 'high' || after.days[day + 1] === 'high')
      ? 'No two high days in a row.'
      : after.loads[week] === 'deload' && before.loads[week] !== 'deload'
      ? 'The week becomes a lighter one.'
      : DAY_KINDS.indexOf(to) > DAY_KINDS.indexOf(from)
      ? 'The day is free again, as it was planned first.'
      : 'The week’s volume asks for it.'
    return [{ day, from, to, reason }]
  })
}

/**
 * A plan in a few characters: two that are written alike are alike.
 *
 * @example
 * planMark({ days: ['off', 'high'], phases: [0], loads: ['usual'] }) // => '04|0|u'
 */
export function planMark({ days, phases, loads }: SeasonPlan): string {
  return [
    days.map(kind => DAY_KINDS.indexOf(kind)).join(''),
    phases.join(''), loads.map(load => load.charAt(0)).join(''),
  ].join('|')
}
