import { must } from '../../errors'
import { mainAction, mainFacts, type Mode, type Variation } from '../../catalogue'
import { doseRemoval } from '../../screening'
import { openDrills } from '../propose/mayOn'
import { meansOf } from '../worth/means'
import { circuitS, stationDose } from '../week/circuit'
import { screenOn, type PlanningContext } from '../week/context'
import type { Circuit, PlannedSession, TrunkItem } from '../week/week'

/** The blocks of a circuit in their order (common practice, no source). */
export const CIRCUIT_BLOCKS = ['hold', 'move', 'turn', 'balance'] as const
export type CircuitBlock = (typeof CIRCUIT_BLOCKS)[number]

const MODES: Readonly<Record<Exclude<CircuitBlock, 'turn'>, readonly Mode[]>> = {
  hold: ['isometric'], move: ['limbMoving', 'dynamic'], balance: ['balance', 'locomotor'],
}
/** Draining drills do not come in a circuit. */
const MOST_FATIGUE = 3

const planeOf = ({ shares }: Variation): string => mainFacts(shares)?.plane ?? ''

const isIn = (block: CircuitBlock, variation: Variation): boolean => {
  const turns = mainFacts(variation.shares)?.plane === 'transverse' && variation.mode !== 'balance'
    && variation.mode !== 'locomotor'
  return block === 'turn' ? turns && variation.mode !== 'ballistic' : !turns && MODES[block].includes(variation.mode)
}

/**
 * A circuit for an athlete: one station for each block, on the athlete's own rungs and in planes that differ; from the
 * second round on a harder variant where one is open, with the first round's drill to fall back on. Blocks nothing is
 * open for are left out. Fewer rounds are taken where the minutes do not reach.
 *
 * @param minutes what the circuit may take
 * @returns null when nothing fits
 * @example
 * buildCircuit(session, { id: 'c', rounds: 2, workS: 30, restS: 30, roundRestS: 60, sides: 'split' }, 12, context)?.items.length // => 4
 */
export function buildCircuit(
  session: PlannedSession, wanted: Circuit, minutes: number, context: PlanningContext,
): { readonly circuit: Circuit, readonly items: readonly TrunkItem[] } | null {
  const { weakLink } = context
  const { usualSetting } = meansOf(context)
  const screen = screenOn(context, session.day)
  const taken = new Set(session.items.map(item => item.variationId))
  const open = openDrills(context, [session.day])
    .filter(v =>
      !v.insideLift && v.fatigue <= MOST_FATIGUE && !taken.has(v.id)
      && !doseRemoval(stationDose(wanted, v.sides), screen.flags)
    )
  const planes = new Set<string>()
  const items: TrunkItem[] = []
  for (const block of CIRCUIT_BLOCKS) {
    const rank = (v: Variation): number =>
      (mainAction(v.shares) === weakLink ? 20 : 0) + (planes.has(planeOf(v)) ? 0 : 10)
      + (v.rung === (screen.rungs[v.branch] ?? 1) - 1 ? 5 : 0) - v.fatigue
    const first = open.filter(v =>
      isIn(block, v) && !items.some(i => must(screen.catalogue.find(i.variationId)).ladder === v.ladder)
    )
      .reduce<Variation | null>((best, v) => (best === null || rank(v) > rank(best) ? v : best), null)
    if (!first) continue
    planes.add(planeOf(first))
    const harder = open.find(v => v.branch === first.branch && v.rung === first.rung + 1 && v.sides === first.sides)
    items.push({
      id: `${session.id}/${wanted.id}/${block}`, variationId: first.id, dose: stationDose(wanted, first.sides),
      slot: 'after', pairedWith: null, extraSetSide: null, setting: usualSetting(first),
      why: `Station ${items.length + 1}: ${block}.`,
      circuit: wanted.id,
      ...(harder && wanted.rounds > 1
        ? {
          rounds: Array.from({ length: wanted.rounds - 1 }, () => ({ variationId: harder.id, fallbackId: first.id })),
        }
        : {}),
    })
  }
  for (let rounds = wanted.rounds; rounds >= 1 && items.length > 0; rounds--) {
    const circuit = { ...wanted, rounds }
    if (circuitS(circuit, items, screen.catalogue) <= minutes * 60) {
      return {
        circuit,
        items: items.map(item => ({
          ...item, dose: { ...item.dose, sets: rounds },
          ...(item.rounds ? { rounds: item.rounds.slice(0, rounds - 1) } : {}),
        })),
      }
    }
  }
  return null
}
