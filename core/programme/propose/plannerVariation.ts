import { must } from '../../errors'
import { ACTION_FACTS, mainAction, TRUNK_ACTIONS, type Variation } from '../../catalogue'
import { policyCost, policyPlaceCost } from '../../policy'
import type { PlannerSession, PlannerVariation } from '../../planner'
import { bendingCycles, placeConflicts } from '../../rules'
import { mayOn, type Option } from './candidates'
import type { PlanningContext } from '../week/context'
import { goalLadders } from './goal'
import { sportOf } from '../sport/sportOf'
import type { PlannedSession, TrunkItem, WeekPlan } from '../week/week'
import { EXPOSURE, placeOf } from './plannerPlaces'
import { whole } from './plannerSession'
import { startsBlock } from './startsBlock'

/** A drill that leads to the goal is liked this much better. */
const GOAL_WORTH = 3
/** A drill of the block before is liked this much less in the first week of a new one. */
const CHANGE_COST = 3

/** A drill as the planner knows it: its doses, what it costs, and the places that a rule takes away. */
export function plannerVariation(
  variation: Variation, doses: readonly Option[], usual: number, sessions: readonly PlannedSession[],
  planned: readonly PlannerSession[], context: PlanningContext,
  before: WeekPlan | null,
): PlannerVariation {
  const main = mainAction(variation.shares)
  const { weights } = sportOf(context.sport, context.sports)
  const fit = TRUNK_ACTIONS.reduce((sum, a) => sum + (variation.shares[a] ?? 0) * weights[a], 0) * TRUNK_ACTIONS.length
  const below = Math.max(0, (context.screen.rungs[variation.branch] ?? 1) - variation.rung)
  // The present rung is the work; rungs below it are for warming up. What the sport asks less of is liked less.
  const slots = [...new Set(planned.flatMap(s => s.slots.map(l => l.id)))]
  const late = main === context.weakLink ? { after: 2, finisher: 5 } : {}
  const { policy, block } = context.rules
  const old = startsBlock(context) && main !== context.weakLink
    && (before?.sessions.some(s => s.items.some(i => i.variationId === variation.id)) ?? false)
  const towardsGoal = goalLadders(context).has(variation.ladder)
  return {
    id: variation.id, group: variation.ladder, spineCost: variation.spineCost,
    planes: [...main ? [ACTION_FACTS[main].plane] : [], EXPOSURE],
    cost: Math.round(Math.max(0, 1.5 - fit) * 4) + policyCost(variation, policy, block?.phase ?? null)
      + (old ? CHANGE_COST : 0) + (towardsGoal ? 0 : GOAL_WORTH),
    slotCosts: Object.fromEntries(
      slots.map(
        id => [
          id,
          (id === 'activation' ? 0 : 2 * below) + (late[id as keyof typeof late] ?? 0)
          + policyPlaceCost(placeOf(id).slot, policy),
        ]
      ),
    ),
    not: placesTaken(variation, doses, sessions, planned, context, before),
    doses: doses.map((option, i) => ({
      sets: i + 1, seconds: Math.ceil(option.durationS), fatigue: variation.fatigue, demand: whole(option.gain),
      cycles: bendingCycles(variation, option.dose),
      ...(i >= usual ? { lockedOnly: true } : {}),
    })),
  }
}

/** Places that a rule takes away from the drill, or from one of its doses. */
function placesTaken(
  variation: Variation, doses: readonly Option[], sessions: readonly PlannedSession[],
  planned: readonly PlannerSession[], context: PlanningContext, before: WeekPlan | null,
): NonNullable<PlannerVariation['not']> {
  return sessions.flatMap((session, s) =>
    must(planned[s]).slots.flatMap(({ id }): NonNullable<PlannerVariation['not']>[number][] => {
      const place = placeOf(id)
      const item: TrunkItem = {
        id: 'asked', variationId: variation.id, dose: must(doses[0]).dose, ...place, extraSetSide: null, setting: {},
        why: '',
      }
      const conflict = placeConflicts(item, variation, { ...session, items: [] }, context, before)[0]
      if (conflict) return [{ session: session.id, slot: id, rule: conflict.rule, text: conflict.text }]
      // What may be given on another day of the week, or only in a smaller dose, has no place on this one.
      return doses.flatMap(({ dose }, i) => (mayOn(session.day, variation, dose, context)
        ? []
        : [{ session: session.id, slot: id, sets: i + 1, rule: 'flag', text: 'It may not be given on this day.' }])
      )
    })
  )
}
