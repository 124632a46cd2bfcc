import { TRUNK_ACTIONS, type PerAction, type Variation } from '../../catalogue'
import type { PlannerItem, WeekInstance } from '../../planner'
import { bendingCap, ladderWeek, restBetweenHighDoses, weekRepeats } from '../../rules'
import type { SportWantId } from '../sport/wants'
import type { PlanningContext } from '../week/context'
import type { Targets } from '../week/targets'
import type { PlannedSession, TrunkItem, WeekPlan } from '../week/week'
import { mayOn } from './mayOn'
import { doseOf, fullSetsOf, optionsFor, type Option } from './options'
import { slotOf } from './plannerPlaces'
import { GRAIN, plannerSession, standsOutside } from './plannerSession'
import { plannerVariation } from './plannerVariation'
import { startsBlock } from './startsBlock'
import { weekWants } from './weekWants'

/** What a full set short or too much costs, and in hundredths a want that is not met once (ours). */
const COSTS = { short: 1, weakLink: 1.5, over: 0.5, want: 160, keep: 40 } as const
/** Drills of last week that stay where not all do (common practice, no source). */
const STAPLES = 3

/** What a dose of the planner is in the week. */
export type Placed = Pick<TrunkItem, 'dose' | 'setting' | 'extraSetSide'>

/** A week as numbers, with the way back. */
export interface WeekAsNumbers {
  readonly instance: WeekInstance
  /** By drill and dose. */
  readonly options: ReadonlyMap<string, Placed>
  /** Items that the coach keeps, by session, drill and dose. */
  readonly kept: ReadonlyMap<string, TrunkItem>
  /** Wants that nothing open meets. */
  readonly dropped: readonly SportWantId[]
}


/**
 * The week of an athlete as an instance for the planner: hundredths of full sets by action, less what the lifts give;
 * sessions with their places; every drill that is work for the athlete in every number of sets, and the places that a
 * rule takes away from it.
 *
 * Items that the coach keeps are locked in their place, in the dose they have there.
 *
 * @param before last week's plan, for drills that stay
 * @throws DomainError when a lift or dose cannot be reckoned.
 * @example
 * weekAsNumbers(context, [], weeklyTargets({ ...context, sessions: 0 })).instance.sessions // => []
 */
export function weekAsNumbers(
  context: PlanningContext, sessions: readonly PlannedSession[], targets: Targets,
  before: WeekPlan | null = null,
): WeekAsNumbers {
  const options = optionsFor(context, sessions.map(s => s.day), before)
  const planned = sessions.map(session => plannerSession(session, context, sessions.length))
  const placed = new Map<string, Placed>()
  const keptItems = new Map<string, TrunkItem>()
  const keep: PlannerItem[] = []
  const variations = withKept(options, sessions, context).map((option) => {
    const { variation, sets } = option
    const kept = keptOf(variation, sessions, context)
    for (const n of sets) placed.set(`${variation.id}/${n}`, { ...option, dose: doseOf(option, n) })
    kept.forEach(({ session, item }, i) => {
      const place = (sets.at(-1) ?? 0) + i + 1
      placed.set(`${variation.id}/${place}`, item)
      keep.push({ variation: variation.id, session: session.id, slot: slotOf(item, session), sets: place })
      keptItems.set(`${session.id}/${variation.id}/${place}`, item)
    })
    return plannerVariation(option, kept.map(({ item }) => item), { context, sessions, planned, before })
  })
  const previous = [
    ...new Set(before?.sessions.flatMap(s => s.items.filter(i => !standsOutside(i)).map(i => i.variationId)) ?? []),
  ].filter(id => variations.some(v => v.id === id))
  const lowOf = (action: keyof PerAction): number =>
    (options.some(option => fullSetsOf(option, 1, context)[action] > 0) ? targets[action].low : 0)
  const { wants, dropped } = weekWants(options, sessions, context)
  return {
    options: placed, kept: keptItems, dropped,
    instance: {
      actions: TRUNK_ACTIONS,
      bands: Object.fromEntries(TRUNK_ACTIONS.map(action => [action, {
        // An action that nothing open serves asks nothing.
        low: Math.round(lowOf(action) * GRAIN),
        high: Math.round(targets[action].high * GRAIN),
        weight: action === context.weakLink ? COSTS.weakLink : COSTS.short, over: COSTS.over,
      }])),
      sessions: planned, variations, limits: limitsOf(context),
      planes: wants,
      locks: { keep }, previous: startsBlock(context) ? [] : previous,
      keep: startsBlock(context) ? 0 : Math.min(staplesOf(context), previous.length),
      penalties: { plane: COSTS.want, keep: COSTS.keep },
    },
  }
}

/**
 * The same week with its bands filled so far, as a part of their lower ends, and never past their upper ones.
 *
 * @example
 * filledTo(weekAsNumbers(context, [], weeklyTargets({ ...context, sessions: 0 })), 1.4).instance.sessions // => []
 */
export function filledTo(numbers: WeekAsNumbers, fill: number): WeekAsNumbers {
  const bands = Object.fromEntries(Object.entries(numbers.instance.bands).map(([action, band]) =>
    [action, { ...band, low: Math.min(Math.round(band.low * fill), band.high) }]))
  return { ...numbers, instance: { ...numbers.instance, bands } }
}

/** The options, and what the coach keeps although it is none. */
function withKept(
  options: readonly Option[], sessions: readonly PlannedSession[], context: PlanningContext,
): Option[] {
  const known = new Set(options.map(({ variation }) => variation.id))
  const kept = new Set(sessions.flatMap(s => s.items.filter(i => i.kept && !standsOutside(i)).map(i => i.variationId)))
  const { find } = context.screen.catalogue
  return [
    ...options,
    ...[...kept].filter(id => !known.has(id)).flatMap((id): Option[] => {
      const variation = find(id)
      const [first] = variation?.doses ?? []
      return variation && first
        ? [{ variation, dose: { ...first, sets: 1 }, setting: {}, extraSetSide: null, sets: [] }]
        : []
    }),
  ]
}

/** Where the coach keeps a drill, in a dose that may be given on the day. */
function keptOf(variation: Variation, sessions: readonly PlannedSession[], context: PlanningContext) {
  return sessions.flatMap(session =>
    session.items.filter(item =>
      item.kept === true && !standsOutside(item) && item.variationId === variation.id
      && mayOn(session.day, variation, item.dose, context)
    ).map(item => ({ session, item }))
  )
}

/** The rules about a whole week, as the planner's limits. */
function limitsOf({ rules: { policy } }: PlanningContext): WeekInstance['limits'] {
  const { hours, highOver } = restBetweenHighDoses.value
  const cycles = bendingCap.value(policy)
  return {
    appearances: weekRepeats.value, highOver: Math.round(highOver * GRAIN), restHours: hours,
    groupPerWeek: ladderWeek.value,
    ...(Number.isFinite(cycles) ? { cycles } : {}),
  }
}

/** Drills of last week that are to stay. */
function staplesOf({ rules: { policy: { variety } } }: PlanningContext): number {
  return variety === 'rotate' ? STAPLES : Infinity
}
