import { must } from '../errors'
import { daysBetween, type IsoDay } from '../calendar'
import { evaluateSeason } from './evaluateSeason'
import type { SeasonInstance, SeasonPlan } from './instance'
import { planSeason } from './planSeason'
import { repairSeason, type Repair, type RepairedPlan, type RepairOptions } from './repair'
import type { SeasonShape } from './shape'

/** A season as it stands. */
export interface StandingSeason {
  readonly shape: SeasonShape
  readonly plan: RepairedPlan
}

/**
 * A season after its shape or calendar has changed, or the first plan of one. Days that are over stay. A new shape is
 * counted from the plan as it stands; a changed calendar from the plan before the first repair.
 *
 * @param before null: there is no plan yet
 * @param today a day; those before it are over
 * @throws DomainError as `planSeason`.
 * @example
 * changedSeason(null, { startsOn: '2026-03-02', weeks: 1, weekdays: [0], hardDays: [], deloadEvery: 4, phases: [] }, { weeks: 1, phases: [{ id: 'base', least: 1, most: 1, start: 0, volume: 6 }], competitions: [], weekdays: [0] }, '2026-03-02').plan.days[0] // => 'high'
 */
export function changedSeason(
  before: StandingSeason | null, shape: SeasonShape, instance: SeasonInstance, today: IsoDay,
  { pins = [], prefer }: Pick<RepairOptions, 'pins' | 'prefer'> = {},
): Repair {
  const over = Math.max(0, Math.min(7 * shape.weeks, daysBetween(shape.startsOn, today)))
  if (!before || before.shape.startsOn !== shape.startsOn) {
    const plan = planSeason(instance)
    return { plan, evaluation: evaluateSeason(instance, plan), changed: [], movedPhases: [] }
  }
  const plan: RepairedPlan = shapeMark(before.shape) === shapeMark(shape)
    ? before.plan
    : fitted(before.plan, before.shape, shape)
  return repairSeason(instance, plan, { today: over, pins, ...(prefer ? { prefer } : {}) })
}

/** All of a shape that a plan depends on, written one way whatever the order of its fields. */
const shapeMark = ({ weeks, weekdays, hardDays, deloadEvery, phases }: SeasonShape): string =>
  JSON.stringify([
    weeks, weekdays, hardDays, deloadEvery,
    phases.map(({ phase, least, most, start, volume }) => [phase, least, most, start, volume]),
  ])

/**
 * A plan as far as it goes in a season of other phases or weeks: each week in the phase of the same name that comes
 * next.
 */
function fitted(plan: SeasonPlan, before: SeasonShape, after: SeasonShape): SeasonPlan {
  let at = 0
  const phases = plan.phases.slice(0, after.weeks).map((was) => {
    const name = must(before.phases[was]).phase
    const found = after.phases.findIndex((phase, index) => index >= at && phase.phase === name)
    if (found >= 0) at = found
    return Math.min(at, after.phases.length - 1)
  })
  return { days: plan.days.slice(0, 7 * after.weeks), phases, loads: plan.loads.slice(0, after.weeks) }
}

/**
 * What one athlete's plan is repaired from after the group's has changed: the own days that are over, the group's from
 * then on.
 *
 * @param over days that are over
 * @example
 * athleteStart({ days: ['off'], phases: [0], loads: ['usual'] }, null, 0).days // => ['off']
 */
export function athleteStart(group: SeasonPlan, own: SeasonPlan | null, over: number): SeasonPlan {
  const weeks = Math.floor(over / 7)
  // A group that has fewer phases now has other numbers for them: then the group's own past says which week is in
  // which.
  const last = group.phases.at(-1) ?? 0
  const had = own?.phases.every(phase => phase <= last) ? own.phases : []
  return {
    days: group.days.map((kind, day) => (day < over ? own?.days[day] ?? kind : kind)),
    phases: group.phases.map((phase, week) => (week < weeks ? had[week] ?? phase : phase)),
    loads: group.loads.map((load, week) => (week < weeks ? own?.loads[week] ?? load : load)),
  }
}

/**
 * One athlete's plan after the group's season or the own exceptions have changed: the own days that are over stay, the
 * rest follows the group. `changed` is counted from the plan the athlete had.
 *
 * @param own the plan the athlete had; null: the group's
 * @throws DomainError as `planSeason`.
 * @example
 * changedAthleteSeason(standing, null, seasonInstance(standing.shape, []), '2026-03-02').changed // => []
 */
export function changedAthleteSeason(
  { shape, plan }: StandingSeason, own: RepairedPlan | null, instance: SeasonInstance, today: IsoDay,
  { pins = [], prefer }: Pick<RepairOptions, 'pins' | 'prefer'> = {},
): Repair {
  const over = Math.max(0, Math.min(7 * shape.weeks, daysBetween(shape.startsOn, today)))
  const had = plan.days.map((kind, day) => own?.days[day] ?? kind)
  const start = athleteStart(plan, own, over)
  // A pinned day is pinned as the athlete has it.
  const days = start.days.map((kind, day) => (pins.includes(day) ? must(had[day]) : kind))
  const found = repairSeason(instance, { ...start, days }, { today: over, pins, ...(prefer ? { prefer } : {}) })
  const changed = found.plan.days.flatMap((to, day) => {
    const from = must(had[day])
    return from === to
      ? []
      : [{
        day, from, to,
        reason: found.changed.find(one => one.day === day)?.reason ?? 'The day is as the group has it again.',
      }]
  })
  return { ...found, changed }
}
