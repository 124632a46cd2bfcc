import { must } from '../../errors'
import { ACTION_FACTS, TRUNK_ACTIONS, type Catalogue } from '../../catalogue'
import { formatDose } from '../../dose'
import { loadText } from '../propose/reason'
import type { Ledger } from '../week/ledger'
import type { WeekPlan } from '../week/week'

/** What two plans of one week differ in, in a coach's words. */
export interface PlanDifference {
  readonly comes: readonly string[]
  readonly goes: readonly string[]
  /** Drills that stay in another dose or place. */
  readonly changes: readonly string[]
  /** Full sets by action, where they differ by a quarter or more. */
  readonly fullSets: readonly { readonly label: string, readonly from: number, readonly to: number }[]
}

/** Less makes no difference worth telling, full sets. */
const LEAST = 0.25
const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun']

interface Held { readonly name: string, readonly doses: string, readonly places: string, readonly text: string }

function drillsOf(plan: WeekPlan, catalogue: Catalogue): Map<string, Held> {
  const found = new Map<string, { name: string, doses: string[], places: string[] }>()
  for (const session of plan.sessions) {
    for (const item of session.items) {
      const variation = catalogue.find(item.variationId)
      const one = found.get(item.variationId) ?? { name: variation?.name ?? 'A drill', doses: [], places: [] }
      one.doses.push(`${formatDose(item.dose, variation?.sides ?? 'both')}${loadText(item.setting)}`)
      one.places.push(`${DAYS[session.day]} ${item.slot}`)
      found.set(item.variationId, one)
    }
  }
  return new Map(
    [...found].map((
      [id, { name, doses, places }],
    ) => [id, {
      name, doses: [...doses].sort().join(', '), places: [...places].sort().join(', '),
      text: `${name}, ${doses[0]}${doses.length > 1 ? `, ${doses.length} times` : ''}`,
    }]),
  )
}

/**
 * Compares two plans of one week, drill by drill and in full sets by action.
 *
 * @example
 * comparePlans({ plan: { sessions: [] }, ledger }, { plan: { sessions: [] }, ledger }, STANDARD).comes // => []
 */
export function comparePlans(
  from: { readonly plan: WeekPlan, readonly ledger: Ledger }, to: { readonly plan: WeekPlan, readonly ledger: Ledger },
  catalogue: Catalogue,
): PlanDifference {
  const [before, after] = [drillsOf(from.plan, catalogue), drillsOf(to.plan, catalogue)]
  const changes = [...after].flatMap(([id, now]) => {
    const was = before.get(id)
    if (!was) return []
    if (was.doses !== now.doses) return [`${now.name}: ${was.doses} → ${now.doses}`]
    return was.places === now.places ? [] : [`${now.name}: ${was.places} → ${now.places}`]
  })
  const total = (ledger: Ledger, i: number): number => {
    const { lifts, drills } = must(ledger.lines[i])
    return lifts + drills
  }
  return {
    comes: [...after].filter(([id]) => !before.has(id)).map(([, held]) => held.text),
    goes: [...before].filter(([id]) => !after.has(id)).map(([, held]) => held.text),
    changes,
    fullSets: TRUNK_ACTIONS.map((action, i) => ({
      label: ACTION_FACTS[action].label, from: total(from.ledger, i), to: total(to.ledger, i),
    })).filter(s => Math.abs(s.to - s.from) >= LEAST),
  }
}
