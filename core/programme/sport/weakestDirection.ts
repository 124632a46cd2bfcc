import { CAPACITY_IDS, strangerTrunk, type CapacityId, type KnownTrunk } from '../../capacity'
import { ACTIONS_OF } from '../../capacity/directions'
import type { Catalogue, TrunkAction } from '../../catalogue'
import type { Sport } from './sportOf'

/** The direction in which a trunk holds least of what its sport asks. */
export interface WeakestDirection {
  readonly id: CapacityId
  /** The action that resists there. */
  readonly action: TrunkAction
  /** What it holds, as a part of what people of this kind hold. */
  readonly part: number
  /** How much of the week the sport gives the direction, 0-1. */
  readonly asked: number
  /** Its whole band lies under what the other directions hold on average. */
  readonly certain: boolean
}

/** Of the trunk's share of a week so much is a direction's where all are asked alike. */
const EVEN = 0.25
/** How far what a sport asks moves the comparison: a sport that asks twice the even share wants a fifth more (ours). */
const LEAN = 0.26

/**
 * The measured direction in which a trunk holds least against what its sport asks: what it holds as a part of what
 * people of this kind hold, the more wanted the more the sport asks. Null where fewer than two are measured.
 *
 * @example
 * weakestDirection(context.trunk, sportOf('general'), STANDARD) // => null
 */
export function weakestDirection(
  { trunk, known }: KnownTrunk, sport: Pick<Sport, 'weights'>, catalogue: Catalogue,
): WeakestDirection | null {
  const usual = strangerTrunk(trunk, catalogue).known
  const all = CAPACITY_IDS.filter(id => known[id].measured).map((id) => {
    const [resists, makes] = ACTIONS_OF[id]
    const asked = sport.weights[resists] + sport.weights[makes]
    const wanted = (asked / EVEN) ** LEAN
    const scale = usual[id].nm * wanted
    const { nm, high } = known[id]
    return { id, action: resists, asked, part: nm / usual[id].nm, of: nm / scale, high: high / scale }
  })
  if (all.length < 2) return null
  const least = all.reduce((a, b) => (b.of < a.of ? b : a))
  const others = all.filter(one => one !== least)
  const mean = others.reduce((sum, one) => sum + one.of, 0) / others.length
  const { id, action, asked, part } = least
  return { id, action, asked, part, certain: least.high < mean }
}
