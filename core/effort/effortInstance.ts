import { TRUNK_ACTIONS, type PerAction } from '../catalogue'
import { doseSessionS, type Dose } from '../dose'
import { must } from '../errors'
import type { PlannerSession, PlannerVariation, WeekInstance } from '../planner'
import { bendingCap, bendingCycles, isHeavyAxial, placeConflicts, restBetweenHighDoses, weekRepeats } from '../rules'
import { mayOn } from '../programme/propose/candidates'
import { goalLadders } from '../programme/propose/goal'
import { placeOf } from '../programme/propose/plannerPlaces'
import { plannerSession } from '../programme/propose/plannerSession'
import type { Sport } from '../programme/sport/sportOf'
import type { PlanningContext } from '../programme/week/context'
import type { PlannedSession, TrunkItem, WeekPlan } from '../programme/week/week'
import type { EffortOption } from './effortOptions'
import type { FullSetTargets } from './effortTargets'
import { wantsMet } from './effortWants'
import { liftFullSets } from './liftFullSets'

/** The planner counts in hundredths of a full set. */
const GRAIN = 100
/** What a full set short or too much costs, and a want that is not met once (ours). */
const COSTS = { short: 1, weakLink: 1.5, over: 0.5, want: 160, keep: 60 } as const
/** A dose of one action above this in one session is high, full sets: two such rest as the rule says. */
const HIGH = 2.2
/** Work items of a session, and seconds that waking up before a heavy lift takes. */
const [MOST_ITEMS, ACTIVATION_S] = [4, 240]
/** What is left of the week's trunk work where it is short, minutes: a season's weeks, and those of a base. */
const TRUNK_MINUTES = { full: 70, inSeason: 42, taper: 34 } as const

/** How much a drill is liked less, second level: below the present rung, besides what the sport asks. */
const [BELOW, BESIDE_THE_GOAL] = [4, 2]

const hundredths = (of: Partial<PerAction>, times: number): Record<string, number> => Object.fromEntries(
  TRUNK_ACTIONS.flatMap((action) => {
    const worth = Math.round((of[action] ?? 0) * times * GRAIN)
    return worth > 0 ? [[action, worth]] : []
  }),
)

/** A dose of an option in so many sets. */
export const doseOf = ({ dose }: EffortOption, sets: number): Dose => ({ ...dose, sets })

/**
 * The week of an athlete as an instance for the planner, in hundredths of full sets: what lifts give, every drill in
 * every number of sets, wants as presences.
 *
 * @example
 * effortInstance({ context, sessions: [], options: [], targets: Object.fromEntries(TRUNK_ACTIONS.map(a => [a, { low: 0, high: 1 }])), wants: {}, sport: sportOf('general'), before: null }).bands.flexion.high // => 100
 */
export function effortInstance(
  { context, sessions, options, targets, wants, sport, before, fill = 1 }: {
    readonly context: PlanningContext
    readonly sessions: readonly PlannedSession[]
    readonly options: readonly EffortOption[]
    readonly targets: FullSetTargets
    readonly wants: Readonly<Record<string, number>>
    readonly sport: Sport
    readonly before: WeekPlan | null
    /** The planner fills a band from here, as a part of its lower end. */
    readonly fill?: number
  },
): WeekInstance {
  const planned = sessions.map(session => asSession(session, context, sessions.length))
  const cycles = bendingCap.value(context.rules.policy)
  const previous = [...new Set(before?.sessions.flatMap(s => s.items.map(i => i.variationId)) ?? [])]
    .filter(id => options.some(o => o.variation.id === id))
  return {
    actions: TRUNK_ACTIONS,
    bands: Object.fromEntries(TRUNK_ACTIONS.map(action => [action, {
      low: Math.round(lowOf(targets, options, action) * fill * GRAIN), high: Math.round(targets[action].high * GRAIN),
      weight: action === context.weakLink ? COSTS.weakLink : COSTS.short, over: COSTS.over,
    }])),
    sessions: planned,
    variations: options.map(option => asVariation(option, { context, sessions, planned, sport, before })),
    limits: {
      appearances: weekRepeats.value, highOver: HIGH * GRAIN, restHours: restBetweenHighDoses.value.hours,
      ...(Number.isFinite(cycles) ? { cycles } : {}),
    },
    planes: wants, previous, keep: previous.length,
    penalties: { plane: COSTS.want, keep: COSTS.keep },
  }
}

