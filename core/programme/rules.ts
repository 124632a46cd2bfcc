import type { Variation } from '../catalogue'
import { policyRemoval } from '../policy'
import { doseRemoval, removals } from '../screening'
import type { SeasonDayKind } from '../season'
import { dayKindOf, type PlanningContext } from './context'
import { liftFacts } from './lifts'
import { layOutSession } from './sessionLayout'
import { SLOTS, type PlannedLift, type PlannedSession, type Slot, type TrunkItem, type WeekPlan } from './week'

export type ConflictRule =
  'admissible' | 'dose' | 'competition' | 'beforeHeavyLift' | 'pairing' | 'activation' | 'repeat' | 'minutes' | 'policy' | 'lock' | 'season'

/** One broken rule, at the place where it is broken. */
export interface Conflict {
  readonly rule: ConflictRule
  readonly sessionId: string
  readonly itemId: string | null
  readonly text: string
  /** Safety rules can never be saved over; the others are the coach's to overrule. */
  readonly blocks: boolean
}

/** A load from which an axial lift is heavy, % of 1RM (common practice, no source). */
export const HEAVY_PERCENT = 75
/** Fatigue class from which a drill is fatiguing before a heavy lift (common practice, no source). */
export const FATIGUING = 3

/**
 * Whether a planned lift is heavy and loads the spine along its length.
 *
 * @example
 * isHeavyAxial({ id: 'a', lift: 'backSquat', sets: 4, reps: 4, percent1Rm: 82 }) // => true
 */
export function isHeavyAxial(planned: PlannedLift): boolean {
  return liftFacts(planned.lift).axial && planned.percent1Rm >= HEAVY_PERCENT
}

/**
 * The rules one item breaks where it stands; the proposer keeps none and the week sheet marks them.
 *
 * @example
 * itemConflicts(item, session, context).map(c => c.rule) // => []
 */
export function itemConflicts(item: TrunkItem, session: PlannedSession, context: PlanningContext): Conflict[] {
  const variation = context.screen.catalogue.find(item.variationId)
  const blocking = (rule: ConflictRule, text: string): Conflict =>
    ({ rule, text, blocks: true, sessionId: session.id, itemId: item.id })
  if (!variation) return [blocking('admissible', 'This drill is not in the catalogue.')]
  const dose = doseRemoval(item.dose, context.screen.flags)
  return [
    ...removals(variation, context.screen).map(removal => blocking('admissible', removal.text)),
    ...(dose ? [blocking('dose', dose)] : []),
    ...roundConflicts(item, context).map(text => blocking('admissible', text)),
    ...tasteConflicts(variation, context).map(([rule, text]): Conflict => ({ rule, text, blocks: false, sessionId: session.id, itemId: item.id })),
    ...placeConflicts(item, variation, session, context),
  ]
}

/** What speaks against the drills of later rounds and their fallbacks. */
function roundConflicts(item: TrunkItem, { screen }: PlanningContext): string[] {
  const ids = [...new Set((item.rounds ?? []).flatMap(round => [round.variationId, ...(round.fallbackId ? [round.fallbackId] : [])]))]
  return ids.filter(id => id !== item.variationId).flatMap((id) => {
    const variation = screen.catalogue.find(id)
    return variation ? removals(variation, screen).map(removal => `${variation.name}: ${removal.text}`) : ['A drill of a later round is not in the catalogue.']
  })
}

/** What the policy or the coach's own lock has against a drill: it may stand all the same. */
function tasteConflicts(variation: Variation, { rules }: PlanningContext): [ConflictRule, string][] {
  const policy = policyRemoval(variation, rules.policy)
  return [
    ...(rules.never.includes(variation.id) ? [['lock', 'Locked out: never this drill.'] as [ConflictRule, string]] : []),
    ...(policy ? [['policy', policy] as [ConflictRule, string]] : []),
  ]
}

/**
 * The rules an admissible drill breaks by where it stands: day, slot, partner lift, repetition.
 *
 * @example
 * placeConflicts(item, variation, session, context).some(c => c.blocks) // => false
 */
