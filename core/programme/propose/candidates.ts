import { mainAction, type PerAction, type Variation } from '../../catalogue'
import { doseSessionS, type Dose, type Side } from '../../dose'
import { nextDose, policyDoses, policyRemoval } from '../../policy'
import { ladderWeek, placeConflicts, placeLimits, sessionItems, suits, weekRepeats } from '../../rules'
import { doseRemoval, isAdmissible } from '../../screening'
import { positionOf } from '../sport/positions'
import { screenOn, type PlanningContext } from '../week/context'
import { itemActionSeconds } from '../week/ledger'
import type { PlannedSession, Slot, TrunkItem, WeekPlan } from '../week/week'

/** One way to add one drill at one place. */
export interface Candidate {
  readonly session: PlannedSession
  readonly option: Option
  readonly item: TrunkItem
}

interface Place {
  readonly slot: Slot
  readonly pairedWith: string | null
}

/** The places of a session where one more item fits. */
function openPlaces(session: PlannedSession): Place[] {
  if (session.items.length >= sessionItems.value) return []
  const taken = (slot: Slot, pairedWith: string | null): number =>
    session.items.filter(item => item.slot === slot && item.pairedWith === pairedWith).length
  const places: Place[] = [
    { slot: 'activation', pairedWith: null },
    ...session.lifts.flatMap((
      { id },
    ) => [{ slot: 'paired' as const, pairedWith: id }, { slot: 'inside' as const, pairedWith: id }]),
    { slot: 'after', pairedWith: null },
    { slot: 'finisher', pairedWith: null },
  ]
  const limits = placeLimits(session)
  return places.filter(place => taken(place.slot, place.pairedWith) < limits[place.slot])
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
 * Whether a drill may be given on a weekday, in a dose if one is named.
 *
 * @example
 * mayOn(0, variation, null, { ...context, screen: { ...context.screen, flags: ['chestPain'] } }) // => false
 */
export function mayOn(day: number, variation: Variation, dose: Dose | null, context: PlanningContext): boolean {
  const screen = screenOn(context, day)
  return isAdmissible(variation, screen) && (dose === null || doseRemoval(dose, screen.flags) === null)
}

/**
 * Every drill that may be given on one of the days and that neither policy nor coach leaves out, in every dose allowed
 * on one of them, in catalogue order. Inside a block a drill of last week comes in its next dose.
 *
 * @param days weekdays of the sessions
 * @param before last week's plan
 * @throws DomainError `tempo` when a dose of the catalogue cannot be read.
 * @example
 * optionsFor({ ...context, screen: { ...context.screen, flags: ['chestPain'] } }, [0]).length // => 0
 */
export function optionsFor(
  context: PlanningContext, days: readonly number[], before: WeekPlan | null = null,
): Option[] {
  const { catalogue } = context.screen
  const given = new Map(
    (before?.sessions ?? []).flatMap(session => session.items.map(item => [item.variationId, item.dose] as const)),
  )
  const screens = [...new Set(days.map(day => screenOn(context, day)))]
  const open = catalogue.variations.filter(variation =>
    screens.some(screen => isAdmissible(variation, screen)) && !isLeftOut(variation, context)
  )
  return open.flatMap(variation =>
    dosesFor(variation, given.get(variation.id) ?? null, context)
      .filter(dose => screens.some(screen => !doseRemoval(dose, screen.flags)))
      .map((dose): Option => {
        const extraSetSide = extraSideOf(variation, context)
        const gain = itemActionSeconds({ variationId: variation.id, dose, extraSetSide }, catalogue)
        return { variation, dose, extraSetSide, gain, durationS: doseSessionS(dose, variation.sides, extraSetSide) }
      })
  )
}

/**
 * The side that gets an extra set: the weaker one of the weak link, else the one the position asks more of, in what the
 * position shifts.
 */
function extraSideOf(
  { shares, sides }: Variation, { weakLink, weakSide, sport, position }: PlanningContext,
): Side | null {
  const main = mainAction(shares)
  if (sides !== 'each' || main === null) return null
  if (main === weakLink) return weakSide
  const known = positionOf(sport, position)
  return known?.moreOn !== undefined && known.shifts[main] !== undefined ? known.moreOn : null
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
    (uses.get(variation.id) ?? 0) < weekRepeats.value && (uses.get(variation.ladder) ?? 0) < ladderWeek.value)
  for (const session of sessions) {
    const ladders = new Set(session.items.map(item => ladderOf(item.variationId)))
    for (const place of openPlaces(session)) {
      for (const option of open) {
        const { variation, dose, extraSetSide } = option
        if (ladders.has(variation.ladder) || !suits(variation, place.slot)) continue
        const item: TrunkItem = {
          id: `${session.id}/${variation.id}`, variationId: variation.id, dose, ...place, extraSetSide, setting: {},
          why: '',
        }
        found.push({ session, option, item })
      }
    }
  }
  return found
}

/**
 * Whether a candidate breaks no rule where it would stand, on its day.
 *
 * @param before last week's plan; null where it is not known
 * @example
 * keepsRules({ session, item, option: { variation } }, context) // => true
 */
export function keepsRules(
  { session, item, option: { variation } }: {
    session: PlannedSession
    item: TrunkItem
    option: Pick<Option, 'variation'>
  },
  context: PlanningContext,
  before: WeekPlan | null = null,
): boolean {
  return mayOn(session.day, variation, item.dose, context)
    && placeConflicts(item, variation, session, context, before).length === 0
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
