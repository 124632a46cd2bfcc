import {
  evaluatePlan, planWeek, type AnnealBudget, type LinearSolver, type PlannedWeek, type PlannerItem,
} from '../../planner'
import type { PhaseId } from '../../policy'
import { isFixed } from '../../rules'
import type { PlanningContext } from '../week/context'
import { weekLedger, type Ledger } from '../week/ledger'
import { trunkMinutesOf } from '../week/sessionLayout'
import { weeklyTargets, type Targets } from '../week/targets'
import type { PlannedSession, TrunkItem, WeekPlan } from '../week/week'
import { asPlannerItems, asSessions } from './asSessions'
import { courseSessions, isOnCourse } from './braceCourse'
import { inOrder } from './inOrder'
import { isRefused, notesOn, wantingText, whyTexts } from './notes'
import { GRAIN, standsOutside } from './plannerSession'
import { reasonFor } from './reason'
import { wakeUp } from './wakeUp'
import { weekAsNumbers, type WeekAsNumbers } from './weekInstance'
import { USUAL_PHASE } from './weekWants'

/** What is asked: the athlete and the sessions with their lifts; trunk items that are not kept are replaced. */
export interface ProposalRequest {
  readonly context: PlanningContext
  readonly sessions: readonly PlannedSession[]
}

export interface ProposalOptions {
  /** Last week's plan: its drills stay where they can. */
  readonly before?: WeekPlan | null
  /** Proves and explains what annealing alone cannot. */
  readonly solver?: LinearSolver
  readonly budget?: AnnealBudget
}

export interface WeekProposal {
  readonly plan: WeekPlan
  readonly targets: Targets
  readonly ledger: Ledger
  /** What a coach must know about the proposal: what falls short and why it is empty. */
  readonly notes: readonly string[]
  /** Set when a red flag forbids any programme. */
  readonly refused: boolean
  /** What is known about better plans; null where there was nothing to choose. */
  readonly proof: PlanProof | null
}

/** How good a plan is, and how far that is known. */
export interface PlanProof {
  /** Weighted full sets wanting; 0: nothing is. */
  readonly goal: number
  /** No plan has less. */
  readonly bound: number
  readonly proven: boolean
  /** A wall of time ended the search for a proof. */
  readonly walled: boolean
}

/** Enough for a page that waits: about a tenth of a second. */
export const QUICK_BUDGET: AnnealBudget = { steps: 7_000, restarts: 2, preferenceSteps: 4_000 }

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

/**
 * The best week that can be found for an athlete, its work counted in full sets: setting, amount and sets of every
 * drill are chosen for this trunk. Never one that breaks a rule; what the coach keeps stays where it is, even past a
 * limit. What is wanting is told with what is to blame, where a solver could look into it.
 *
 * @throws DomainError when a lift's load is out of range.
 * @example
 * proposeWeek({ context, sessions: [] }).plan.sessions // => []
 */
export function proposeWeek({ context, sessions }: ProposalRequest, options: ProposalOptions = {}): WeekProposal {
  const targets = weeklyTargets({ ...context, sessions: sessions.length })
  if (isRefused(context, sessions))
    return withoutChoice(sessions.map(s => ({ ...s, items: s.items.filter(isFixed) })), targets, context, true)
  // The brace course leaves nothing to choose.
  if (isOnCourse(context.screen)) return withoutChoice(courseSessions(sessions, context), targets, context, false)
  const bare = sessions.map(session => ({
    ...session, items: session.items.filter(item => item.kept || isFixed(item)),
  }))
  const phase = context.rules.block?.phase ?? USUAL_PHASE
  const enough = LEAST_MINUTES[phase] * Math.min(1, sessions.length / USUAL_SESSIONS)
  const tryFill = (further: number): Filled => filled(bare, targets, context, options, FILL[phase] * further)
  let best = tryFill(1)
  for (const further of FURTHER) {
    if (best.minutes >= enough) break
    best = tryFill(further)
  }
  const { plan, found, dropped, minutes } = best
  const ledger = weekLedger(plan, targets, context)
  const { evaluation, bound, proven, walled, explanations } = found
  return {
    plan, targets, ledger, refused: false,
    notes: [
      ...leftOut(bare, plan, context), ...notesOn(ledger, plan, context),
      ...minutes < enough ? [`What may be given fills ${Math.round(minutes)} minutes of the week.`] : [],
      ...evaluation.relaxations.filter(one => one.want === 'plane').map(wantingText),
      ...whyTexts(explanations, dropped),
    ],
    proof: { goal: evaluation.goal / GRAIN, bound: bound / GRAIN, proven, walled },
  }
}

interface Filled {
  readonly plan: WeekPlan
  readonly found: PlannedWeek
  readonly dropped: WeekAsNumbers['dropped']
  readonly minutes: number
}

/** The best week that fills its bands so far, woken up, in order and with its reasons. */
function filled(
  bare: readonly PlannedSession[], targets: Targets, context: PlanningContext,
  { before = null, budget = QUICK_BUDGET, solver }: ProposalOptions, fill: number,
): Filled {
  const numbers = weekAsNumbers(context, bare, targets, { before, fill })
  const found = planWeek(numbers.instance, {
    budget, start: startOf(numbers, bare, before), explained: solver !== undefined, ...(solver ? { solver } : {}),
  })
  const planned = asSessions(found.plan, bare, numbers)
  const taken = new Set(planned.flatMap(session => session.items.map(item => item.id)))
  const sessions = planned.map((session, turn) => {
    const easy = wakeUp(session, context, turn)
    // A kept drill may have been moved here from another session, with the name it had there.
    const woken = easy && taken.has(easy.id) ? { ...easy, id: `${easy.id}+` } : easy
    const whole = inOrder(woken ? { ...session, items: [woken, ...session.items] } : session, context)
    return { ...whole, items: whole.items.map(item => withReason(item, whole, context, before)) }
  })
  const plan = { sessions }
  return { plan, found, dropped: numbers.dropped, minutes: trunkMinutesOf(plan, context.screen.catalogue) }
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

/** Kept drills that may no longer be given: what a coach asked for does not go without a word. */
function leftOut(asked: readonly PlannedSession[], plan: WeekPlan, { screen }: PlanningContext): string[] {
  const there = new Set(plan.sessions.flatMap(s => s.items.map(i => i.id)))
  return asked.flatMap(s => s.items).filter(i => !there.has(i.id))
    .map(i => `${
      screen.catalogue.find(i.variationId)?.name ?? 'A drill'
    } was kept and may not be given as things stand: left out.`)
}

/** A week in which nothing is chosen. */
function withoutChoice(
  sessions: readonly PlannedSession[], targets: Targets, context: PlanningContext, refused: boolean,
): WeekProposal {
  const plan = { sessions: sessions.map(session => inOrder(session, context)) }
  const ledger = weekLedger(plan, targets, context)
  return { plan, targets, ledger, refused, notes: notesOn(ledger, plan, context), proof: null }
}