/** An action that nothing open serves asks nothing. */
function lowOf(targets: FullSetTargets, options: readonly EffortOption[], action: keyof PerAction): number {
  return options.some(({ fullSets }) => (fullSets[action] ?? 0) > 0) ? targets[action].low : 0
}

function asSession(session: PlannedSession, context: PlanningContext, count: number): PlannerSession {
  const base = plannerSession(session, context)
  const lifts: Record<string, number> = {}
  for (const lift of session.lifts) {
    for (const [action, worth] of Object.entries(hundredths(liftFullSets(lift), 1)))
      lifts[action] = (lifts[action] ?? 0) + worth
  }
  const wakesUp = session.lifts.some(isHeavyAxial) ? ACTIVATION_S : 0
  const phase = context.rules.block?.phase
  const minutes = phase === 'inSeason'
    ? TRUNK_MINUTES.inSeason
    : phase === 'taper' || phase === 'transition' ? TRUNK_MINUTES.taper : TRUNK_MINUTES.full
  return {
    ...base, items: MOST_ITEMS, lifts, capS: Math.max(0, base.capS - wakesUp),
    workCapS: Math.min(base.workCapS ?? Infinity, Math.floor(minutes * 60 / Math.max(1, Math.min(4, count)))),
    // Waking up stands outside the search: it is chosen to rehearse what comes after it.
    slots: base.slots.filter(({ id }) => id !== 'activation'),
  }
}

interface Around {
  readonly context: PlanningContext
  readonly sessions: readonly PlannedSession[]
  readonly planned: readonly PlannerSession[]
  readonly sport: Sport
  readonly before: WeekPlan | null
}

function asVariation(option: EffortOption, around: Around): PlannerVariation {
  const { variation, sets, effort } = option
  const { context, sport } = around
  const fit = TRUNK_ACTIONS.reduce((sum, a) => sum + (variation.shares[a] ?? 0) * sport.weights[a], 0)
    * TRUNK_ACTIONS.length
  const below = Math.max(0, (context.screen.rungs[variation.branch] ?? 1) - variation.rung)
  const leans = sport.character.postures.includes(variation.posture) ? 0 : 1
  return {
    id: variation.id, group: variation.branch, spineCost: variation.spineCost, planes: wantsMet(option, context),
    cost: Math.round(Math.max(0, 1.5 - fit) * 4) + BELOW * below + leans
      + (goalLadders(context).has(variation.ladder) ? 0 : BESIDE_THE_GOAL),
    not: placesTaken(option, around),
    doses: sets.map(n => ({
      sets: n, seconds: Math.ceil(doseSessionS(doseOf(option, n), variation.sides, null)), fatigue: variation.fatigue,
      demand: hundredths(effort.fullSets, n), cycles: bendingCycles(variation, doseOf(option, n)),
    })),
  }
}

/** Places that a rule takes away from the drill. */
function placesTaken(
  { variation, dose, sets }: EffortOption, { context, sessions, planned, before }: Around,
): NonNullable<PlannerVariation['not']> {
  return sessions.flatMap((session, s) => must(planned[s]).slots.flatMap(({ id }) => {
    const item: TrunkItem = {
      id: 'asked', variationId: variation.id, dose: { ...dose, sets: must(sets[0]) }, ...placeOf(id),
      extraSetSide: null, setting: {}, why: '',
    }
    if (!mayOn(session.day, variation, item.dose, context))
      return [{ session: session.id, slot: id, rule: 'flag', text: 'It may not be given on this day.' }]
    const conflict = placeConflicts(item, variation, { ...session, items: [] }, context, before)[0]
    return conflict ? [{ session: session.id, slot: id, rule: conflict.rule, text: conflict.text }] : []
  }))
}
