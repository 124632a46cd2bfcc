import { bodyOf } from '../anatomy'
import { daysBetween } from '../calendar'
import type { Catalogue } from '../catalogue'
import type { Side } from '../dose'
import type { OnPath } from '../mechanics'
import { asksOf, CAPACITY_IDS, type CapacityId, type PerCapacity } from './directions'
import { damageAgainst, damageOf } from './effort'
import { afterDays, atLeast, measured, type Belief } from './estimate'
import { observationsOf, type Evidence, type Observation } from './evidence'
import { intensityWeight } from './fullSets'
import { capacityFactor } from './limitTime'
import { pathsOf, type PathsOf } from './paths'
import { priorOf, type Trunk } from './prior'
import { secondsAlong } from './setTime'

/** Something that moved a capacity. */
export interface Moved {
  /** Empty: nobody knows when. */
  readonly day: string
  readonly says: string
  /** The capacity it speaks for, N·m. */
  readonly nm: number
  readonly atLeast: boolean
}

/** What a trunk holds for an instant against one direction, in N·m of our own model: about, with its band. */
export interface Capacity {
  readonly nm: number
  /** Nine times in ten it lies between these. */
  readonly low: number
  readonly high: number
  /** False: nothing but what people of this kind hold, and what was reached at least. */
  readonly measured: boolean
  readonly from: readonly Moved[]
}
export type Capacities = Readonly<Record<CapacityId, Capacity>>

/** Normal quantile of the band that holds nine in ten. */
const Z90 = 1.645
/** A bound is named when it moved the capacity by this much of itself. */
const NAMED = 0.005

/**
 * What a trunk holds in every direction by all that is known on a day: from what people of this kind hold, day by day
 * through trials and sets, less certain with every week between them. Evidence of one day counts in no order.
 *
 * @param today what is dated later does not count
 * @throws DomainError `tempo` when a logged one cannot be read.
 * @example
 * capacitiesOf({ sex: 'male', heightM: 1.8, massKg: 80, ageYears: 22, trainingAgeYears: 2 }, { trials: [], sets: [] }, STANDARD, '2026-03-02').arch.measured // => false
 */
export function capacitiesOf(trunk: Trunk, evidence: Evidence, catalogue: Catalogue, today: string): Capacities {
  const body = bodyOf(trunk)
  const all = observationsOf(evidence, catalogue, body, today)
  const paths = pathsOf(body)
  let beliefs = priorOf(trunk)
  const from = new Map<CapacityId, Moved[]>(CAPACITY_IDS.map(id => [id, []]))
  let last: string | null = null
  const byDay = new Map<string, Observation[]>()
  for (const one of all) byDay.set(one.day, [...byDay.get(one.day) ?? [], one])
  for (const day of [...byDay.keys()].sort()) {
    if (last) beliefs = each(id => afterDays(beliefs[id], daysBetween(last ?? day, day)))
    last = day || null
    const held = each(id => Math.exp(beliefs[id].mean))
    const said = (byDay.get(day) ?? []).flatMap(one => readings(one, paths, beliefs, held))
    beliefs = each(id => learn(beliefs[id], said.filter(one => one.id === id), from.get(id) ?? []))
  }
  if (last) beliefs = each(id => afterDays(beliefs[id], daysBetween(last ?? today, today)))
  return each((id): Capacity => {
    const { mean, variance } = beliefs[id]
    const wide = Z90 * Math.sqrt(variance)
    const moved = from.get(id) ?? []
    return {
      nm: Math.exp(mean), low: Math.exp(mean - wide), high: Math.exp(mean + wide),
      measured: moved.some(one => !one.atLeast), from: moved,
    }
  })
}

/**
 * The bare numbers of capacities, as efforts are reckoned with.
 *
 * @example
 * Math.round(bareCapacities(capacitiesOf({ sex: 'male', heightM: 1.8, massKg: 80, ageYears: 22, trainingAgeYears: 2 }, { trials: [], sets: [] }, STANDARD, '2026-03-02')).sideRight) // => 219
 */
