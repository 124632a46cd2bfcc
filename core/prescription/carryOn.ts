import type { SettingValues, Variation } from '../catalogue'
import type { Dose } from '../dose'
import {
  effortAt, keyOf, mayBeLoaded, loadsFor, type LoadsFor, type PrescribeFor, type Prescription,
} from './prescribe'
import { EFFORT_LIMITS, USUAL_AMOUNTS } from './window'

/** What the sets of a drill said: go on, stay, or go a step back. */
export type Progress = 'on' | 'stay' | 'back'

/** What was given last: one set of it, and what it was set to. */
export interface Given {
  readonly dose: Dose
  readonly setting: SettingValues
}

/** An amount grows by such steps along a block (common practice, no source). */
const BLOCK_STEP = { reps: 2, seconds: 5, breaths: 1, metres: 5, letters: 2 } as const
/** A load goes up by so much of itself, or to the next one that there is (2-10 %: ACSM 2009, recalled). */
const [LEAST_LOAD_STEP, LOAD_STEP] = [1.02, 1.1]

/**
 * The next set of a drill after one that was given, one variable at a time: on by its amount up to the gate's, then by
 * its load; a step back in the amount; else as it was. Null where nothing of it is work, or all would go too far.
 *
 * @param first what grows first: its amount, or its load
 * @throws DomainError `tempo` when it cannot be read.
 * @example
 * carriedOn(findVariation('front-plank.wall'), { dose: { sets: 3, amount: 30, unit: 'seconds', restS: 30 }, setting: {} }, 'stay', 'amount', { paths: pathsOf(bodyOf({ sex: 'male', heightM: 1.8, massKg: 80 })), capacities: { arch: 230, fold: 275, sideLeft: 219, sideRight: 219, turnLeft: 100, turnRight: 100 }, landing: windowOf(null, false), massKg: 80, heightM: 1.8, equipment: [], rungs: {} }) // => null
 */
export function carriedOn(
  variation: Variation, last: Given, progress: Progress, first: 'amount' | 'load', of: PrescribeFor,
): Prescription | null {
  if (!mayBeLoaded(variation, of, last.setting)) return null
  const tries: Record<Progress, readonly Given[]> = {
    on: [...grown(variation, last, first, of), last], stay: [last], back: [shortened(last), last],
  }
  for (const one of tries[progress]) {
    const found = effortAt(variation, { ...one.dose, sets: 1 }, one.setting, of)
    // What was given may stay up to the limit; nothing is driven past where a set is to land.
    const driven = progress === 'on' && one !== last
    if (isWork(found, of) && (!driven || found.effort.effort <= of.landing.effort[1])) return found
  }
  return null
}

/**
 * What a set may grow to, one variable at a time: its amount up to the gate's, and its load to the next that there is;
 * what has outgrown the gate's amount may begin the next load at that (common practice, no source).
 *
 * @param first what comes first
 * @example
 * grown(findVariation('front-plank.elbows'), { dose: { sets: 3, amount: 10, unit: 'seconds', restS: 30 }, setting: {} }, 'amount', { massKg: 80, heightM: 1.8, equipment: [] })[0].dose.amount // => 15
 */
export function grown(variation: Variation, last: Given, first: 'amount' | 'load', of: LoadsFor): Given[] {
  const { dose: { amount, unit }, setting } = last
  const longer = amount + BLOCK_STEP[unit]
  const byAmount = longer <= variation.gate.amount ? [{ ...last, dose: { ...last.dose, amount: longer } }] : []
  const heavier = loadedUp(variation, setting, of)
  const byLoad = heavier ? [{ ...last, setting: heavier }] : []
  const anew = heavier && amount > variation.gate.amount
    ? [{ dose: { ...last.dose, amount: variation.gate.amount }, setting: heavier }]
    : []
  return first === 'load' ? [...byLoad, ...byAmount, ...anew] : [...byAmount, ...byLoad, ...anew]
}

/**
 * A set with one step less in it, and never less than one.
 *
 * @example
 * shortened({ dose: { sets: 3, amount: 5, unit: 'reps', restS: 30 }, setting: {} }).dose.amount // => 3
 */
export function shortened(last: Given): Given {
  const { amount, unit } = last.dose
  const step = BLOCK_STEP[unit]
  return { ...last, dose: { ...last.dose, amount: Math.max(Math.min(step, amount), amount - step) } }
}

/** The next load that there is; null where there is none, or it would be too long a step. */
function loadedUp(variation: Variation, setting: SettingValues, of: LoadsFor): SettingValues | null {
  const key = keyOf(variation)
  const load = setting[key]
  if (load === undefined) return null
  const steps = loadsFor(variation, of).filter(step => step >= load * LEAST_LOAD_STEP && step > load)
  const within = steps.filter(step => step <= load * LOAD_STEP)
  const next = within[0] ?? steps[0]
  return next === undefined ? null : { ...setting, [key]: next }
}

function isWork({ effort: { effort, kind }, dose }: Prescription, { landing }: PrescribeFor): boolean {
  return kind === 'work' && effort >= EFFORT_LIMITS[0] && effort <= landing.limit
    && dose.amount <= USUAL_AMOUNTS[dose.unit][1]
}
