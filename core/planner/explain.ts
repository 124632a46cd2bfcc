import type { Column, Dropped } from './columns'
import type { Evaluation, Relaxation } from './evaluate'
import type { WeekInstance } from './instance'
import { RULE_FAMILIES, weekModel, type RuleFamily } from './model'
import type { SolverAnswer, SolverRequest } from './solver'

/** Why something is wanting. */
export interface Explanation {
  readonly relaxation: Relaxation
  readonly kind: 'tradeOff' | 'rules' | 'noDrill' | 'notProven'
  /** Rule families without which it could be there. */
  readonly blame: readonly RuleFamily[]
  /** Whether leaving one of them out of the list would be wrong. */
  readonly minimal: boolean
  /** Rules that dropped drills for it before anything was chosen. */
  readonly droppedBy: readonly string[]
  readonly says: string
}

type Ask = (request: Omit<SolverRequest, 'grain' | 'wallS'>) => SolverAnswer

/**
 * Why each want is not met: it is forced alone. If it can be, other goals are worth more (a trade-off); if not, a
 * deletion filter over rule families leaves the ones that together make it impossible.
 *
 * @param ask a solver; without one only what can be seen without it is said
 * @example
 * explain({ actions: ['AE'], bands: { AE: { low: 1, high: 2 } }, sessions: [], variations: [], limits: {} }, [], [], { broken: [], doses: {}, goal: 1, preference: 0, relaxations: [{ want: 'short', of: 'AE', by: 1, cost: 1 }] }, null)[0].kind // => 'noDrill'
 */
export function explain(
  instance: WeekInstance, columns: readonly Column[], dropped: readonly Dropped[], evaluation: Evaluation,
  ask: Ask | null,
): Explanation[] {
  return evaluation.relaxations.map((relaxation): Explanation => {
    const droppedBy = rulesThatDropped(instance, dropped, relaxation)
    const base = { relaxation, droppedBy, blame: [] as RuleFamily[], minimal: true }
    if (!isServed(columns, relaxation)) {
      return {
        ...base, kind: 'noDrill',
        says: `No drill that may be given serves ${relaxation.of}${
          droppedBy.length > 0 ? `: taken away by ${droppedBy.join(', ')}` : ''
        }.`,
      }
    }
    if (!ask) return { ...base, kind: 'notProven', minimal: false, says: 'Not looked into.' }
    const possible = (without: ReadonlySet<string>): boolean | null =>
      canBeMet(instance, columns, relaxation, without, ask)
    const alone = possible(new Set())
    if (alone === null)
      return {
        ...base, kind: 'notProven', minimal: false, says: 'Whether it could be met is not proven: time ran out.',
      }
    if (alone) {
      const others = evaluation.relaxations.filter(r => r !== relaxation).map(r => r.of)
      return {
        ...base, kind: 'tradeOff',
        says: `It could be met, at the cost of ${
          others.length > 0 ? `more of ${others.join(', ')} or ` : ''
        }other goals that are worth more.`,
      }
    }
    const families = Object.keys(RULE_FAMILIES) as RuleFamily[]
    if (possible(new Set(families)) === false) {
      return {
        ...base, kind: 'noDrill',
        says: `The drills that may be given cannot reach it, whatever the rules${
          droppedBy.length > 0 ? `; more was taken away by ${droppedBy.join(', ')}` : ''
        }.`,
      }
    }
    // A family without which it is still impossible has no part in it; what cannot be left out is to blame together.
    let minimal = true
    const out = new Set<string>()
    for (const family of families) {
      out.add(family)
      const still = possible(out)
      if (still === null) minimal = false
      if (still !== false) out.delete(family)
    }
    const blame = families.filter(family => !out.has(family))
    return {
      ...base, kind: 'rules', blame, minimal,
      says: `Not possible with ${blame.map(f => RULE_FAMILIES[f]).join(' and ')} as set${
        minimal ? '' : ' (not proven minimal)'
      }.`,
    }
  })
}

/** Whether one want can be met whatever becomes of the others; null when time ran out. */
function canBeMet(
  instance: WeekInstance, columns: readonly Column[], { want, of }: Relaxation, without: ReadonlySet<string>, ask: Ask,
): boolean | null {
  const { model, slacks } = weekModel(instance, columns)
  const slack = slacks.get(`${want}/${of}`)
  if (slack === undefined) return null
  const forced = {
    ...model, cost: model.cost.map(() => 0),
    upper: model.upper.map((u, i) => (i === slack ? 0 : u)),
    rows: model.rows.filter(row => !without.has(row.family)),
  }
  // What the relaxation cannot do no plan can.
  if (ask({ model: forced, whole: false }).status === 'infeasible') return false
  const answer = ask({ model: forced, whole: true })
  return answer.status === 'infeasible' ? false : answer.values.length > 0 ? true : null
}

/** Whether any column does anything for it. */
function isServed(columns: readonly Column[], { want, of }: Relaxation): boolean {
  if (want === 'over') return true
  if (want === 'short') return columns.some(c => (c.dose.demand[of] ?? 0) > 0)
  if (want === 'plane') return columns.some(c => c.variation.planes.includes(of))
  return columns.length > 0
}

function rulesThatDropped(instance: WeekInstance, dropped: readonly Dropped[], { want, of }: Relaxation): string[] {
  const serves = new Set(
    instance.variations.filter(v => (want === 'short'
      ? v.doses.some(d =>
        (d.demand[of] ?? 0) > 0
      )
      : want === 'plane'
      ? v.planes.includes(of)
      : true)
    ).map(v => v.id),
  )
  return [...new Set(dropped.filter(d => serves.has(d.variation) && d.rule !== 'slot').map(d => d.rule))]
}
