import { ACTION_FACTS, mainAction, PLANES, TRUNK_ACTIONS, type PerAction, type Variation } from '../../catalogue'
import { policyCost, policyPlaceCost } from '../../policy'
import type { PlannerItem, PlannerSession, PlannerVariation, WeekInstance } from '../../planner'
import {
  bendingCap, bendingCycles, dayKindOf, isFixed, ladderWeek, placeConflicts, placeLimits, restBetweenHighDoses,
  sessionItems, trunkCapS, weekRepeats,
} from '../../rules'
import { mayOn, optionsFor, type Option } from './candidates'
import type { PlanningContext } from '../week/context'
import { goalLadders } from './goal'
import { itemActionSeconds, liftActionSeconds } from '../week/ledger'
import { itemDurationS, layOutSession, liftDurationS } from '../week/sessionLayout'
import { SPORT_PROFILES } from '../sport/sportProfiles'
import type { Targets } from '../week/targets'
import type { PlannedSession, Slot, TrunkItem, WeekPlan } from '../week/week'

/** What a second short or too much costs, beside the weak link's (ours). */
const COSTS = { weakLink: 1.5, over: 0.5, plane: 60, keep: 20, resisting: 20 } as const
/** Sessions in which each plane is met, and drills of last week that stay (common practice, no source). */
const PLANE_TIMES = 2
const STAPLES = 3
/** Exposures a week that are asked for, where there are sessions for them (common practice, no source: 2-4). */
const MOST_EXPOSURES = 4

/** A week as numbers, with the way back. */
export interface WeekAsNumbers {
  readonly instance: WeekInstance
  readonly options: ReadonlyMap<string, Option>
  /** Items that the coach keeps, by session, drill and dose. */
  readonly kept: ReadonlyMap<string, TrunkItem>
}

/** Every drill serves it: the wish that no session goes without trunk work, told like a plane. */
export const EXPOSURE = 'exposure'
/** A drill that leads to the goal is liked this much better. */
const GOAL_WORTH = 3
/** A drill of the block before is liked this much less in the first week of a new one. */
const CHANGE_COST = 3

const slotId = (
  { slot, pairedWith }: { slot: Slot, pairedWith: string | null },
): string => (pairedWith === null ? slot : `${slot}:${pairedWith}`)
const placeOf = (id: string): { slot: Slot, pairedWith: string | null } => {
  const at = id.indexOf(':')
  return at < 0
    ? { slot: id as Slot, pairedWith: null }
    : { slot: id.slice(0, at) as Slot, pairedWith: id.slice(at + 1) }
}

/**
 * The week of an athlete as an instance for the planner: seconds under tension by action, less what the lifts give;
 * sessions with their places; every admissible drill in every dose, and the places that a rule takes away from it.
 *
 * Items that the coach keeps are locked in their place, in the dose they have there.
 *
 * @param before last week's plan, for drills that stay
 * @throws DomainError when a lift or dose cannot be reckoned.
 * @example
 * weekAsNumbers(context, [], weeklyTargets({ ...context, sessions: 0 }), null).instance.sessions // => []
 */
export function weekAsNumbers(
  context: PlanningContext, sessions: readonly PlannedSession[], targets: Targets, before: WeekPlan | null,
): WeekAsNumbers {
  const options = new Map<string, Option>()
  const byVariation = new Map<Variation, Option[]>()
  for (const option of optionsFor(context, sessions.map(s => s.day), before))
    byVariation.set(option.variation, [...(byVariation.get(option.variation) ?? []), option])
  const planned = sessions.map(session => plannerSession(session, context))
  const keep: PlannerItem[] = []
  const keptItems = new Map<string, TrunkItem>()
  const variations = [...byVariation].map(([variation, usual]) => {
    const kept = sessions.flatMap(session =>
      session.items.filter(item => isKept(item, session, variation, context)).map(item => ({ session, item }))
    )
    const doses = [
      ...usual,
      ...kept.map(({ item }): Option => ({
        variation, dose: item.dose, extraSetSide: item.extraSetSide,
        gain: itemActionSeconds(item, context.screen.catalogue),
        durationS: itemDurationS(item, context.screen.catalogue),
      })),
    ]
    // A dose is known by its place in the list: two of a drill may have the same sets.
    doses.forEach((option, i) => options.set(`${variation.id}/${i + 1}`, option))
    kept.forEach(({ session, item }, i) => {
      const sets = usual.length + i + 1
      keep.push({ variation: variation.id, session: session.id, slot: slotOf(item, session), sets })
      keptItems.set(`${session.id}/${variation.id}/${sets}`, item)
    })
    return plannerVariation(variation, doses, usual.length, sessions, planned, context, before)
  })
  const previous = [
    ...new Set(before?.sessions.flatMap(s => s.items.filter(i => !isFixed(i)).map(i => i.variationId)) ?? []),
  ].filter(id => variations.some(v => v.id === id))
  return {
    options, kept: keptItems,
    instance: {
      actions: TRUNK_ACTIONS,
      bands: Object.fromEntries(TRUNK_ACTIONS.map(action => [action, {
        low: targets[action].lowS, high: targets[action].highS,
        weight: action === context.weakLink ? COSTS.weakLink : 1, over: COSTS.over,
      }])),
      sessions: planned, variations, limits: limitsOf(context),
      planes: {
        ...Object.fromEntries(PLANES.map(plane => [plane, Math.min(PLANE_TIMES, sessions.length)])),
        [EXPOSURE]: exposuresOf(sessions, context),
      },
      resisting: TRUNK_ACTIONS.filter(a => ACTION_FACTS[a].resists),
      locks: { keep }, previous: startsBlock(context) ? [] : previous,
      keep: startsBlock(context) ? 0 : Math.min(staplesOf(context), previous.length),
      penalties: { plane: COSTS.plane, keep: COSTS.keep, resisting: COSTS.resisting },
    },
  }
}