export const bareCapacities = (capacities: Capacities): PerCapacity => each(id => capacities[id].nm)

function each<T>(of: (id: CapacityId) => T): Record<CapacityId, T> {
  return Object.fromEntries(CAPACITY_IDS.map(id => [id, of(id)])) as Record<CapacityId, T>
}

/** What an observation says of the capacity that it would have ended at. */
interface Reading {
  readonly id: CapacityId
  readonly log: number
  readonly observation: Observation
}

function readings(
  observation: Observation, paths: PathsOf, beliefs: Readonly<Record<CapacityId, Belief>>, held: PerCapacity,
): Reading[] {
  const { drill, settings, side, set } = observation
  const path = paths(drill, settings)
  if (path.length === 0) return []
  const seconds = secondsAlong(set, path.length)
  const sides: (Side | null)[] = side === null && drill.sides === 'each' ? ['left', 'right'] : [side]
  return sides.flatMap((one) => {
    const damage = damageOf(path, drill, one, seconds, held)
    const id = CAPACITY_IDS.reduce((a, b) => (damage[b].effort > damage[a].effort ? b : a))
    if (damage[id].effort <= 0) return []
    // An effort felt where the trunk is hardly loaded was felt somewhere else: such a set was reached, no more.
    const felt = !observation.bound && observation.way < 1 && intensityWeight(damage[id].r) === 0
    const heard = felt ? { ...observation, bound: true, way: 1 } : observation
    return [{ id, log: spokenFor(id, heard, path, one, seconds, beliefs[id]), observation: heard }]
  })
}

/** Rounds in which a capacity is found: the curve bends only at its ends. */
const ROUNDS = 4

/** Logarithm of the capacity by which the set would have gone just as far as it is said to have gone. */
function spokenFor(
  id: CapacityId, { drill, way }: Observation, path: readonly OnPath[], side: Side | null,
  seconds: readonly number[], { mean }: Belief,
): number {
  const asked = path.map(position => asksOf(position, drill, side)[id])
  let log = mean
  for (let round = 0; round < ROUNDS; round++)
    log += Math.log(capacityFactor(damageAgainst(asked, seconds, Math.exp(log)).effort, way))
  return log
}

/** A day's readings of one capacity: measurements first, then the most that was reached at least. */
function learn(belief: Belief, said: readonly Reading[], from: Moved[]): Belief {
  let now = belief
  for (const { log, sd, says, day } of drillByDrill(said)) {
    now = measured(now, log, sd)
    from.push({ day, says, nm: Math.exp(log), atLeast: false })
  }
  const bounds = said.filter(one => one.observation.bound)
  const most = bounds.reduce<Reading | null>((a, b) => (a && a.log >= b.log ? a : b), null)
  if (!most) return now
  const moved = atLeast(now, most.log, most.observation.sd)
  const { day, says } = most.observation
  if (moved.mean - now.mean > NAMED) from.push({ day, says, nm: Math.exp(most.log), atLeast: true })
  return moved
}

/** One measurement a drill and side: its best hold to the end, or the middle of what its efforts say. */
function drillByDrill(said: readonly Reading[]): { log: number, sd: number, says: string, day: string }[] {
  const drills = new Map<string, Reading[]>()
  for (const one of said.filter(reading => !reading.observation.bound)) {
    const key = `${one.observation.drill.id}/${one.observation.side ?? ''}`
    drills.set(key, [...(drills.get(key) ?? []), one])
  }
  return [...drills].sort(([a], [b]) => (a < b ? -1 : 1)).map(([, all]) => {
    const broke = all.filter(one => one.observation.way === 1)
    const best = (broke.length > 0 ? broke : all).reduce((a, b) => (b.log > a.log ? b : a))
    const middle = all.reduce((sum, one) => sum + one.log, 0) / all.length
    const { sd, says, day } = best.observation
    return { log: broke.length > 0 ? best.log : middle, sd, says, day }
  })
}
