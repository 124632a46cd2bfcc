import type { Body } from '../anatomy'
import {
  TEST_IDS, testFacts, type BreakPoint, type StandardTestId, type Trial,
} from '../assessment'
import { gateLoadKg, type Catalogue, type Variation } from '../catalogue'
import type { DoseUnit, Side } from '../dose'
import { G } from '../mechanics'
import type { SetDone } from './setTime'

/** A set as it was logged, as far as it says something of a capacity. */
export interface DoneSet extends SetDone {
  readonly variationId: string
  readonly side: Side | null
  readonly settings: Readonly<Record<string, unknown>>
  readonly breakPoint: BreakPoint
  /** 0-10; null: not said. */
  readonly effort: number | null
  readonly day: string
}

/** A trial with the settings it was taken at. */
export interface DoneTrial extends Trial {
  readonly settings?: Readonly<Record<string, unknown>>
}

/** What is known of what somebody did. */
export interface Evidence {
  readonly trials: readonly DoneTrial[]
  readonly sets: readonly DoneSet[]
  /** Drills that somebody stands on, whoever put them there. */
  readonly stands?: readonly string[]
}

/** One set or hold that says how strong a trunk is. */
export interface Observation {
  readonly drill: Variation
  readonly set: SetDone
  readonly side: Side | null
  readonly settings: Readonly<Record<string, unknown>>
  readonly day: string
  /** How far of the way to the limit it went; a bound: at most so far. */
  readonly way: number
  readonly bound: boolean
  /** Standard deviation of the logarithm. */
  readonly sd: number
  readonly says: string
}

/** How well each kind of evidence knows the logarithm of a capacity (ours). */
export const SD = { broke: 0.15, effort: 0.25, bound: 0.15, byHand: 0.3 } as const
/** What ended a set because the trunk gave out. */
export const TRUNK_ENDED: readonly BreakPoint[] = ['trunk', 'lowBack', 'hipsTurned']
/** From this effort up a clean set tells how far it went. */
export const TELLING_EFFORT = 5

/**
 * Every trial and set that says something of a capacity. One that the trunk ended went all the way; a clean one with an
 * effort of 5 to 10 went so many tenths; any other went at most all the way.
 *
 * @throws DomainError `sets.<n>.variation` that is not in the catalogue.
 * @example
 * observationsOf({ trials: [], sets: [] }, STANDARD, bodyOf({ sex: 'male', heightM: 1.8, massKg: 80 }), '2026-03-02') // => []
 */
export function observationsOf(
  { trials, sets, stands = [] }: Evidence, catalogue: Catalogue, body: Pick<Body, 'massKg'>, today: string,
): Observation[] {
  return [
    ...stands.flatMap(id => byHand(catalogue.find(id), body)),
    ...trials.filter(one => one.day <= today).flatMap(one => ofTrial(one, catalogue)),
    ...sets.filter(one => one.day <= today).flatMap(one => ofSet(one, catalogue)),
  ]
}

/** Before every day: nobody knows when somebody came to stand where they stand. */
const LONG_AGO = ''

/** Whoever stands on a drill can do at least one set as its gate asks. */
function byHand(drill: Variation | undefined, body: Pick<Body, 'massKg'>): Observation[] {
  if (!drill || drill.kind !== undefined) return []
  const { amount } = drill.gate
  const unit = drill.doses[0]?.unit ?? 'seconds'
  const load = gateLoadKg(drill.gate, body.massKg)
  const tempo = drill.doses.find(dose => dose.tempo)?.tempo ?? null
  return [{
    drill, set: { unit, amount: Math.min(amount, USUAL_MOST[unit]), tempo }, side: null,
    settings: load === null ? {} : drill.settings.includes('bandN') ? { bandN: load * G } : { loadKg: load },
    day: LONG_AGO, way: 1, bound: true, sd: SD.byHand,
    says: `stands on ${drill.name.toLowerCase()}`,
  }]
}

/** A finisher's minutes are spread over many breaths: a gate is no longer in one go than this. */
const USUAL_MOST: Readonly<Record<DoseUnit, number>> = { seconds: 60, reps: 15, breaths: 10, metres: 40, letters: 10 }

function ofTrial(trial: DoneTrial, catalogue: Catalogue): Observation[] {
  const test = TEST_IDS.find(id => id === trial.test)
  const hold = test && asHold(test, trial, catalogue)
  if (!hold || trial.value <= 0) return []
  return [{ ...hold, side: trial.side, day: trial.day, ...howFar(trial.breakPoint, null), says: hold.says }]
}

/** The drill and the set that a trial stands for; null where it says nothing of a trunk's strength. */
function asHold(
  test: StandardTestId, { value, settings = {} }: DoneTrial, catalogue: Catalogue,
): Pick<Observation, 'drill' | 'set' | 'settings' | 'says'> | null {
  const { name, unit, speaksFor } = testFacts(test)
  const of = (id: string | undefined, set: SetDone, at: Readonly<Record<string, unknown>>) => {
    const drill = id === undefined ? undefined : catalogue.find(id)
    return drill ? { drill, set, settings: at, says: `${name.toLowerCase()}, ${Math.round(value)} ${unit}` } : null
  }
  switch (test) {
    case 'frontHeldHold': return of('carries.front-held', { unit: 'seconds', amount: 30 }, { loadKg: value })
    case 'sidePlankLoad': return of('side-plank.weight-on-hip', { unit: 'seconds', amount: 10 }, { loadKg: value })
    case 'suitcaseWork': {
      const { loadKg } = settings
      if (typeof loadKg !== 'number' || loadKg <= 0) return null
      return of('carries.suitcase', { unit: 'metres', amount: value / loadKg }, { loadKg })
    }
    case 'pressOutHold':
      return typeof settings.bandN === 'number'
        ? of('press-out.standing-hold', { unit: 'seconds', amount: value }, settings)
        : null
    default: return unit === 's' ? of(speaksFor, { unit: 'seconds', amount: value }, settings) : null
  }
}

function ofSet(one: DoneSet, catalogue: Catalogue): Observation[] {
  const drill = catalogue.find(one.variationId)
  if (!drill || drill.kind !== undefined || one.amount <= 0) return []
  const { unit, amount, tempo = null, side, settings, day } = one
  return [{
    drill, set: { unit, amount, tempo }, side, settings, day, ...howFar(one.breakPoint, one.effort),
    says: `${drill.name.toLowerCase()}, ${amount} ${unit}`,
  }]
}

function howFar(breakPoint: BreakPoint, effort: number | null): Pick<Observation, 'way' | 'bound' | 'sd'> {
  if (TRUNK_ENDED.includes(breakPoint)) return { way: 1, bound: false, sd: SD.broke }
  if (breakPoint === 'none' && effort !== null && effort >= TELLING_EFFORT)
    return { way: effort / 10, bound: false, sd: SD.effort }
  // An easy set says that it was easy: if only hard ones counted, whoever grows would seem to stand still.
  if (breakPoint === 'none' && effort !== null) return { way: TELLING_EFFORT / 10, bound: true, sd: SD.effort }
  return { way: 1, bound: true, sd: SD.bound }
}
