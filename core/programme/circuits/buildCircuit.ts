import { mainAction, mainFacts, type Mode, type Variation } from '../../catalogue'
import { doseRemoval, type Screen } from '../../screening'
import type { Effort } from '../../capacity'
import { must } from '../../errors'
import { EFFORT_LIMITS, takesLoad, longestSetS, settingFor } from '../../prescription'
import { openDrills } from '../propose/mayOn'
import { meansOf } from '../worth/means'
import { betweenDose, circuitS, stationDose } from '../week/circuit'
import { screenOn, type PlanningContext } from '../week/context'
import type { Circuit, PlannedSession, TrunkItem } from '../week/week'

/** The blocks of a circuit in their order (common practice, no source). */
export const CIRCUIT_BLOCKS = ['hold', 'move', 'turn', 'balance'] as const
export type CircuitBlock = (typeof CIRCUIT_BLOCKS)[number]

const MODES: Readonly<Record<Exclude<CircuitBlock, 'turn'>, readonly Mode[]>> = {
  hold: ['isometric'], move: ['limbMoving', 'dynamic'], balance: ['balance', 'locomotor'],
}
/** The ladder that crawls stand on. */
const CRAWLS = 'quadruped'
/** Draining drills do not come in a circuit. */
const MOST_FATIGUE = 3
/** Sets of one station at most, as of every drill. */
const MOST_SETS = 10

/** A circuit that is asked for. */
export interface CircuitWish extends Circuit {
  /** Seconds of work of a whole round, shared evenly by its stations, whatever `workS` says. */
  readonly roundS?: number
  /** A crawl in the rests between rounds. */
  readonly crawl?: boolean
}

const planeOf = ({ shares }: Variation): string => mainFacts(shares)?.plane ?? ''

const isIn = (block: CircuitBlock, variation: Variation): boolean => {
  const turns = mainFacts(variation.shares)?.plane === 'transverse' && variation.mode !== 'balance'
    && variation.mode !== 'locomotor'
  return block === 'turn' ? turns && variation.mode !== 'ballistic' : !turns && MODES[block].includes(variation.mode)
}

/**
 * A circuit for an athlete: one station for each block, on the athlete's own rungs and in planes that differ; from the
 * second time on a harder variant where one is open, with the first drill to fall back on. Blocks nothing is open for
 * are left out. Fewer rounds are taken where the minutes do not reach. A crawl between rounds is the hardest that is
 * open; where none is, that is a rest.
 *
 * @param minutes what the circuit may take
 * @returns null when nothing fits
 * @example
 * buildCircuit(session, { id: 'c', rounds: 2, workS: 30, restS: 30, roundRestS: 60, sides: 'split' }, 12, context)?.items.length // => 4
 */
