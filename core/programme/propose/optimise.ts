import { ACTION_FACTS, type TrunkAction } from '../../catalogue'
import {
  evaluatePlan, planWeek, type AnnealBudget, type Explanation, type LinearSolver, type PlannerItem,
} from '../../planner'
import { isFixed } from '../../rules'
import { isOnCourse } from './braceCourse'
import { weekLedger } from '../week/ledger'
import { inOrder } from './inOrder'
import { notesOn, proposeWeek, type ProposalRequest, type WeekProposal } from './propose'
import { progressText, reasonFor } from './reason'
import { weeklyTargets } from '../week/targets'
import type { PlannedSession, TrunkItem, WeekPlan } from '../week/week'
import { asPlannerItems, asSessions } from './asSessions'
import { EXPOSURE } from './plannerPlaces'
import { weekAsNumbers, type WeekAsNumbers } from './weekInstance'

export interface OptimiseOptions {
  /** Last week's plan: its drills stay where they can. */
  readonly before?: WeekPlan | null
  /** Proves and explains what annealing alone cannot. */
  readonly solver?: LinearSolver
  readonly budget?: AnnealBudget
}

/** Enough for a page that waits: about a tenth of a second. */
export const QUICK_BUDGET: AnnealBudget = { steps: 10_000, restarts: 3, preferenceSteps: 5_000 }

/**
 * The best week that can be found: never one that breaks a rule, never worse than the readable rules propose, since it
 * begins from them. What the coach keeps stays where it is, even past a limit. What is wanting is told with what is to
 * blame, where a solver could look into it.
 *
 * @throws DomainError when a lift's load is out of range.
 * @example
 * optimiseWeek({ context, sessions: [] }).plan.sessions // => []
 */
export function optimiseWeek({ context, sessions }: ProposalRequest, options: OptimiseOptions = {}): WeekProposal {
  const first = proposeWeek({ context, sessions })
  // A red flag leaves nothing to plan, the brace course nothing to choose.
  if (first.refused || isOnCourse(context.screen)) return first
  const targets = weeklyTargets({ ...context, sessions: sessions.length })
  const bare = sessions.map(session => ({
    ...session,
    items: session.items.filter(item => item.kept || isFixed(item)),
  }))
  const numbers = weekAsNumbers(context, bare, targets, options.before ?? null)
  const found = planWeek(numbers.instance, {
    budget: options.budget ?? QUICK_BUDGET,
    start: bestStart(numbers, first.plan.sessions, options.before ?? null, bare),
    explained: options.solver !== undefined,
    ...(options.solver ? { solver: options.solver } : {}),
  })
  const plan = {
    sessions: withReasons(asSessions(found.plan, bare, numbers).map(session => inOrder(session, context)), {
      targets, context, before: options.before ?? null,
    }),
  }
  const ledger = weekLedger(plan, targets, context.screen.catalogue)
  return {
    plan, targets, ledger, refused: false,
    notes: [...leftOut(bare, plan, context), ...notesOn(ledger, plan, context), ...found.explanations.flatMap(whyText)],
    proof: { goal: found.evaluation.goal, bound: found.bound, proven: found.proven, walled: found.walled },
  }
}

/**
 * Where the search begins: last week on the same days, or what the readable rules propose, whichever leaves less
 * wanting.
 */
function bestStart(
  numbers: WeekAsNumbers, proposed: readonly PlannedSession[], before: WeekPlan | null,
  sessions: readonly PlannedSession[],
): PlannerItem[] {
  const fresh = asPlannerItems(proposed, numbers)
  const again = asPlannerItems(
    sessions.map(s => ({ ...s, items: before?.sessions.find(b => b.day === s.day)?.items ?? [] })),
    numbers,
  )
  const goal = (plan: readonly PlannerItem[]): number => {
    const { broken, goal: wanting } = evaluatePlan(numbers.instance, plan)
    return broken.length > 0 ? Infinity : wanting
  }
  return goal(again) <= goal(fresh) ? again : fresh
}

/** Each item with what it serves, reckoned as if the week were filled in the order of the sheet. */
function withReasons(
  sessions: readonly PlannedSession[],
  { targets, context, before }: {
    targets: WeekProposal['targets']
    context: ProposalRequest['context']
    before: WeekPlan | null
  },
): PlannedSession[] {
  const last = new Map(
    (before?.sessions ?? []).flatMap(session => session.items.map(item => [item.variationId, item.dose] as const)),
  )
  const filled = sessions.map(session => ({ session, items: [] as TrunkItem[] }))
  const soFar = (): PlannedSession[] => filled.map(({ session, items }) => ({ ...session, items }))
  for (const { session, items } of filled) {
    for (const item of session.items) {
      const ledger = weekLedger({ sessions: soFar() }, targets, context.screen.catalogue)
      const variation = context.screen.catalogue.find(item.variationId)
      if (item.kept || isFixed(item) || !variation) items.push(item)
      else {
        const why = reasonFor(item, variation, session, ledger, context)
          + progressText(item, last.get(item.variationId) ?? null, context)
        items.push({ ...item, why })
      }
    }
  }
  return soFar()
}

/** Kept drills that may no longer be given: what a coach asked for does not go without a word. */
function leftOut(asked: readonly PlannedSession[], plan: WeekPlan, { screen }: ProposalRequest['context']): string[] {
  const there = new Set(plan.sessions.flatMap(s => s.items.map(i => i.id)))
  return asked.flatMap(s => s.items).filter(i => !there.has(i.id))
    .map(i =>
      `${
        screen.catalogue.find(i.variationId)?.name ?? 'A drill'
      } was kept and may not be given as things stand: left out.`
    )
}

/** One sentence on what is to blame, in the coach's words. */
function whyText({ relaxation: { want, of }, kind, says }: Explanation): string[] {
  if (kind === 'notProven' || want === 'over') return []
  const what = want === 'short' ? ACTION_FACTS[of as TrunkAction].label : want === 'plane' ? planeText(of) : of
  if (kind === 'noDrill') return [`Nothing that may be given now, by rungs, flags and equipment, serves it: ${what}.`]
  return [`Why ${what} is not met: ${says.replace(of, what)}`]
}

const planeText = (of: string): string => (of === EXPOSURE ? 'trunk work in every session' : `the ${of} plane`)
