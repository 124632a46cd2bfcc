import { bodyOf } from '../core/anatomy'
import {
  bareCapacities, CAPACITY_IDS, capacitiesOf, effortOf, pathsOf, type Capacities, type Evidence,
} from '../core/capacity'
import { rungsOf, STANDARD } from '../core/catalogue'
import { DomainError } from '../core/errors'
import { capacitySchema, effortSchema, type ReadEvidence } from './schemas/capacity'
import { read, type Input } from './schemas/read'

const round = (value: number, digits: number): number => Number(value.toFixed(digits)) + 0

/** Evidence as the core knows it; a drill that is not in the catalogue is said of its place. */
export function evidenceOf({ trials, sets, stands }: ReadEvidence): Evidence {
  sets.forEach(({ variation }, i) => { mustKnow(variation, `evidence.sets.${i}.variation`) })
  stands.forEach((id, i) => { mustKnow(id, `evidence.stands.${i}`) })
  return { trials, stands, sets: sets.map(one => ({ ...one, variationId: one.variation })) }
}

function mustKnow(id: string, field: string): void {
  if (!STANDARD.find(id)) throw new DomainError(field, `There is no variation ${id}.`)
}

const told = (capacities: Capacities): Record<string, unknown> =>
  Object.fromEntries(CAPACITY_IDS.map((id) => {
    const { nm, low, high, measured, from } = capacities[id]
    return [id, {
      nm: round(nm, 2), low: round(low, 2), high: round(high, 2), measured,
      from: from.map(one => ({ ...one, nm: round(one.nm, 2) })),
    }]
  }))

/** What somebody did in; what their trunk holds in each direction out, with its band and what moved it. */
export function capacity(input: Input): unknown {
  const { athlete, evidence, today } = read(capacitySchema, input)
  return { capacities: told(capacitiesOf(athlete, evidenceOf(evidence), STANDARD, today)) }
}

/** A dose of one drill at its settings in; how far a set of it goes towards the athlete's own limit out. */
export function effort(input: Input): unknown {
  const { athlete, evidence, variation, settings, dose, today } = read(effortSchema, input)
  mustKnow(variation, 'variation')
  const known = evidenceOf(evidence ?? athlete.evidence ?? { trials: [], sets: [], stands: [] })
  const capacities = { ...bareCapacities(capacitiesOf(athlete, known, STANDARD, today)), ...athlete.capacities }
  const drill = STANDARD.find(variation)!
  const present = rungsOf(known.stands ?? [], STANDARD)[drill.branch] ?? drill.rung
  const { unit, amount, tempo = null, side, sets } = dose
  const set = { unit, amount, tempo, side, settings }
  const found = effortOf(drill, set, pathsOf(bodyOf(athlete)), capacities, Math.max(0, present - drill.rung))
  return {
    r: found.r === null ? null : round(found.r, 4), limitS: found.limitS === null ? null : round(found.limitS, 2),
    effortPerSet: round(found.effort, 4),
    fullSets: Object.fromEntries(Object.entries(found.fullSets).map(([a, worth]) => [a, round(worth * sets, 4)])),
    kind: found.kind, decides: found.decides,
  }
}
