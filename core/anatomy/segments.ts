/** One body segment: mass in % of body mass, centre of mass in % of its length from the first end, length in mm. */
export interface SegmentFacts {
  readonly massPercent: number
  readonly comPercent: number
  readonly lengthMm: number
}

/** Segments of one side stand for each of the two. */
export type Segment =
  'head' | 'upperTrunk' | 'midTrunk' | 'lowerTrunk' | 'upperArm' | 'forearm' | 'hand' | 'thigh' | 'shank' | 'foot'

export type Sex = 'female' | 'male'

const segment = (massPercent: number, comPercent: number, lengthMm: number): SegmentFacts => ({
  massPercent, comPercent, lengthMm,
})

/**
 * Segment masses, centres of mass and lengths: de Leva 1996 (after Zatsiorsky), recalled from memory.
 * First ends: vertex, cervicale, xiphion, omphalion; shoulder, elbow, wrist; hip, knee, heel.
 * The centre of the male lower trunk is unsure.
 */
export const SEGMENTS: Readonly<Record<Sex, Readonly<Record<Segment, SegmentFacts>>>> = {
  male: {
    head: segment(6.94, 50.02, 242.9),
    upperTrunk: segment(15.96, 50.66, 242.1),
    midTrunk: segment(16.33, 45.02, 215.5),
    lowerTrunk: segment(11.17, 61.15, 145.7),
    upperArm: segment(2.71, 57.72, 281.7),
    forearm: segment(1.62, 45.74, 268.9),
    hand: segment(0.61, 79.00, 86.2),
    thigh: segment(14.16, 40.95, 422.2),
    shank: segment(4.33, 44.59, 434.0),
    foot: segment(1.37, 44.15, 258.1),
  },
  female: {
    head: segment(6.68, 48.41, 243.7),
    upperTrunk: segment(15.45, 50.50, 228.0),
    midTrunk: segment(14.65, 45.12, 205.3),
    lowerTrunk: segment(12.47, 49.20, 181.5),
    upperArm: segment(2.55, 57.54, 275.1),
    forearm: segment(1.38, 45.59, 264.3),
    hand: segment(0.56, 74.74, 78.0),
    thigh: segment(14.78, 36.12, 368.5),
    shank: segment(4.81, 44.16, 432.3),
    foot: segment(1.29, 40.14, 228.3),
  },
}

/**
 * Statures of the people the table describes, metres, and their mid shoulders above mid hips, mm (de Leva 1996, from
 * memory).
 */
export const REFERENCE = {
  male: { heightM: 1.741, hipToShoulderMm: 515.5 },
  female: { heightM: 1.735, hipToShoulderMm: 497.9 },
} as const

/** Segments that occur twice. */
export const PAIRED: readonly Segment[] = ['upperArm', 'forearm', 'hand', 'thigh', 'shank', 'foot']

/** Shares of stature that the table does not give: our own assumptions. */
export const ASSUMED = {
  male: { shoulderHalf: 0.100, hipHalf: 0.048, lumbar: 0.075 },
  female: { shoulderHalf: 0.097, hipHalf: 0.050, lumbar: 0.093 },
  ankleHeight: 0.039,
  /** Share of the foot's length from the heel. */
  ankleAlongFoot: 0.25,
  ballAlongFoot: 0.72,
  kneeling: 0.03,
  backDepth: 0.055,
  sacrum: 0.035,
  thoracolumbar: 0.165,
  shoulderBlades: 0.255,
  /** Where the weight stands on a forearm, share of its length from the elbow. */
  forearmContact: 0.3,
} as const
