import { ACTION_FACTS, mainAction, type PerAction, type Variation } from '../catalogue'
import { doseSessionS, type Dose, type Side } from '../dose'
import { nextDose, PHASES, policyDoses, policyRemoval, type BlockWeek } from '../policy'
import { admissibleSet, doseRemoval } from '../screening'
import type { PlanningContext } from './context'
import { itemActionSeconds } from './ledger'
import { placeConflicts } from './rules'
import type { PlannedSession, Slot, TrunkItem, WeekPlan } from './week'

/** One way to add one drill at one place. */
export interface Candidate {
  readonly session: PlannedSession
  readonly option: Option
  readonly item: TrunkItem
}

/** Most items a slot takes, per session (paired: per lift), and in a whole session (common practice, no source). */
export const SLOT_LIMIT: Readonly<Record<Slot, number>> = { activation: 2, paired: 1, inside: 1, after: 2, finisher: 1, home: 0 }
export const SESSION_ITEM_LIMIT = 5
/** Most times one drill comes back in a week. */
export const WEEK_REPEAT_LIMIT = 2
/** Two rungs of one ladder in a week are enough. */
const LADDER_REPEAT_LIMIT = 3

interface Place {
  readonly slot: Slot
  readonly pairedWith: string | null
}

/** The places of a session where one more item fits. */
function openPlaces(session: PlannedSession): Place[] {
  if (session.items.length >= SESSION_ITEM_LIMIT) return []
  const taken = (slot: Slot, pairedWith: string | null): number =>
    session.items.filter(item => item.slot === slot && item.pairedWith === pairedWith).length
  const places: Place[] = [
    { slot: 'activation', pairedWith: null },
    ...session.lifts.flatMap(({ id }) => [{ slot: 'paired' as const, pairedWith: id }, { slot: 'inside' as const, pairedWith: id }]),
    { slot: 'after', pairedWith: null },
    { slot: 'finisher', pairedWith: null },
  ]
  // With no lifts there is nothing to activate for: the session is its own main work.
  const limit = (slot: Slot): number => (session.lifts.length === 0 ? NO_LIFT_LIMIT[slot] : SLOT_LIMIT[slot])
  return places.filter(place => taken(place.slot, place.pairedWith) < limit(place.slot))
}

/** Limits of a session without lifts, which is its own main work. */
export const NO_LIFT_LIMIT: Readonly<Record<Slot, number>> = { activation: 1, paired: 0, inside: 0, after: 3, finisher: 1, home: 0 }

/**
 * Whether a drill suits a slot: finishers are steady and harmless when tired, pairing is short and light.
 *
 * @example
 * suits(STANDARD.find('side-plank.feet'), 'after') // => true
 */
export function suits(variation: Variation, slot: Slot): boolean {
  if (variation.insideLift) return slot === 'after' || slot === 'inside'
  switch (slot) {
    case 'activation': return variation.fatigue === 1
    case 'paired': return variation.fatigue <= 2 && variation.mode !== 'locomotor' && variation.mode !== 'ballistic'
    case 'after': return variation.fatigue >= 2 || variation.braceStep >= 4 || ACTION_FACTS[mainAction(variation.shares)].resists
    case 'inside': return false
    case 'home': return variation.fatigue <= 3
    case 'finisher':
      return variation.fatigue >= 2 && (variation.mode === 'locomotor' || variation.mode === 'isometric')
  }
}

/** One admissible drill in one of its doses, with all that does not depend on the place reckoned once. */
export interface Option {
  readonly variation: Variation
  readonly dose: Dose
  readonly extraSetSide: Side | null
  /** Seconds under tension it gives each action. */
  readonly gain: PerAction
  readonly durationS: number
}

/**
 * Every admissible drill that neither policy nor coach leaves out, in every dose the athlete's flags allow, in catalogue order.
 * Inside a block a drill of last week comes in its next dose; a phase that takes in nothing new holds to last week's and to easy ones.
 *
 * @param before last week's plan
 * @throws DomainError `tempo` when a dose of the catalogue cannot be read.
 * @example
 * optionsFor({ ...context, screen: { ...context.screen, flags: ['chestPain'] } }).length // => 0
 */
