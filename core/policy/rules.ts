import type { SchoolId, TrunkAction } from '../catalogue'
import { blockWeekOf, type BlockWeek, type TrainingBlock } from './block'
import { DEFAULT_POLICY, LINE_IDS, type LineId, type Policy } from './lines'
import type { PhaseId } from './phases'
import { SCHOOL_LINES } from './schools'

/** Least and most weekly full sets a coach sets in place of the reckoned ones. */
export interface OwnBand {
  readonly low: number
  readonly high: number
  /** Least and most seconds it was set in, before weeks were counted in full sets. */
  readonly wasS?: readonly [number, number]
}

/**
 * What is settled for one organisation, phase, group or athlete: a school, lines that differ from it, and their own
 * numbers.
 */
export interface PlanningRules {
  readonly school: SchoolId | null
  readonly lines: Partial<Policy>
  readonly bands: Partial<Record<TrunkAction, OwnBand>>
  /** Drills never given here. */
  readonly never: readonly string[]
  /** Drills given in these places only. */
  readonly only: Readonly<Record<string, readonly string[]>>
  readonly blocks: readonly TrainingBlock[]
}

export const NO_RULES: PlanningRules = { school: null, lines: {}, bands: {}, never: [], only: {}, blocks: [] }

export type RuleScope = 'organisation' | 'phase' | 'group' | 'athlete'
/** From the widest to the nearest: the nearest holds. */
export const RULE_SCOPES: readonly RuleScope[] = ['organisation', 'phase', 'group', 'athlete']

/** Rules with where they were settled. */
export interface RulesLayer {
  readonly scope: RuleScope
  /** Phase, group or athlete; `all` for the organisation. */
  readonly scopeId: string
  /** What a coach calls it. */
  readonly name: string
  readonly rules: PlanningRules
}

/** Where a line, a band or a block comes from. */
export interface Origin {
  readonly scope: RuleScope | 'usual'
  readonly name: string
  readonly school: SchoolId | null
}

/** All layers laid over one another: what holds for one athlete in one week. */
export interface WeekRules {
  readonly policy: Policy
  readonly from: Readonly<Record<LineId, Origin>>
  readonly bands: Partial<Record<TrunkAction, OwnBand & { readonly from: Origin }>>
  readonly never: readonly string[]
  readonly only: Readonly<Record<string, readonly string[]>>
  readonly block: BlockWeek | null
}

const USUAL: Origin = { scope: 'usual', name: 'usual', school: null }

/** What holds where nothing was settled. */
export const USUAL_RULES: WeekRules = {
  policy: DEFAULT_POLICY,
  from: Object.fromEntries(LINE_IDS.map(id => [id, USUAL])) as Record<LineId, Origin>,
  bands: {}, never: [], only: {}, block: null,
}

/**
 * Lays rules over one another: organisation, then the phase the week is in, then groups, then the athlete. A school
 * sets its own lines; a line settled beside it holds over the school; a nearer school clears what a wider one set.
 *
 * @param startsOn the week's Monday
 * @param season the block week that the season says; a block set by hand holds over it
 * @example
 * weekRules([], '2026-03-02') // => USUAL_RULES
 */
export function weekRules(layers: readonly RulesLayer[], startsOn: string, season: BlockWeek | null = null): WeekRules {
  const near = [...layers].sort((a, b) => RULE_SCOPES.indexOf(a.scope) - RULE_SCOPES.indexOf(b.scope))
  const block = blockOf(near, startsOn) ?? season
  const holding = near.filter(layer =>
    layer.scope !== 'phase' || layer.scopeId === (block?.phase as PhaseId | null | undefined)
  )
  let policy: Policy = DEFAULT_POLICY
  let from = USUAL_RULES.from
  let bands: WeekRules['bands'] = {}
  for (const { scope, name, rules } of holding) {
    const { school } = rules
    if (school) {
      const lines = SCHOOL_LINES[school]
      policy = { ...DEFAULT_POLICY, ...lines }
      from = Object.fromEntries(LINE_IDS.map(id => [id, id in lines ? { scope, name, school } : USUAL])) as Record<
        LineId,
        Origin
      >
    }
    policy = { ...policy, ...rules.lines }
    from = { ...from, ...Object.fromEntries(Object.keys(rules.lines).map(id => [id, { scope, name, school: null }])) }
    bands = {
      ...bands,
      ...Object.fromEntries(
        Object.entries(rules.bands).map(([action, band]) => [action, { ...band, from: { scope, name, school: null } }]),
      ),
    }
  }
  return {
    policy, from, bands, block,
    never: [...new Set(holding.flatMap(layer => layer.rules.never))],
    only: Object.assign({}, ...holding.map(layer => layer.rules.only)) as WeekRules['only'],
  }
}

/** The nearest block that covers the week: an athlete's own before the group's. */
function blockOf(near: readonly RulesLayer[], startsOn: string): BlockWeek | null {
  for (const layer of [...near].reverse()) {
    const found = blockWeekOf(layer.rules.blocks, startsOn)
    if (found) return found
  }
  return null
}
