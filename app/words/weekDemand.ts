import { ACTION_FACTS, PLANES, TRUNK_ACTIONS, type Plane, type TrunkAction } from '~~/core/catalogue'
import { addDays } from '~~/core/calendar'
import { USUAL_RULES } from '~~/core/policy'
import { weeklyTargets, type SportProfileId } from '~~/core/programme'
import { seasonWeek, type SeasonInstance, type SeasonPlan, type SeasonShape } from '~~/core/season'

/**
 * Full sets each action is to get in a week of a squad: the middle of the target of an athlete with three years of
 * training.
 */
export function weekDemand(
  shape: SeasonShape, instance: SeasonInstance, plan: SeasonPlan, sport: SportProfileId, week: number,
): Record<TrunkAction, number> {
  const said = seasonWeek(shape, instance, plan, addDays(shape.startsOn, 7 * week))
  const targets = weeklyTargets({
    sport, sessions: Math.min(4, shape.weekdays.length), trainingAgeYears: 3, weakLink: null,
    rules: { ...USUAL_RULES, block: said?.block ?? null },
  })
  return Object.fromEntries(
    TRUNK_ACTIONS.map(action => [action, (targets[action].low + targets[action].high) / 2]),
  ) as Record<TrunkAction, number>
}

/** The same by plane. */
export function byPlane(demand: Readonly<Record<TrunkAction, number>>): Record<Plane, number> {
  return Object.fromEntries(
    PLANES.map(plane => [
      plane,
      TRUNK_ACTIONS.filter(a => ACTION_FACTS[a].plane === plane).reduce((sum, a) => sum + demand[a], 0),
    ]),
  ) as Record<Plane, number>
}
