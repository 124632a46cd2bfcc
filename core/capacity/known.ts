import type { Catalogue } from '../catalogue'
import { capacitiesOf, type Capacities } from './capacities'
import { CAPACITY_IDS } from './directions'
import type { Evidence } from './evidence'
import { ownBests, type OwnBest } from './ownBest'
import type { Trunk } from './prior'

/** What is known of a trunk, ready to reckon efforts by. It crosses threads and lines as it is. */
export interface KnownTrunk {
  readonly trunk: Trunk
  /** By direction, with the last of what moved each. */
  readonly known: Capacities
  readonly own: readonly OwnBest[]
}

/** So much of what moved a capacity is told: the latest. */
const TOLD = 5

/**
 * What is known of a trunk on a day by all that its owner did until then.
 *
 * @throws DomainError `tempo` when a logged one cannot be read.
 * @example
 * knownTrunk({ sex: 'male', heightM: 1.8, massKg: 80, ageYears: 22, trainingAgeYears: 2 }, { trials: [], sets: [] }, STANDARD, '2026-03-02').own // => []
 */
export function knownTrunk(trunk: Trunk, evidence: Evidence, catalogue: Catalogue, today: string): KnownTrunk {
  const all = capacitiesOf(trunk, evidence, catalogue, today)
  const known = Object.fromEntries(
    CAPACITY_IDS.map(id => [id, { ...all[id], from: all[id].from.slice(-TOLD) }]),
  ) as unknown as Capacities
  return { trunk, known, own: ownBests(evidence.sets, all.arch, today) }
}

/** Any day will do: with nothing known there is nothing to grow old. */
const SOME_DAY = '2000-01-01'

/**
 * A trunk of which nothing is known but whose it is: what people of that kind hold.
 *
 * @example
 * Math.round(strangerTrunk({ sex: 'male', heightM: 1.8, massKg: 80, ageYears: 22, trainingAgeYears: 2 }, STANDARD).known.sideRight.nm) // => 219
 */
export function strangerTrunk(trunk: Trunk, catalogue: Catalogue): KnownTrunk {
  return knownTrunk(trunk, { trials: [], sets: [] }, catalogue, SOME_DAY)
}
