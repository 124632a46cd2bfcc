import {
  perAction, TRUNK_ACTIONS, type DrillKind, type PerAction, type TrunkAction, type Variation,
} from '../../catalogue'
import type { Effort } from '../../capacity'
import type { Dose } from '../../dose'
import type { PlanningContext } from '../week/context'
import { roundOf } from '../week/circuit'
import type { TrunkItem } from '../week/week'
import { meansOf } from './means'

/** What of an item its worth follows from. */
type WorthItem =
  & Pick<TrunkItem, 'variationId' | 'dose' | 'extraSetSide' | 'setting' | 'slot'>
  & Pick<TrunkItem, 'rounds'>

/** What an item is worth to the athlete. */
export interface ItemEffort {
  readonly kind: DrillKind
  /** Of one set of the first drill. */
  readonly effort: Effort
  /** Of all sets together, by action. */
  readonly fullSets: PerAction
  /** Fast repeats, both sides together. */
  readonly contacts: number
}

/** Before the lifts a set is work from this relative load up; below it, it wakes up. */
export const EASY_R = 0.4

/**
 * What an item of a week is worth to its athlete: its kind, how far one set of it goes towards the own limit, and full
 * sets by action; null for a drill that nobody knows. The extra set of one side is half a set of both.
 *
 * @throws DomainError `tempo` when it cannot be read.
 * @example
 * itemEffort({ ...item, setting: {} }, context).kind // => 'work'
 */
export function itemEffort(item: WorthItem, context: PlanningContext): ItemEffort | null {
  const { find } = context.screen.catalogue
  const first = find(item.variationId)
  if (!first) return null
  const { effortOf } = meansOf(context)
  const effort = effortOf(first, item.dose, item.setting)
  const kind = kindAt(item, effort)
  const fullSets = perAction(0)
  for (const { variation, sets, setting } of partsOf(item, first, context)) {
    const one = effortOf(variation, item.dose, setting)
    if (kindAt(item, one) !== 'work') continue
    for (const action of TRUNK_ACTIONS) fullSets[action] += sets * (one.fullSets[action] ?? 0)
  }
  return { kind, effort, fullSets, contacts: kind === 'fast' ? contactsOf(item.dose, first) : 0 }
}

/**
 * Full sets by action that an item is worth; none for a drill that nobody knows.
 *
 * @throws DomainError as `itemEffort`.
 * @example
 * itemFullSets({ ...item, variationId: 'gone' }, context).antiRotation // => 0
 */
export function itemFullSets(item: WorthItem, context: PlanningContext): PerAction {
  return itemEffort(item, context)?.fullSets ?? perAction(0)
}

/**
 * The action that most full sets go to; null where there are none.
 *
 * @example
 * mostServed({ antiRotation: 1, rotation: 0.4 }) // => 'antiRotation'
 */
export function mostServed(fullSets: Partial<PerAction>): TrunkAction | null {
  const worth = (action: TrunkAction): number => fullSets[action] ?? 0
  const most = TRUNK_ACTIONS.reduce((a, b) => (worth(b) > worth(a) ? b : a))
  return worth(most) > 0 ? most : null
}

function kindAt({ slot }: WorthItem, { kind, r }: Effort): DrillKind {
  return slot === 'activation' && kind === 'work' && (r === null || r < EASY_R) ? 'activation' : kind
}

/** The drills of an item with their sets: one, or one a round where a circuit changes them. */
function partsOf(
  { dose, extraSetSide, rounds, variationId, setting }: WorthItem, first: Variation, context: PlanningContext,
): { readonly variation: Variation, readonly sets: number, readonly setting: TrunkItem['setting'] }[] {
  if (!rounds) return [{ variation: first, sets: dose.sets + (extraSetSide ? 0.5 : 0), setting }]
  return Array.from({ length: dose.sets }, (_, i) => {
    const { variationId: id } = roundOf({ variationId, rounds }, i + 1)
    const variation = context.screen.catalogue.find(id)
    return variation
      ? [{ variation, sets: 1, setting: id === variationId ? setting : meansOf(context).usualSetting(variation) }]
      : []
  }).flat()
}

const contactsOf = ({ sets, amount }: Dose, { sides }: Variation): number => sets * amount * (sides === 'each' ? 2 : 1)
