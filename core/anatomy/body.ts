import { DomainError } from '../errors'
import { ASSUMED, PAIRED, REFERENCE, SEGMENTS, type Segment, type Sex } from './segments'

/** Bodies that can be reckoned with: ends of the range, metres and kilograms. */
export const BODY_RANGE = { heightM: [1.2, 2.3], massKg: [25, 220] } as const

/** Whose body it is. */
export interface BodySize {
  readonly sex: Sex
  readonly heightM: number
  readonly massKg: number
}

/**
 * A body as the mechanics need it: lengths in metres, masses in kilograms, distances above the mid hips along the
 * trunk.
 */
export interface Body extends BodySize {
  readonly lengthM: Readonly<Record<Segment, number>>
  /** Of one side where there are two. */
  readonly segmentKg: Readonly<Record<Segment, number>>
  /** Centre of mass from the segment's first end, metres. */
  readonly comM: Readonly<Record<Segment, number>>
  readonly shoulderM: number
  readonly cervicaleM: number
  readonly lumbarM: number
  readonly thoracolumbarM: number
  readonly shoulderHalfM: number
  readonly hipHalfM: number
  readonly ankleHeightM: number
  readonly ankleFromHeelM: number
  readonly ballFromHeelM: number
  readonly kneeHeightM: number
  readonly backDepthM: number
}

/**
 * The body of a person: the table's segments scaled in length with stature and in mass with body mass.
 * Masses are brought to a sum of 100 %.
 *
 * @param size stature 1.20-2.30 m, body mass 25-220 kg
 * @throws DomainError `heightM` or `massKg` out of range.
 * @example
 * Math.round(bodyOf({ sex: 'male', heightM: 1.8, massKg: 80 }).lumbarM * 1000) // => 135
 */
export function bodyOf({ sex, heightM, massKg }: BodySize): Body {
  const [[low, high], [light, heavy]] = [BODY_RANGE.heightM, BODY_RANGE.massKg]
  if (!(heightM >= low && heightM <= high))
    throw new DomainError('heightM', `Height goes from ${low.toFixed(2)} to ${high.toFixed(2)} m.`)
  if (!(massKg >= light && massKg <= heavy))
    throw new DomainError('massKg', `Body mass goes from ${light} to ${heavy} kg.`)
  const table = SEGMENTS[sex]
  const names = Object.keys(table) as Segment[]
  const scale = heightM / REFERENCE[sex].heightM
  const sum = names.reduce((total, name) => total + table[name].massPercent * (PAIRED.includes(name) ? 2 : 1), 0)
  const each = (value: (name: Segment) => number): Record<Segment, number> =>
    Object.fromEntries(names.map(name => [name, value(name)])) as Record<Segment, number>
  const lengthM = each(name => table[name].lengthMm / 1000 * scale)
  const own = ASSUMED[sex]
  return {
    sex, heightM, massKg, lengthM,
    segmentKg: each(name => table[name].massPercent / sum * massKg),
    comM: each(name => table[name].comPercent / 100 * lengthM[name]),
    shoulderM: REFERENCE[sex].hipToShoulderMm / 1000 * scale,
    cervicaleM: lengthM.lowerTrunk + lengthM.midTrunk + lengthM.upperTrunk,
    lumbarM: own.lumbar * heightM,
    thoracolumbarM: ASSUMED.thoracolumbar * heightM,
    shoulderHalfM: own.shoulderHalf * heightM,
    hipHalfM: own.hipHalf * heightM,
    ankleHeightM: ASSUMED.ankleHeight * heightM,
    ankleFromHeelM: ASSUMED.ankleAlongFoot * lengthM.foot,
    ballFromHeelM: ASSUMED.ballAlongFoot * lengthM.foot,
    kneeHeightM: ASSUMED.kneeling * heightM,
    backDepthM: ASSUMED.backDepth * heightM,
  }
}