/** The rules about a whole week, as the planner's limits. */
function limitsOf({ rules: { policy } }: PlanningContext): WeekInstance['limits'] {
  const { hours, highOverS } = restBetweenHighDoses.value
  const cycles = bendingCap.value(policy)
  return {
    appearances: weekRepeats.value, highOver: highOverS, restHours: hours, groupPerWeek: ladderWeek.value,
    ...(Number.isFinite(cycles) ? { cycles } : {}),
  }
}

const startsBlock = ({ rules: { block } }: PlanningContext): boolean => block?.week === 1

/** Drills of last week that are to stay. */
function staplesOf({ rules: { policy: { variety }, block } }: PlanningContext): number {
  if (variety === 'rotate') return block ? STAPLES : 1
  return block || variety === 'same' ? Infinity : STAPLES
}

/**
 * Sessions that are to hold trunk work: those there are, four at most, without competition days and what the season
 * keeps free.
 */
function exposuresOf(sessions: readonly PlannedSession[], { competitionDays, seasonDays }: PlanningContext): number {
  return Math.min(
    MOST_EXPOSURES,
    sessions.filter(s => dayKindOf(s.day, competitionDays) !== 'competition' && seasonDays?.[s.day] !== 'off').length,
  )
}

/** The place of an item; one whose lift is gone counts after the lifts. */
function slotOf(item: TrunkItem, session: PlannedSession): string {
  return item.pairedWith === null || session.lifts.some(lift => lift.id === item.pairedWith) ? slotId(item) : 'after'
}

/** Whether the coach keeps this drill here, in a dose that may be given on the day. */
function isKept(item: TrunkItem, session: PlannedSession, variation: Variation, context: PlanningContext): boolean {
  return item.kept === true && !isFixed(item) && item.variationId === variation.id
    && mayOn(session.day, variation, item.dose, context)
}

const whole = (seconds: PerAction): Record<string, number> =>
  Object.fromEntries(
    TRUNK_ACTIONS.flatMap(action => (Math.round(seconds[action]) > 0 ? [[action, Math.round(seconds[action])]] : [])),
  )

function plannerSession(session: PlannedSession, context: PlanningContext): PlannerSession {
  const liftsS = session.lifts.reduce((sum, lift) => sum + liftDurationS(lift), 0)
  const lifts: Record<string, number> = {}
  for (const lift of session.lifts)
    for (const [action, s] of Object.entries(whole(liftActionSeconds(lift)))) lifts[action] = (lifts[action] ?? 0) + s
  const fixed = session.items.filter(isFixed)
  const fixedS = layOutSession({ ...session, items: fixed }, context.screen.catalogue).trunkS
    + 60 * ((session.warmUpMinutes ?? 0) + (session.coolDownMinutes ?? 0))
  for (const item of fixed)
    for (const [action, s] of Object.entries(whole(itemActionSeconds(item, context.screen.catalogue))))
      lifts[action] = (lifts[action] ?? 0) + s
  // What the coach keeps has room, whatever kind of day it is.
  const keptS =
    layOutSession(
      { ...session, items: session.items.filter(item => item.kept === true && !isFixed(item)) },
      context.screen.catalogue,
    ).trunkS
  const limit = placeLimits(session)
  return {
    id: session.id, day: session.day,
    // Half of a paired second is rounded up in the layout: spare seconds for each lift.
    capS: Math.max(0, Math.floor(session.minutes * 60 - liftsS - fixedS - 2 * session.lifts.length)),
    workCapS: Math.max(trunkCapS(session.day, context.seasonDays), keptS),
    items: sessionItems.value, lifts,
    slots: [
      { id: 'activation', items: limit.activation },
      ...session.lifts.flatMap(lift => (['paired', 'inside'] as const).map(slot =>
        ({ id: slotId({ slot, pairedWith: lift.id }), items: limit[slot], paired: true, capS: liftDurationS(lift) }))),
      { id: 'after', items: limit.after }, { id: 'finisher', items: limit.finisher },
    ],
  }
}

