import { bodyOf } from '~~/core/anatomy'
import { daysBetween } from '~~/core/calendar'
import {
  CAPACITY_IDS, effortOf, pathsOf, strangerTrunk, type CapacityId, type PerCapacity,
} from '~~/core/capacity'
import { STANDARD, type SettingValues, type TrunkAction, type Variation } from '~~/core/catalogue'
import type { Dose, Side } from '~~/core/dose'
import { trunkOf } from '~~/shared/trunkOf'
import type { AthleteInput } from '~~/shared/types'
import type { Chance } from './random'

/** What an invented athlete's trunk really holds: nobody in the product knows it, all that is done follows from it. */
export interface HiddenTrunk {
  /** N·m on the day it is of, by direction. */
  readonly nm: PerCapacity
  readonly asOf: string
  /** What it grows by in a week, as a part of itself. */
  readonly weekly: number
}

/**
 * Years of training make so much of what people of the kind hold, a year, beside what the kind knows of them already;
 * no more than so many count.
 */
const [A_YEAR, MOST_YEARS] = [0.012, 8]
/** How people differ as a whole and by direction, of the logarithm; and what a weak link and a weaker side lack. */
const [BETWEEN, WITHIN, WEAK, WEAKER] = [0.09, 0.06, 0.84, 0.92]

const SERVES: Readonly<Partial<Record<TrunkAction, readonly CapacityId[]>>> = {
  antiExtension: ['arch'], antiFlexion: ['fold'], antiLateralFlexion: ['sideLeft', 'sideRight'],
  antiRotation: ['turnLeft', 'turnRight'], rotation: ['turnLeft', 'turnRight'],
}

/** About normal, from the sum of twelve even chances. */
const normal = (luck: Chance): number => Array.from({ length: 12 }, () => luck.next()).reduce((a, b) => a + b, 0) - 6

/** The trunk of somebody of this body and these years, its weak link weak. */
export function hiddenTrunk(
  luck: Chance, input: Pick<
    AthleteInput, 'sex' | 'heightCm' | 'massKg' | 'birthYear' | 'trainingAgeYears' | 'weakLink' | 'weakSide'
  >, today: string,
): HiddenTrunk {
  const { known } = strangerTrunk(trunkOf(input, today), STANDARD)
  const common = Math.exp(BETWEEN * normal(luck)) * (1 + A_YEAR * Math.min(MOST_YEARS, input.trainingAgeYears))
  const weak = input.weakLink ? SERVES[input.weakLink] ?? [] : []
  const nm = Object.fromEntries(CAPACITY_IDS.map((id) => {
    const side = input.weakSide === 'left' ? 'Left' : 'Right'
    const lacks = (weak.includes(id) ? WEAK : 1) * (input.weakSide && id.endsWith(side) ? WEAKER : 1)
    return [id, known[id].nm * common * Math.exp(WITHIN * normal(luck)) * lacks]
  })) as unknown as PerCapacity
  return { nm, asOf: today, weekly: 0.002 + 0.004 * luck.next() }
}

/** What it held on another day. */
export function heldOn({ nm, asOf, weekly }: HiddenTrunk, day: string): PerCapacity {
  const grown = Math.exp(weekly * daysBetween(asOf, day) / 7)
  return Object.fromEntries(CAPACITY_IDS.map(id => [id, nm[id] * grown])) as unknown as PerCapacity
}

/** How far one set really goes; null for a drill whose moment nobody computes. */
export function trueEffort(
  input: AthleteInput, held: PerCapacity, variation: Variation, dose: Dose, settings: SettingValues, side: Side | null,
): number | null {
  const own = pathsOf(bodyOf({ sex: input.sex, heightM: input.heightCm / 100, massKg: input.massKg }))
  const { unit, amount, tempo = null } = dose
  const { r, effort } = effortOf(variation, { unit, amount, tempo, settings, side }, own, held)
  return r === null ? null : effort
}
