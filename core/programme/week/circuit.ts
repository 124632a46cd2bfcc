import type { Catalogue } from '../../catalogue'
import { CHANGE_S } from '../../dose'
import type { Circuit, TrunkItem } from './week'

/**
 * Seconds to lie down, get up and reach the next station belong to the rest; the way to the first one is a change of
 * drill.
 */
const STATION_SIDES = { both: 1, each: 2 } as const

/**
 * Seconds a circuit takes: in every round each station's work, once a side where it says so, and its rest; between
 * rounds a longer rest.
 *
 * @param items the circuit's own, in their order
 * @example
 * circuitS({ id: 'c', rounds: 2, workS: 30, restS: 30, roundRestS: 60, sides: 'own' }, [], STANDARD) // => 0
 */
export function circuitS(circuit: Circuit, items: readonly TrunkItem[], catalogue: Catalogue): number {
  if (items.length === 0) return 0
  const roundS = items.reduce((sum, item) => {
    const sides = circuit.sides === 'split' ? 1 : STATION_SIDES[catalogue.find(item.variationId)?.sides ?? 'both']
    return sum + circuit.workS * sides + circuit.restS
  }, 0) - circuit.restS
  return circuit.rounds * roundS + (circuit.rounds - 1) * circuit.roundRestS + CHANGE_S
}

/**
 * A station of a circuit as an item: as many sets as there are rounds, each as long as the work; where sides split
 * the time each side gets half of it.
 *
 * @example
 * stationDose({ id: 'c', rounds: 2, workS: 30, restS: 30, roundRestS: 60, sides: 'split' }, 'each').amount // => 15
 */
export function stationDose({ rounds, workS, restS, sides }: Circuit, drillSides: 'both' | 'each'): TrunkItem['dose'] {
  return {
    sets: rounds,
    amount: sides === 'split' && drillSides === 'each' ? Math.max(1, Math.round(workS / 2)) : workS,
    unit: 'seconds', restS,
  }
}

/**
 * The drill of a round, counted from 1, and what to fall back on when it does not go.
 *
 * @example
 * roundOf({ variationId: 'a', rounds: [{ variationId: 'b', fallbackId: 'a' }] }, 2) // => { variationId: 'b', fallbackId: 'a' }
 */
export function roundOf(
  item: Pick<TrunkItem, 'variationId' | 'rounds'>, round: number,
): { readonly variationId: string, readonly fallbackId: string | null } {
  return (round > 1 ? item.rounds?.[round - 2] : undefined) ?? { variationId: item.variationId, fallbackId: null }
}