function plannerVariation(
  variation: Variation, doses: readonly Option[], usual: number, sessions: readonly PlannedSession[],
  planned: readonly PlannerSession[], context: PlanningContext,
  before: WeekPlan | null,
): PlannerVariation {
  const main = mainAction(variation.shares)
  const { weights } = SPORT_PROFILES[context.sport]
  const fit = TRUNK_ACTIONS.reduce((sum, a) => sum + (variation.shares[a] ?? 0) * weights[a], 0) * TRUNK_ACTIONS.length
  const below = Math.max(0, (context.screen.rungs[variation.ladder] ?? 1) - variation.rung)
  const not = sessions.flatMap((session, s) =>
    planned[s]!.slots.flatMap(({ id }): NonNullable<PlannerVariation['not']>[number][] => {
      const place = placeOf(id)
      const item: TrunkItem = {
        id: 'asked', variationId: variation.id, dose: doses[0]!.dose, ...place, extraSetSide: null, setting: {},
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
  // The present rung is the work; rungs below it are for warming up. What the sport asks less of is liked less.
  const slots = [...new Set(planned.flatMap(s => s.slots.map(l => l.id)))]
  const late = main === context.weakLink ? { after: 2, finisher: 5 } : {}
  const { policy, block } = context.rules
  const old = startsBlock(context) && main !== context.weakLink
    && (before?.sessions.some(s => s.items.some(i => i.variationId === variation.id)) ?? false)
  const towardsGoal = goalLadders(context).has(variation.ladder)
  return {
    id: variation.id, group: variation.ladder, spineCost: variation.spineCost,
    planes: [ACTION_FACTS[main].plane, EXPOSURE],
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
    not,
    doses: doses.map((option, i) => ({
      sets: i + 1, seconds: Math.ceil(option.durationS), fatigue: variation.fatigue, demand: whole(option.gain),
      cycles: bendingCycles(variation, option.dose),
      ...(i >= usual ? { lockedOnly: true } : {}),
    })),
  }
}

/**
 * A plan of the planner as the sessions of a week, items without their reasons; kept items are the coach's own.
 *
 * @example
 * asSessions([], [], { options: new Map(), kept: new Map() }) // => []
 */
export function asSessions(
  plan: readonly PlannerItem[], sessions: readonly PlannedSession[],
  { options, kept }: Pick<WeekAsNumbers, 'options' | 'kept'>,
): PlannedSession[] {
  const taken = new Set([...kept.values()].map(item => item.id))
  return sessions.map(session => ({
    ...session,
    items: [
      ...session.items.filter(isFixed),
      ...plan.filter(item => item.session === session.id).map((item): TrunkItem => {
        const own = kept.get(`${session.id}/${item.variation}/${item.sets}`)
        if (own) return own
        const { dose, extraSetSide } = options.get(`${item.variation}/${item.sets}`)!
        // A kept drill may have been moved here from another session, with the name it had there.
        const id = `${session.id}/${item.variation}`
        return {
          id: taken.has(id) ? `${id}+` : id, variationId: item.variation, dose, ...placeOf(item.slot), extraSetSide,
          setting: {}, why: '',
        }
      }),
    ],
  }))
}

/**
 * Items of a week as the planner knows them; those it does not know are left out.
 *
 * @example
 * asPlannerItems([], { options: new Map() }) // => []
 */
export function asPlannerItems(
  sessions: readonly PlannedSession[], { options }: Pick<WeekAsNumbers, 'options'>,
): PlannerItem[] {
  return sessions.flatMap(session =>
    session.items.filter(item => !isFixed(item)).flatMap((item): PlannerItem[] => {
      for (let sets = 1; options.has(`${item.variationId}/${sets}`); sets++) {
        const { dose } = options.get(`${item.variationId}/${sets}`)!
        if (dose.sets === item.dose.sets && dose.amount === item.dose.amount && dose.unit === item.dose.unit) {
          return [{ variation: item.variationId, session: session.id, slot: slotOf(item, session), sets }]
        }
      }
      return []
    })
  )
}
