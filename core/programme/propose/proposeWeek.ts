import { isFixed } from '../../rules'
import type { PlanningContext } from '../week/context'
import { weekLedger, type Ledger } from '../week/ledger'
import { weeklyTargets, type Targets } from '../week/targets'
import type { PlannedSession, WeekPlan } from '../week/week'
import { courseSessions, isOnCourse } from './braceCourse'
import { fillWeek, type ProposalOptions } from './fillWeek'
import { inOrder } from './inOrder'
import { isRefused, notesOn, wantingText, whyTexts } from './notes'
import { GRAIN } from './plannerSession'

/** What is asked: the athlete and the sessions with their lifts; trunk items that are not kept are replaced. */
export interface ProposalRequest {
  readonly context: PlanningContext
  readonly sessions: readonly PlannedSession[]
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
  const { plan, found, dropped, minutes, enough } = fillWeek(bare, targets, context, options)
  const ledger = weekLedger(plan, targets, context)
  const { evaluation, bound, proven, walled, explanations } = found
  return {
    plan, targets, ledger, refused: false,
    notes: [
      ...leftOut(bare, plan, context), ...notesOn(ledger, plan, context),
      ...minutes < enough ? ['What may be given fills less of the week than is usual.'] : [],
      ...evaluation.relaxations.filter(one => one.want === 'plane').map(wantingText),
      ...whyTexts(explanations, dropped),
    ],
    proof: { goal: evaluation.goal / GRAIN, bound: bound / GRAIN, proven, walled },
  }
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
