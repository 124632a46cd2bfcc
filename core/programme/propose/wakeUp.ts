import { kindOf, type Variation } from '../../catalogue'
import { doseSessionS, type Dose } from '../../dose'
import { must } from '../../errors'
import { gateSetting } from '../../prescription'
import { dayKindOf, isHeavyAxial, placeConflicts } from '../../rules'
import { liftFacts, type LiftId } from '../lifts/lifts'
import type { PlanningContext } from '../week/context'
import type { PlannedSession, TrunkItem } from '../week/week'
import { EASY_R } from '../worth/itemEffort'
import { meansOf } from '../worth/means'
import { mayOn } from './mayOn'

/** No more than so many seconds of waking up. */
export const WAKE_UP_S = 240
/** Ladders that rehearse a heavy lift, by what it asks: hips and back still, or shoulders free over still ribs. */
const REHEARSES = {
  folding: ['quadruped', 'dead-bug', 'posterior', 'balance'],
  overhead: ['dead-bug', 'rotation', 'quadruped', 'posterior'],
} as const

/**
 * What wakes a session up before its heavy axial lift, or is all that its day takes: one easy drill, activation or
 * mobility, a few minutes at most; null where neither is asked, something wakes it up already, or nothing that may be
 * given does it.
 *
 * @param turn of the session in its week: another ladder each time
 * @example
 * wakeUp({ id: 's', day: 0, minutes: 60, lifts: [], items: [] }, context, 0) // => null
 */
export function wakeUp(session: PlannedSession, context: PlanningContext, turn: number): TrunkItem | null {
  const heavy = session.lifts.find(isHeavyAxial)
  const onlyThis = isActivationDay(session.day, context)
  const { find } = context.screen.catalogue
  const here = session.items.flatMap(item => find(item.variationId) ?? [])
  const woken = session.items.some(({ slot, variationId }) =>
    slot === 'activation' && find(variationId)?.mode !== 'ballistic')
  if (!(heavy || onlyThis) || woken) return null
  const ladders: readonly string[] = REHEARSES[heavy && overhead(heavy.lift) ? 'overhead' : 'folding']
  const fitting = context.screen.catalogue.variations
    .filter(one => ladders.includes(one.ladder) && here.every(other => other.branch !== one.branch)
      && easy(one, context) && fits(one, session, context))
    .sort((a, b) => placeIn(ladders, a) - placeIn(ladders, b))
  // The one that fits best first; of a ladder the highest rung that is still easy.
  const places = [...new Set(fitting.map(one => placeIn(ladders, one)))]
  const variation = fitting.filter(one => placeIn(ladders, one) === places[turn % Math.max(1, places.length)]).at(-1)
  if (!variation) return null
  return {
    ...asItem(variation, session), setting: gateSetting(variation, meansOf(context)),
    why: heavy
      ? `Wakes up what the ${liftFacts(heavy.lift).name.toLowerCase()} asks for, and tires nothing.`
      : 'Activation only today: it wakes up and tires nothing.',
  }
}

const overhead = (lift: LiftId): boolean => liftFacts(lift).limits.includes('shoulders')
const placeIn = (ladders: readonly string[], { ladder }: Variation): number => {
  const at = ladders.indexOf(ladder)
  return at < 0 ? ladders.length : at
}

/** A day that takes nothing but waking up. */
function isActivationDay(day: number, { competitionDays, seasonDays }: PlanningContext): boolean {
  return dayKindOf(day, competitionDays) === 'dayBefore' || seasonDays?.[day] === 'activation'
}

/** Activation, mobility, or a refreshing rung that was left behind; the brace course is no waking up. */
function easy(variation: Variation, context: PlanningContext): boolean {
  const kind = kindOf(variation)
  const present = context.screen.rungs[variation.branch] ?? 1
  if (kind === 'activation' || kind === 'mobility') return variation.rung <= present
  if (kind !== 'work' || variation.fatigue > 1 || variation.rung >= present) return false
  const means = meansOf(context)
  const { r } = means.effortOf(variation, must(variation.doses[0]), gateSetting(variation, means))
  return r !== null && r < EASY_R
}

function fits(variation: Variation, session: PlannedSession, context: PlanningContext): boolean {
  const item = asItem(variation, session)
  return mayOn(session.day, variation, item.dose, context)
    && doseSessionS(item.dose, variation.sides, null) <= WAKE_UP_S
    && placeConflicts(item, variation, { ...session, items: [] }, context, null).length === 0
}

/** The lightest of a drill's doses that there is time for: two sets of it at most. */
function lightDose({ doses, sides }: Variation): Dose {
  const dose = must(doses[0])
  const twice = { ...dose, sets: Math.min(2, dose.sets) }
  return doseSessionS(twice, sides, null) <= WAKE_UP_S ? twice : { ...dose, sets: 1 }
}

function asItem(variation: Variation, session: PlannedSession): TrunkItem {
  return {
    id: `${session.id}/${variation.id}`, variationId: variation.id, dose: lightDose(variation),
    slot: 'activation', pairedWith: null, extraSetSide: null, setting: {}, why: '',
  }
}