export function buildCircuit(
  session: PlannedSession, { roundS, crawl, ...wanted }: CircuitWish, minutes: number, context: PlanningContext,
): { readonly circuit: Circuit, readonly items: readonly TrunkItem[] } | null {
  const means = meansOf(context)
  const screen = screenOn(context, session.day)
  const taken = new Set(session.items.map(item => item.variationId))
  const open = openDrills(context, [session.day])
    .filter(v =>
      !v.insideLift && v.fatigue <= MOST_FATIGUE && !taken.has(v.id)
    )
  const mayFor = (dose: TrunkItem['dose']) => (v: Variation): boolean =>
    !doseRemoval(dose, screen.flags) && settingFor(v, dose, means).effort.effort <= means.landing.limit
  const crawls = open.filter(v => v.ladder === CRAWLS && v.mode === 'locomotor').filter(mayFor(betweenDose(wanted)))
  const fits = (v: Variation): boolean => {
    const dose = stationDose(wanted, v.sides)
    return mayFor(dose)(v) && dose.amount <= longestSetS(v) && !(crawl && crawls.includes(v))
  }
  const stations = chooseStations(open.filter(fits), wanted, context, screen)
  const between = crawl ? crawls.reduce<Variation | null>((a, b) => (a && a.rung >= b.rung ? a : b), null) : null
  const workS = roundS ? Math.max(5, Math.floor(roundS / Math.max(1, stations.length))) : wanted.workS
  const itemOf = (variation: Variation, dose: TrunkItem['dose'], why: string): TrunkItem => ({
    id: `${session.id}/${wanted.id}/${variation.id}`, variationId: variation.id, dose, slot: 'after', pairedWith: null,
    extraSetSide: null, setting: settingFor(variation, dose, means).setting, why, circuit: wanted.id,
  })
  const itemsOf = (circuit: Circuit): TrunkItem[] => [
    ...stations.map((first, i) => {
      const harder = open.find(v =>
        v.branch === first.branch && v.rung === first.rung + 1 && v.sides === first.sides && !takesLoad(v)
        && fits(v) && mayFor(stationDose(circuit, v.sides))(v))
      return {
        ...itemOf(first, stationDose(circuit, first.sides), `Station ${i + 1} of ${stations.length}.`),
        ...(harder ? laterSets(circuit, first, harder) : {}),
      }
    }),
    ...(between && circuit.rounds > 1 && circuit.roundRestS > 0
      ? [{ ...itemOf(between, betweenDose(circuit), 'In the rests between the rounds.'), between: true as const }]
      : []),
  ]
  const most = Math.min(wanted.rounds, Math.floor(MOST_SETS / (wanted.times ?? 1)))
  for (let rounds = most; rounds >= 1 && stations.length > 0; rounds--) {
    const circuit = { ...wanted, workS, rounds }
    const items = itemsOf(circuit).filter(({ dose, variationId }) =>
      mayFor(dose)(must(screen.catalogue.find(variationId))))
    if (circuitS(circuit, items, screen.catalogue) <= minutes * 60) return { circuit, items }
  }
  return null
}

/**
 * One drill for each block, each of its own ladder and work for this athlete; the weak link, other planes, the own rung
 * and what lands well come first. Balance alone may be easy.
 */
function chooseStations(
  open: readonly Variation[], wanted: Circuit, context: PlanningContext, { rungs }: Screen,
): Variation[] {
  const { weakLink } = context
  const means = meansOf(context)
  const setOf = (v: Variation): Effort => settingFor(v, stationDose(wanted, v.sides), means).effort
  const isWork = (block: CircuitBlock, v: Variation): boolean => {
    const { kind, effort } = setOf(v)
    return kind === 'work' && (block === 'balance' || effort >= EFFORT_LIMITS[0])
  }
  const off = (v: Variation): number => Math.abs(setOf(v).effort - means.landing.aim)
  const planes = new Set<string>()
  const stations: Variation[] = []
  for (const block of CIRCUIT_BLOCKS) {
    const rank = (v: Variation): number =>
      (mainAction(v.shares) === weakLink ? 20 : 0) + (planes.has(planeOf(v)) ? 0 : 10)
      + (v.rung >= (rungs[v.branch] ?? 1) - 1 ? 5 : 0) - v.fatigue - 10 * off(v)
    const isOther = (v: Variation): boolean => !stations.some(station => station.ladder === v.ladder)
    const first = open.filter(v => isIn(block, v) && isWork(block, v) && isOther(v))
      .reduce<Variation | null>((best, v) => (best === null || rank(v) > rank(best) ? v : best), null)
    if (!first) continue
    planes.add(planeOf(first))
    stations.push(first)
  }
  return stations
}

/** Harder from the second time on: of a station that is done twice in a row, or in the rounds that follow. */
function laterSets({ rounds, times = 1 }: Circuit, first: Variation, harder: Variation): Pick<TrunkItem, 'rounds'> {
  const sets = Array.from({ length: rounds * times - 1 }, (_, i) => i + 2)
  if (sets.length === 0) return {}
  const again = (set: number): boolean => (rounds > 1 ? set > times : true)
  return {
    rounds: sets.map(set => (again(set)
      ? { variationId: harder.id, fallbackId: first.id } : { variationId: first.id, fallbackId: null })),
  }
}
