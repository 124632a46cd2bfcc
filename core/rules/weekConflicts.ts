import type { Variation } from '../catalogue'
import { screenOn, type PlanningContext } from '../programme/week/context'
import type { PlannedSession, TrunkItem, WeekPlan } from '../programme/week/week'
import { doseRemoval, removals } from '../screening'
import type { BrokenAt } from './asked'
import type { DrillRuleId } from './drillRules'
import { PLACE_RULES, type PlaceRuleId } from './placeRules'
import type { Severity } from './rule'
import { SESSION_RULES, type SessionRuleId } from './sessionRules'
import { WEEK_RULES, type WeekRuleId } from './weekRules'

export type ConflictRule = DrillRuleId | 'unknown' | 'dose' | PlaceRuleId | SessionRuleId | WeekRuleId

/** One broken rule, at the place where it is broken. */
export interface Conflict {
  readonly rule: ConflictRule
  readonly sessionId: string
  readonly itemId: string | null
  readonly text: string
  /** What stops can never be saved or assigned; the rest is the coach's to overrule. */
  readonly blocks: boolean
}

/**
 * The rules a drill breaks by where it stands: day, place, partner lift, whether somebody watches.
 *
 * @param before last week's plan; null where it is not known
 * @example
 * placeConflicts(item, variation, session, context).some(c => c.blocks) // => false
 */
export function placeConflicts(
  item: TrunkItem, variation: Variation, session: PlannedSession, context: PlanningContext,
  before: WeekPlan | null = null,
): Conflict[] {
  return PLACE_RULES.flatMap(rule => rule.breaks({ item, variation, session, context, before })
    .map(text => ({ rule: rule.id, text, blocks: rule.severity === 'stop', sessionId: session.id, itemId: item.id })))
}

/**
 * The rules one item breaks where it stands, in the session it stands in; the proposer keeps them all and the week
 * sheet marks them.
 *
 * @param before last week's plan; null where it is not known
 * @example
 * itemConflicts(item, session, context).map(c => c.rule) // => []
 */
export function itemConflicts(
  item: TrunkItem, session: PlannedSession, context: PlanningContext, before: WeekPlan | null = null,
): Conflict[] {
  return [
    ...ownConflicts(item, session, context, before),
    ...SESSION_RULES.flatMap(rule => conflicts(rule, rule.breaks({ session, context }))).filter(({ itemId }) =>
      itemId === item.id
    ),
  ]
}

/** What speaks against an item by itself. */
function ownConflicts(
  item: TrunkItem, session: PlannedSession, context: PlanningContext, before: WeekPlan | null,
): Conflict[] {
  const screen = screenOn(context, session.day)
  const variation = screen.catalogue.find(item.variationId)
  const stop = (rule: ConflictRule, text: string): Conflict => ({
    rule, text, blocks: true, sessionId: session.id, itemId: item.id,
  })
  if (!variation) return [stop('unknown', 'This drill is not in the catalogue.')]
  const dose = doseRemoval(item.dose, screen.flags)
  return [
    ...removals(variation, screen).map(removal => stop(removal.rule, removal.text)),
    ...(dose ? [stop('dose', dose)] : []),
    ...laterRounds(item).flatMap((id) => {
      const later = screen.catalogue.find(id)
      return later
        ? removals(later, screen).map(removal => stop(removal.rule, `${later.name}: ${removal.text}`))
        : [stop('unknown', 'A drill of a later round is not in the catalogue.')]
    }),
    ...placeConflicts(item, variation, session, context, before),
  ]
}

/**
 * Drills of the later rounds of a circuit and what they fall back on, each once, without the first round's.
 *
 * @example
 * laterRounds({ ...item, rounds: [{ variationId: 'a', fallbackId: 'b' }] }) // => ['a', 'b']
 */
export function laterRounds({ variationId, rounds = [] }: Pick<TrunkItem, 'variationId' | 'rounds'>): string[] {
  return [...new Set(rounds.flatMap(round => [round.variationId, ...(round.fallbackId ? [round.fallbackId] : [])]))]
    .filter(id => id !== variationId)
}

const conflicts = (
  { id, severity }: { readonly id: ConflictRule, readonly severity: Severity },
  broken: readonly BrokenAt[],
): Conflict[] => broken.map(one => ({ ...one, rule: id, blocks: severity === 'stop' }))

/**
 * Every broken rule of a week: of each item, of each session, of the week as a whole.
 *
 * @param before last week's plan; null where it is not known
 * @throws DomainError when a dose or load cannot be reckoned.
 * @example
 * weekConflicts({ sessions: [] }, context) // => []
 */
export function weekConflicts(plan: WeekPlan, context: PlanningContext, before: WeekPlan | null = null): Conflict[] {
  return [
    ...plan.sessions.flatMap(session => [
      ...session.items.flatMap(item => ownConflicts(item, session, context, before)),
      ...SESSION_RULES.flatMap(rule => conflicts(rule, rule.breaks({ session, context }))),
    ]),
    ...WEEK_RULES.flatMap(rule => conflicts(rule, rule.breaks({ plan, context }))),
  ]
}