export function placeConflicts(
  item: TrunkItem, variation: Variation, session: PlannedSession, context: PlanningContext,
): Conflict[] {
  const found: Conflict[] = []
  const add = (rule: ConflictRule, text: string): void => {
    found.push({ rule, text, blocks: false, sessionId: session.id, itemId: item.id })
  }
  const competition = competitionText(item, variation, dayKindOf(session.day, context.competitionDays))
  if (competition) add('competition', competition)
  else {
    const season = seasonText(item, variation, context.seasonDays?.[session.day] ?? null)
    if (season) add('season', season)
  }
  if (item.slot === 'activation' && variation.fatigue >= FATIGUING) {
    add('activation', 'Too tiring for activation: short and easy work belongs here.')
  }
  const only = context.rules.only[variation.id]
  if (only && !only.includes(item.slot)) add('lock', `Locked to its place: ${only.map(slot => SLOTS[slot as Slot] ?? slot).join(' or ')}.`)
  if (item.slot === 'home') return found
  liftConflicts(item, variation, session, add)
  if (session.items.some(other => other.id !== item.id && other.slot !== 'home' && other.variationId === item.variationId)) {
    add('repeat', 'The same drill twice in one session.')
  }
  return found
}

function liftConflicts(
  item: TrunkItem, variation: Variation, session: PlannedSession, add: (rule: ConflictRule, text: string) => void,
): void {
  const lastHeavy = session.lifts.reduce((last, lift, index) => (isHeavyAxial(lift) ? index : last), -1)
  const at = session.lifts.findIndex(lift => lift.id === item.pairedWith)
  const before = item.slot === 'activation' || (item.pairedWith !== null && at >= 0 && at <= lastHeavy)
  if (variation.fatigue >= FATIGUING && lastHeavy >= 0 && before) {
    add('beforeHeavyLift', `Fatiguing before the heavy ${liftFacts(session.lifts[lastHeavy]!.lift).name.toLowerCase()}.`)
  }
  if (item.slot === 'inside' && !variation.insideLift) add('pairing', 'It is not done inside a lift.')
  if (item.slot !== 'paired' && item.slot !== 'inside') return
  const partner = session.lifts[at]
  if (!partner) {
    add('pairing', 'The lift it was paired with is gone.')
    return
  }
  const lift = liftFacts(partner.lift)
  if (item.slot === 'inside') return
  const shared = variation.tires.filter(region => lift.limits.includes(region))
  if (shared.length > 0) add('pairing', `Tires what the ${lift.name.toLowerCase()} needs: ${shared.map(regionName).join(', ')}.`)
}

function competitionText(item: TrunkItem, variation: Variation, kind: ReturnType<typeof dayKindOf>): string | null {
  switch (kind) {
    case 'competition': return 'Competition day: no trunk work.'
    case 'dayBefore':
      return item.slot === 'activation' && variation.fatigue === 1 && variation.mode !== 'ballistic'
        ? null
        : 'The day before a competition is for activation only.'
    case 'twoDaysBefore': return variation.fatigue >= FATIGUING ? 'Nothing draining within 48 h of a competition.' : null
    case 'dayAfter': return variation.fatigue > 1 ? 'The day after a competition is for easy work.' : null
    case 'training': return null
  }
}

/** What the season's kind of day has against a drill in its place. */
function seasonText(item: TrunkItem, variation: Variation, kind: SeasonDayKind | null): string | null {
  switch (kind) {
    case 'off': return 'The season keeps this day free of trunk work.'
    case 'activation':
      return item.slot === 'activation' && variation.fatigue === 1 && variation.mode !== 'ballistic' ? null : 'The season has this day for activation only.'
    case 'low': return variation.fatigue >= FATIGUING ? 'The season has this as a low day: nothing tiring.' : null
    default: return null
  }
}

function regionName(region: string): string {
  return region.replace(/([A-Z])/g, ' $1').toLowerCase()
}

/**
 * Every broken rule of a week, session by session.
 *
 * @throws DomainError when a dose or load cannot be reckoned.
 * @example
 * weekConflicts({ sessions: [] }, context) // => []
 */
export function weekConflicts(plan: WeekPlan, context: PlanningContext): Conflict[] {
  return plan.sessions.flatMap((session) => {
    const found = session.items.flatMap(item => itemConflicts(item, session, context))
    const overS = layOutSession(session, context.screen.catalogue).totalS - session.minutes * 60
    if (overS > 0) {
      found.push({
        rule: 'minutes', sessionId: session.id, itemId: null, blocks: false,
        text: `${Math.ceil(overS / 60)} min longer than the ${session.minutes} min there are.`,
      })
    }
    return found
  })
}