export function optionsFor(context: PlanningContext, before: WeekPlan | null = null): Option[] {
  const { screen, rules } = context
  const given = new Map((before?.sessions ?? []).flatMap(session => session.items.map(item => [item.variationId, item.dose] as const)))
  return admissibleSet(screen).filter(variation => !isLeftOut(variation, context)).flatMap(variation => dosesFor(variation, given.get(variation.id) ?? null, context)
    .filter(dose => !doseRemoval(dose, screen.flags))
    .map((dose): Option => {
      const weak = mainAction(variation.shares) === context.weakLink && variation.sides === 'each'
      const extraSetSide = weak ? context.weakSide : null
      const gain = itemActionSeconds({ variationId: variation.id, dose, extraSetSide }, screen.catalogue)
      return { variation, dose, extraSetSide, gain, durationS: doseSessionS(dose, variation.sides, extraSetSide) }
    })).filter(({ variation }) => !holdsOffNew(rules.block) || before === null || given.has(variation.id) || variation.fatigue === 1)
}

/** A phase that takes in nothing new but easy work. */
function holdsOffNew(block: BlockWeek | null): boolean {
  return block?.phase != null && PHASES[block.phase].nothingNew
}

/** Locked out by the coach or left out by the policy. */
function isLeftOut(variation: Variation, { rules }: PlanningContext): boolean {
  return rules.never.includes(variation.id) || policyRemoval(variation, rules.policy) !== null
}

/** A drill given last week in this block goes on from there; any other begins with the policy's doses. */
function dosesFor(variation: Variation, last: Dose | null, { rules, notHeld }: PlanningContext): readonly Dose[] {
  const { policy, block } = rules
  if (!last || !block || block.week === 1) return policyDoses(variation, policy)
  const { dose } = nextDose(variation, last, policy, block, !notHeld.includes(variation.id))
  const fewer = { ...dose, sets: dose.sets - 1 }
  return [...(fewer.sets >= 1 ? [fewer] : []), dose]
}

/**
 * Every (option, session, place) with room for it as the week stands, in catalogue order;
 * whether it keeps the rules of its place is a question of its own, asked of few.
 *
 * @example
 * candidates([], []).length // => 0
 */
export function candidates(options: readonly Option[], sessions: readonly PlannedSession[]): Candidate[] {
  const uses = countUses(sessions)
  const found: Candidate[] = []
  const open = options.filter(({ variation }) =>
    (uses.get(variation.id) ?? 0) < WEEK_REPEAT_LIMIT && (uses.get(variation.ladder) ?? 0) < LADDER_REPEAT_LIMIT)
  for (const session of sessions) {
    const ladders = new Set(session.items.map(item => ladderOf(item.variationId)))
    for (const place of openPlaces(session)) {
      for (const option of open) {
        const { variation, dose, extraSetSide } = option
        if (ladders.has(variation.ladder) || !suits(variation, place.slot)) continue
        const item: TrunkItem = {
          id: `${session.id}/${variation.id}`, variationId: variation.id, dose, ...place, extraSetSide, setting: {}, why: '',
        }
        found.push({ session, option, item })
      }
    }
  }
  return found
}

/**
 * Whether a candidate breaks no rule where it would stand.
 *
 * @example
 * keepsRules({ session, item, option: { variation } }, context) // => true
 */
export function keepsRules(
  { session, item, option }: { session: PlannedSession, item: TrunkItem, option: Pick<Option, 'variation'> }, context: PlanningContext,
): boolean {
  return placeConflicts(item, option.variation, session, context).length === 0
}

function ladderOf(variationId: string): string {
  return variationId.slice(0, variationId.indexOf('.'))
}

function countUses(sessions: readonly PlannedSession[]): Map<string, number> {
  const uses = new Map<string, number>()
  for (const key of sessions.flatMap(s => s.items.flatMap(i => [i.variationId, ladderOf(i.variationId)]))) {
    uses.set(key, (uses.get(key) ?? 0) + 1)
  }
  return uses
}
