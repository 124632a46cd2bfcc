import { kindOf, mainAction, TRUNK_ACTIONS } from '../../catalogue'
import { doseSessionS } from '../../dose'
import { must } from '../../errors'
import type { PlannerDose, PlannerSession, PlannerVariation } from '../../planner'
import { policyCost, policyPlaceCost } from '../../policy'
import { bendingCycles, placeConflicts } from '../../rules'
import { sportOf } from '../sport/sportOf'
import type { PlanningContext } from '../week/context'
import type { PlannedSession, TrunkItem, WeekPlan } from '../week/week'
import { itemFullSets } from '../worth/itemEffort'
import { goalLadders } from './goal'
import { mayOn } from './mayOn'
import { doseOf, fullSetsOf, type Option } from './options'
import { placeOf } from './plannerPlaces'
import { hundredths } from './plannerSession'
import { startsBlock } from './startsBlock'
import { wantsMet } from './weekWants'

/** How much a drill is liked less, second level: below the present rung, and besides what the goal asks. */
const [BELOW, BESIDE_THE_GOAL] = [4, 2]
/** A drill of the block before is liked this much less in the first week of a new one. */
const CHANGE_COST = 3
/** Left to the end the weak link stays weak, and fast work is fast no more. */
const LATE = { weakLink: { after: 2, finisher: 5 }, fast: { after: 3, finisher: 6 } } as const

/** What the drills of a week stand in. */
interface Around {
  readonly context: PlanningContext
  readonly sessions: readonly PlannedSession[]
  readonly planned: readonly PlannerSession[]
  readonly before: WeekPlan | null
}

/**
 * A drill as the planner knows it: its doses in hundredths of full sets, what it costs, and the places that a rule
 * takes away. Items that the coach keeps bring their own doses, for their own places alone.
 *
 * @param kept the drill's own
 */
export function plannerVariation(option: Option, kept: readonly TrunkItem[], around: Around): PlannerVariation {
  const { variation } = option
  const { context, planned } = around
  const { policy, block } = context.rules
  const main = mainAction(variation.shares)
  const slots = [...new Set(planned.flatMap(s => s.slots.map(l => l.id)))]
  const late: Readonly<Record<string, number>> = kindOf(variation) === 'fast'
    ? LATE.fast
    : main !== null && main === context.weakLink ? LATE.weakLink : {}
  const [fewest = 1] = option.sets
  return {
    id: variation.id, group: variation.branch, spineCost: variation.spineCost,
    planes: wantsMet(variation, fullSetsOf(option, fewest, context), context),
    cost: likedLess(option, around) + policyCost(variation, policy, block?.phase ?? null),
    slotCosts: Object.fromEntries(
      slots.map(id => [id, (late[id] ?? 0) + policyPlaceCost(placeOf(id).slot, policy)]),
    ),
    not: placesTaken(option, around),
    doses: [
      ...option.sets.map(sets => asDose(option, { ...option, dose: doseOf(option, sets) }, sets, context)),
      ...kept.map((item, i) => ({
        ...asDose(option, item, (option.sets.at(-1) ?? 0) + i + 1, context), lockedOnly: true,
      })),
    ],
  }
}

/** By sport, rung, postures, goal, and whether a new block wants something new. */
function likedLess({ variation }: Option, { context, before }: Around): number {
  const { weights, character } = sportOf(context.sport, context.sports)
  const fit = TRUNK_ACTIONS.reduce((sum, a) => sum + (variation.shares[a] ?? 0) * weights[a], 0) * TRUNK_ACTIONS.length
  const below = Math.max(0, (context.screen.rungs[variation.branch] ?? 1) - variation.rung)
  const old = startsBlock(context) && mainAction(variation.shares) !== context.weakLink
    && (before?.sessions.some(s => s.items.some(i => i.variationId === variation.id)) ?? false)
  return Math.round(Math.max(0, 2 - fit) * 8) + BELOW * below
    + (character.postures.includes(variation.posture) ? 0 : 1)
    + (goalLadders(context).has(variation.ladder) ? 0 : BESIDE_THE_GOAL) + (old ? CHANGE_COST : 0)
}

/** @param place of the dose in the drill's list: the planner knows it by that */
function asDose(
  { variation }: Option, { dose, setting, extraSetSide }: Pick<TrunkItem, 'dose' | 'setting' | 'extraSetSide'>,
  place: number, context: PlanningContext,
): PlannerDose {
  const worth = itemFullSets({ variationId: variation.id, dose, setting, extraSetSide, slot: 'after' }, context)
  return {
    sets: place, seconds: Math.ceil(doseSessionS(dose, variation.sides, extraSetSide)), fatigue: variation.fatigue,
    demand: hundredths(worth), cycles: bendingCycles(variation, dose),
  }
}

/** Places that a rule takes away from the drill. */
function placesTaken(
  option: Option, { context, sessions, planned, before }: Around,
): NonNullable<PlannerVariation['not']> {
  const { variation, setting, sets } = option
  const fast = kindOf(variation) === 'fast'
  return sessions.flatMap((session, s) => must(planned[s]).slots.flatMap(({ id }) => {
    const item: TrunkItem = {
      id: 'asked', variationId: variation.id, dose: doseOf(option, sets[0] ?? 1), ...placeOf(id), extraSetSide: null,
      setting, why: '',
    }
    const taken = (rule: string, text: string) => [{ session: session.id, slot: id, rule, text }]
    if (!mayOn(session.day, variation, item.dose, context)) return taken('flag', 'It may not be given on this day.')
    const conflict = placeConflicts(item, variation, { ...session, items: [] }, context, before)[0]
    if (conflict) return taken(conflict.rule, conflict.text)
    // Waking up stands outside the search: of the work only what is fast comes before the lifts.
    return id === 'activation' && !fast ? taken('slot', 'Work comes with the lifts or after them.') : []
  }))
}
