import { ACTION_FACTS, PLANES, TRUNK_ACTIONS, type Variation } from '../../catalogue'
import type { PlannerItem, WeekInstance } from '../../planner'
import { bendingCap, dayKindOf, isFixed, ladderWeek, restBetweenHighDoses, weekRepeats } from '../../rules'
import { mayOn, optionsFor, type Option } from './candidates'
import type { PlanningContext } from '../week/context'
import { itemActionSeconds } from '../week/ledger'
import { itemDurationS } from '../week/sessionLayout'
import type { Targets } from '../week/targets'
import type { PlannedSession, TrunkItem, WeekPlan } from '../week/week'
import { EXPOSURE, slotOf } from './plannerPlaces'
import { plannerSession } from './plannerSession'
import { plannerVariation } from './plannerVariation'
import { startsBlock } from './startsBlock'

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

/** Whether the coach keeps this drill here, in a dose that may be given on the day. */
function isKept(item: TrunkItem, session: PlannedSession, variation: Variation, context: PlanningContext): boolean {
  return item.kept === true && !isFixed(item) && item.variationId === variation.id
    && mayOn(session.day, variation, item.dose, context)
}

