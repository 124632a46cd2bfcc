import { kindOf, type Variation } from '../catalogue'
import { effortOf } from '../capacity'
import { must } from '../errors'
import { gateSetting } from '../prescription'
import { isHeavyAxial, placeConflicts } from '../rules'
import { liftFacts, type LiftId } from '../programme/lifts/lifts'
import { mayOn } from '../programme/propose/candidates'
import type { PlanningContext } from '../programme/week/context'
import type { PlannedSession, TrunkItem } from '../programme/week/week'
import { doseSessionS, type Dose } from '../dose'
import type { EffortMeans } from './effortOptions'

/** No more than so many seconds of waking up. */
const MOST_S = 300
/** Ladders that rehearse a heavy lift, by what it asks: hips and back still, or shoulders free over still ribs. */
const REHEARSES = {
  folding: ['quadruped', 'dead-bug', 'posterior', 'balance'],
  overhead: ['dead-bug', 'rotation', 'quadruped', 'posterior'],
} as const

/**
 * What wakes a session up before its heavy axial lift: one easy drill that rehearses it, activation or mobility, five
 * minutes at most; null where no such lift comes, or nothing that may be given does it.
 *
 * @example
 * wakeUp({ id: 's', day: 0, minutes: 60, lifts: [], items: [] }, context, 0, null) // => null
 */
export function wakeUp(
  session: PlannedSession, context: PlanningContext, turn: number, means: EffortMeans | null,
): TrunkItem | null {
  const heavy = session.lifts.find(isHeavyAxial)
  if (!heavy) return null
  const ladders: readonly string[] = REHEARSES[overhead(heavy.lift) ? 'overhead' : 'folding']
  const fitting = context.screen.catalogue.variations
    .filter(one => ladders.includes(one.ladder) && easy(one, context, means) && fits(one, session, context))
    .sort((a, b) => placeIn(ladders, a) - placeIn(ladders, b))
  // Another ladder each time, the one that fits best first; of a ladder the highest rung that is still easy.
  const places = [...new Set(fitting.map(one => placeIn(ladders, one)))]
  const variation = fitting.filter(one => placeIn(ladders, one) === places[turn % Math.max(1, places.length)]).at(-1)
  if (!variation) return null
  return {
    ...asItem(variation, session), setting: means ? gateSetting(variation, means) : {},
    why: `Wakes up what the ${liftFacts(heavy.lift).name.toLowerCase()} asks for, and tires nothing.`,
  }
}

const overhead = (lift: LiftId): boolean => liftFacts(lift).limits.includes('shoulders')
const placeIn = (ladders: readonly string[], { ladder }: Variation): number => {
  const at = ladders.indexOf(ladder)
  return at < 0 ? ladders.length : at
}

/** A drill that asks more of its direction than this is no waking up. */
const EASY_R = 0.4

/** Activation, mobility, or a refreshing rung that was left behind; the brace course is no waking up. */
function easy(variation: Variation, { screen: { rungs } }: PlanningContext, means: EffortMeans | null): boolean {
  const kind = kindOf(variation)
  const present = rungs[variation.branch] ?? 1
  if (kind === 'activation' || kind === 'mobility') return variation.rung <= present
  if (kind !== 'work' || variation.fatigue > 1 || variation.rung >= present || !means) return false
  const { unit, amount, tempo = null } = must(variation.doses[0])
  const set = { unit, amount, tempo, settings: gateSetting(variation, means), side: null }
  const { r } = effortOf(variation, set, means.paths, means.capacities)
  return r !== null && r < EASY_R
}

function fits(variation: Variation, session: PlannedSession, context: PlanningContext): boolean {
  const item = asItem(variation, session)
  return mayOn(session.day, variation, item.dose, context)
    && doseSessionS(item.dose, variation.sides, null) <= MOST_S
    && placeConflicts(item, variation, { ...session, items: [] }, context, null).length === 0
}

/** Neither the lightest of a drill's doses nor its hardest. */
const usualDose = ({ doses }: Variation): Dose => must(doses[Math.floor((doses.length - 1) / 2)])

function asItem(variation: Variation, session: PlannedSession): TrunkItem {
  return {
    id: `${session.id}/${variation.id}`, variationId: variation.id, dose: { ...usualDose(variation), sets: 1 },
    slot: 'activation', pairedWith: null, extraSetSide: null, setting: {}, why: '',
  }
}
