import {
  evaluatePlan, planWeek, type AnnealBudget, type LinearSolver, type PlannedWeek, type PlannerItem, type PlanOptions,
  type Walls,
} from '../../planner'
import type { PhaseId } from '../../policy'
import type { PlanningContext } from '../week/context'
import { trunkMinutesOf } from '../week/sessionLayout'
import type { Targets } from '../week/targets'
import type { PlannedSession, TrunkItem, WeekPlan } from '../week/week'
import { asPlannerItems, asSessions } from './asSessions'
import { inOrder } from './inOrder'
import { isTold } from './notes'
import { standsOutside } from './plannerSession'
import { reasonFor } from './reason'
import { wakeUp } from './wakeUp'
import { filledTo, weekAsNumbers, type WeekAsNumbers } from './weekInstance'
import { USUAL_PHASE } from './weekWants'

/** How a week is searched for. */
export interface ProposalOptions {
  /** Last week's plan: its drills stay where they can. */
  readonly before?: WeekPlan | null
  /** Proves and explains what annealing alone cannot. */
  readonly solver?: LinearSolver
  readonly budget?: AnnealBudget
  /** When the solver is stopped. */
  readonly walls?: Walls
}

/**
 * For a roster at once: with one week for each there is time to search for a little, with several for what is quickly
 * known. A coach who opens a week has it looked into further.
 *
 * @example
 * rosterWalls(4).searchS // => 0
 */
export const rosterWalls = (weeks: number): Walls =>
  (weeks === 1 ? { searchS: 0.6, explainS: 0.1 } : { searchS: 0, explainS: 0 })

/** Enough for a page that waits: about a tenth of a second. */
export const QUICK_BUDGET: AnnealBudget = { steps: 7_000, restarts: 2, preferenceSteps: 4_000 }
/** Around a week that was found already. */
const AGAIN_STEPS = 1_000

/**
 * How far into its bands a week is filled, as a part of their lower ends. A base goes beyond what is wanted and a taper
 * keeps to the lower end, so that what a week must hold does not turn the order of the phases round.
 */
const FILL: Readonly<Record<PhaseId, number>> = { offSeason: 1.4, preSeason: 1.1, inSeason: 1, taper: 1, transition: 1 }
/** Further, where that takes next to no time: on to the upper ends. */
const FURTHER = [1.25, 1.5] as const
/** Trunk work that a week of so many sessions holds at least, minutes (common practice, no source). */
const LEAST_MINUTES: Readonly<Record<PhaseId, number>> = {
  offSeason: 28, preSeason: 28, inSeason: 17, taper: 8, transition: 8,
}
const USUAL_SESSIONS = 3

/** The best week for its bands, as it is given. */
interface Filled {
  readonly plan: WeekPlan
  readonly found: PlannedWeek
  readonly minutes: number
}

/**
 * The best week for an athlete, its bands filled as far as the phase wants, and further where that takes next to no
 * time. How far is found by annealing; what is liked, and a solver, are asked once, about the week that is meant.
 *
 * @param bare the sessions with their lifts and what the coach keeps
 * @throws DomainError when a lift's load is out of range.
 * @example
 * fillWeek([], weeklyTargets({ ...context, sessions: 0 }), context, {}).plan.sessions // => []
 */
export function fillWeek(
  bare: readonly PlannedSession[], targets: Targets, context: PlanningContext, options: ProposalOptions,
): Filled & { readonly dropped: WeekAsNumbers['dropped'], readonly enough: number } {
  const { before = null, budget = QUICK_BUDGET, solver, walls } = options
  const phase = context.rules.block?.phase ?? USUAL_PHASE
  const enough = LEAST_MINUTES[phase] * Math.min(1, bare.length / USUAL_SESSIONS)
  const numbers = weekAsNumbers(context, bare, targets, before)
  const filled = (fill: number, how: PlanOptions): Filled => {
    const found = planWeek(filledTo(numbers, fill).instance, how)
    const plan = asWeek(found, numbers, bare, context, before)
    return { plan, found, minutes: trunkMinutesOf(plan, context.screen.catalogue) }
  }
  const start = startOf(numbers, bare, before)
  const quick: PlanOptions = { budget: { ...budget, preferenceSteps: 0 }, start, explains: () => false }
  let fill: number = FILL[phase]
  let best = filled(fill, quick)
  for (const further of FURTHER) {
    if (best.minutes >= enough) break
    fill = FILL[phase] * further
    best = filled(fill, quick)
  }
  const meant = filled(fill, {
    start: best.found.plan, budget: { ...budget, steps: AGAIN_STEPS },
    ...solver && !best.found.proven ? { solver, explains: isTold } : { explains: () => false },
    ...walls ? { walls } : {},
  })
  return { ...meant, enough, dropped: numbers.dropped }
}

/** A plan in numbers as a week: woken up, in order and with its reasons. */
function asWeek(
  found: PlannedWeek, numbers: WeekAsNumbers, bare: readonly PlannedSession[], context: PlanningContext,
  before: WeekPlan | null,
): WeekPlan {
  const planned = asSessions(found.plan, bare, numbers)
  const taken = new Set(planned.flatMap(session => session.items.map(item => item.id)))
  const sessions = planned.map((session, turn) => {
    const easy = wakeUp(session, context, turn)
    // A kept drill may have been moved here from another session, with the name it had there.
    const woken = easy && taken.has(easy.id) ? { ...easy, id: `${easy.id}+` } : easy
    const whole = inOrder(woken ? { ...session, items: [woken, ...session.items] } : session, context)
    return { ...whole, items: whole.items.map(item => withReason(item, whole, context, before)) }
  })
  return { sessions }
}

/** Where the search begins: last week on the same days, if that breaks nothing. */
function startOf(
  numbers: WeekAsNumbers, sessions: readonly PlannedSession[], before: WeekPlan | null,
): PlannerItem[] {
  const again = asPlannerItems(
    sessions.map(s => ({ ...s, items: before?.sessions.find(b => b.day === s.day)?.items ?? [] })), numbers,
  )
  return evaluatePlan(numbers.instance, again).broken.length > 0 ? [] : again
}

function withReason(
  item: TrunkItem, session: PlannedSession, context: PlanningContext, before: WeekPlan | null,
): TrunkItem {
  const variation = context.screen.catalogue.find(item.variationId)
  if (item.kept || standsOutside(item) || item.why !== '' || !variation) return item
  const last = before?.sessions.flatMap(s => s.items).find(one => one.variationId === item.variationId) ?? null
  return { ...item, why: reasonFor(item, variation, session, context, last) }
}
