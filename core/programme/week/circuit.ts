import type { Catalogue } from '../../catalogue'
import { CHANGE_S } from '../../dose'
import type { Circuit, TrunkItem } from './week'

/**
 * Seconds to lie down, get up and reach the next station belong to the rest; the way to the first one is a change of
 * drill.
 */
const STATION_SIDES = { both: 1, each: 2 } as const

/**
 * Seconds a circuit takes: in every round each station's work as often as it is done in a row, once a side where it
 * says so, and its rest; between rounds a longer rest, in which something may be done.
 *
 * @param items the circuit's own, in their order
 * @example
 * circuitS({ id: 'c', rounds: 2, workS: 30, restS: 30, roundRestS: 60, sides: 'own' }, [], STANDARD) // => 0
 */
export function circuitS(
  circuit: Circuit, items: readonly Pick<TrunkItem, 'variationId' | 'between'>[], catalogue: Catalogue,
): number {
  if (items.length === 0) return 0
  const { workS, restS, times = 1 } = circuit
  const roundS = items.filter(item => !item.between).reduce((sum, item) => {
    const sides = circuit.sides === 'split' ? 1 : STATION_SIDES[catalogue.find(item.variationId)?.sides ?? 'both']
    return sum + times * (workS * sides + restS)
  }, 0) - restS
  return circuit.rounds * roundS + (circuit.rounds - 1) * circuit.roundRestS + CHANGE_S
}

/**
 * A station of a circuit as an item: as many sets as it is done in all rounds, each as long as the work; where sides
 * split the time each side gets half of it.
 *
 * @example
 * stationDose({ id: 'c', rounds: 2, workS: 30, restS: 30, roundRestS: 60, sides: 'split' }, 'each').amount // => 15
 */
export function stationDose(
  { rounds, times = 1, workS, restS, sides }: Circuit, drillSides: 'both' | 'each',
): TrunkItem['dose'] {
  return {
    sets: rounds * times,
    amount: sides === 'split' && drillSides === 'each' ? Math.max(1, Math.round(workS / 2)) : workS,
    unit: 'seconds', restS,
  }
}

/**
 * What is done in the rests between the rounds of a circuit, as an item: once in each of them.
 *
 * @example
 * betweenDose({ id: 'c', rounds: 3, workS: 45, restS: 0, roundRestS: 60, sides: 'split' }) // => { sets: 2, amount: 60, unit: 'seconds', restS: 0 }
 */
export function betweenDose({ rounds, roundRestS }: Circuit): TrunkItem['dose'] {
  return { sets: rounds - 1, amount: roundRestS, unit: 'seconds', restS: 0 }
}

/**
 * The drill of a station's set, counted from 1, and what to fall back on when it does not go.
 *
 * @example
 * roundOf({ variationId: 'a', rounds: [{ variationId: 'b', fallbackId: 'a' }] }, 2) // => { variationId: 'b', fallbackId: 'a' }
 */
export function roundOf(
  item: Pick<TrunkItem, 'variationId' | 'rounds'>, set: number,
): { readonly variationId: string, readonly fallbackId: string | null } {
  return (set > 1 ? item.rounds?.[set - 2] : undefined) ?? { variationId: item.variationId, fallbackId: null }
}
