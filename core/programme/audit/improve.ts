import { must } from '../../errors'
import { ACTION_FACTS, type TrunkAction } from '../../catalogue'
import { asItem, columnsOf, evaluatePlan, type Evaluation, type PlannerItem, type WeekInstance } from '../../planner'
import type { PlanningContext } from '../week/context'
import { isRefused, wantText } from '../propose/notes'
import { weeklyTargets } from '../week/targets'
import type { TrunkItem, WeekPlan } from '../week/week'
import { asSessions } from '../propose/asSessions'
import { EXPOSURE } from '../propose/plannerPlaces'
import { GRAIN, standsOutside } from '../propose/plannerSession'
import { weekAsNumbers, type WeekAsNumbers } from '../propose/weekInstance'

/** One change to a week that stands, and what it would do. */
export interface Improvement {
  readonly kind: 'add' | 'swap' | 'drop'
  readonly sessionId: string
  /** The drill that goes or is swapped. */
  readonly itemId: string | null
  /** The drill that comes, in its dose and place. */
  readonly item: TrunkItem | null
  /** Weighted full sets that are wanting less. */
  readonly gain: number
  /** Rules that are no longer broken. */
  readonly mends: number
  readonly effect: string
}

/** A broken rule outweighs whatever is wanting, in hundredths of full sets. */
const RULE_WORTH = 100_000
const MOST = 8

interface Base {
  readonly numbers: WeekAsNumbers
  readonly instance: WeekInstance
  readonly plan: readonly PlannerItem[]
  readonly ids: readonly string[]
}

/** The week as it stands, every item in its own dose, nothing locked. */
function baseOf(plan: WeekPlan, context: PlanningContext, before: WeekPlan | null): Base {
  const sessions = plan.sessions.map(session => ({
    ...session,
    items: session.items.map(item => (standsOutside(item) ? item : { ...item, kept: true as const })),
  }))
  const targets = weeklyTargets({ ...context, sessions: sessions.length })
  const numbers = weekAsNumbers(context, sessions, targets, before)
  const { locks, ...instance } = numbers.instance
  const items = locks?.keep ?? []
  const ids = items.map(item => must(numbers.kept.get(`${item.session}/${item.variation}/${item.sets}`)).id)
  return { numbers, instance, plan: items, ids }
}

const worth = ({ broken, goal }: Evaluation): number => broken.length * RULE_WORTH + goal

/**
 * Weighted full sets that a week leaves wanting, as the planner counts them; drills that may not be given count
 * nothing.
 *
 * @param before last week's plan
 * @example
 * weekGoal({ sessions: [] }, context, null) // => 0
 */
export function weekGoal(plan: WeekPlan, context: PlanningContext, before: WeekPlan | null): number {
  const { instance, plan: items } = baseOf(plan, context, before)
  return evaluatePlan(instance, items).goal / GRAIN
}

/**
 * What the planner would change in a week made by hand: single changes, the best first, each with its effect alone; one
 * change a drill.
 *
 * @param before last week's plan
 * @example
 * improvements({ sessions: [] }, context, null) // => []
 */
export function improvements(plan: WeekPlan, context: PlanningContext, before: WeekPlan | null): Improvement[] {
  if (isRefused(context, plan.sessions)) return []
  const base = baseOf(plan, context, before)
  const now = evaluatePlan(base.instance, base.plan)
  const { columns } = columnsOf(base.instance)
  const usual = columns.filter(column => !column.dose.lockedOnly)
  const found: Improvement[] = []
  const look = (
    kind: Improvement['kind'], next: readonly PlannerItem[],
    of: { sessionId: string, itemId: string | null, added: PlannerItem | null },
  ): void => {
    const then = evaluatePlan(base.instance, next)
    if (!(worth(then) < worth(now) - 1e-9)) return
    found.push({
      kind, sessionId: of.sessionId, itemId: of.itemId, item: of.added ? itemFor(of.added, base, plan) : null,
      gain: (now.goal - then.goal) / GRAIN, mends: now.broken.length - then.broken.length,
      effect: effectText(now, then),
    })
  }
  base.plan.forEach((item, i) => {
    const rest = base.plan.filter((_, at) => at !== i)
    look('drop', rest, { sessionId: item.session, itemId: must(base.ids[i]), added: null })
    for (const column of usual) {
      const added = asItem(column)
      if (added.session === item.session)
        look('swap', [...rest, added], { sessionId: item.session, itemId: must(base.ids[i]), added })
    }
  })
  for (const column of usual) {
    const added = asItem(column)
    look('add', [...base.plan, added], { sessionId: added.session, itemId: null, added })
  }
  return best(found)
}

/** The best change for each drill, and the best additions of different drills. */
function best(found: readonly Improvement[]): Improvement[] {
  const rank = ({ mends, gain }: Improvement): number => mends * RULE_WORTH + gain * GRAIN
  const sorted = [...found].sort((a, b) => rank(b) - rank(a))
  const taken = new Set<string>()
  return sorted.filter((one) => {
    const keys = [one.itemId ?? `${one.sessionId}+`, ...(one.item ? [`drill:${one.item.variationId}`] : [])]
    if (keys.some(key => taken.has(key))) return false
    keys.forEach(key => taken.add(key))
    return true
  }).slice(0, MOST)
}

function itemFor(added: PlannerItem, { numbers }: Base, plan: WeekPlan): TrunkItem {
  const bare = plan.sessions.filter(s => s.id === added.session).map(s => ({ ...s, items: [] }))
  const item = must(must(asSessions([added], bare, { options: numbers.options, kept: new Map() })[0]).items[0])
  return { ...item, why: 'Taken over from what the engine would change.' }
}

/** What becomes less wanting, in the coach's words. */
function effectText(now: Evaluation, then: Evaluation): string {
  const by = (of: Evaluation, want: string, what: string): number =>
    of.relaxations.find(r => r.want === want && r.of === what)?.by ?? 0
  const parts = now.relaxations.flatMap(({ want, of, by: was }) => {
    const less = was - by(then, want, of)
    if (less <= 0) return []
    if (want === 'short' || want === 'over')
      return [`${ACTION_FACTS[of as TrunkAction].label} is ${(less / GRAIN).toFixed(1)} full sets less ${want}`]
    if (want === 'plane')
      return [of === EXPOSURE ? 'one session more holds trunk work' : `${wantText(of)} is met once more`]
    return [want === 'keep' ? 'a drill of last week stays' : 'resisting catches up with making']
  })
  const mended = now.broken.length - then.broken.length
  if (mended > 0) parts.unshift(mended === 1 ? 'a broken rule is mended' : `${mended} broken rules are mended`)
  return parts.slice(0, 3).join(', ')
}
