import { bodyOf, type BodySize } from '../anatomy'
import { TESTS, type Norm } from '../assessment'
import { pathOf, TYPICAL_NM } from '../mechanics'
import type { Side } from '../dose'
import { CAPACITY_IDS, type CapacityId } from './directions'
import type { Belief } from './estimate'
import { relativeLoadAt } from './limitTime'

/** Whose capacity it is. */
export interface Trunk extends BodySize {
  /** Whole years; null: not known. */
  readonly ageYears: number | null
  readonly trainingAgeYears: number
}

/** How wide people of one kind are spread, and wider outside the years that were measured (ours). */
const [SPREAD, WIDER] = [0.35, 0.45]
const [YOUNG, OLD] = [18, 34]
/** Years of training by which people hold less or more than those who were measured (common practice, no source). */
const EXPERIENCE = [[1, 0.85], [4, 1], [Infinity, 1.05]] as const

/**
 * What is believed of a trunk before anything of it is known: the published mean holds of the endurance battery for the
 * sex (McGill, Childs & Liebenson 1999, recalled) put through the model for this body. The extensor hold stands for
 * folding, the side bridges for bending; arching and turning go with bending in the proportions of a typical trunk,
 * since the flexor hold leans on the hip flexors and its position asks little in our model.
 *
 * @example
 * Math.exp(priorOf({ sex: 'male', heightM: 1.8, massKg: 80, ageYears: 22, trainingAgeYears: 2 }).sideRight.mean).toFixed(0) // => '219'
 */
export function priorOf(trunk: Trunk): Readonly<Record<CapacityId, Belief>> {
  const { sex, ageYears, trainingAgeYears } = trunk
  const body = bodyOf(trunk)
  const asked = (id: string): number => {
    const [hold] = pathOf({ id }, body, {})
    return Math.max(Math.abs(hold?.sagittalNm ?? 0), Math.abs(hold?.frontalNm ?? 0))
  }
  const side = (which: Side): number =>
    asked('side-plank.feet') / relativeLoadAt(TESTS.sideBridge.norms[sex][which].mean)
  const extensor: Norm = TESTS.extensor.norms[sex]
  const both = (side('left') + side('right')) / 2
  const typical: Readonly<Record<CapacityId, number>> = {
    arch: both * TYPICAL_NM.arch / TYPICAL_NM.side,
    fold: asked('posterior.bench-extension-hold') / relativeLoadAt(extensor.mean),
    sideLeft: side('left'), sideRight: side('right'),
    turnLeft: both * TYPICAL_NM.turn / TYPICAL_NM.side, turnRight: both * TYPICAL_NM.turn / TYPICAL_NM.side,
  }
  const factor = EXPERIENCE.find(([under]) => trainingAgeYears < under)?.[1] ?? 1
  const spread = ageYears === null || ageYears < YOUNG || ageYears > OLD ? WIDER : SPREAD
  return Object.fromEntries(
    CAPACITY_IDS.map(id => [id, { mean: Math.log(typical[id] * factor), variance: spread ** 2 }]),
  ) as unknown as Record<CapacityId, Belief>
}
