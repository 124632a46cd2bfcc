import type { ActionShares, Region } from '../../catalogue'
import type { RepProfile } from '../../dose'

/** One lift of the strength programme and what it asks of the trunk. */
export interface Lift {
  readonly name: string
  /** Part of the braced time that counts for each action, 0-1; they need not sum to 1. */
  readonly shares: ActionShares
  /** Loads the spine along its length: heavy sets forbid fatiguing trunk work before them. */
  readonly axial: boolean
  /** Regions that limit it: a drill that tires one of them is not paired with it. */
  readonly limits: readonly Region[]
  readonly rep: RepProfile
  readonly oneSided?: boolean
}

const squatRep: RepProfile = { setUpS: 1.5, loweringS: 2, pauseS: 0, rangeM: 0.6, relation: 'squat' }
const benchRep: RepProfile = { setUpS: 1, loweringS: 2, pauseS: 0, rangeM: 0.4, relation: 'benchPress' }
const plainRep = (setUpS: number, loweringS: number, rangeM: number): RepProfile =>
  ({ setUpS, loweringS, pauseS: 0, rangeM, relation: null })

/** Lifts with their trunk shares: our own estimates in the order of common practice, no source. */
export const LIFTS = {
  backSquat: {
    name: 'Back squat', shares: { antiFlexion: 0.8, antiLateralFlexion: 0.1 }, axial: true, limits: ['legs', 'lowBack'],
    rep: squatRep,
  },
  frontSquat: {
    name: 'Front squat', shares: { antiFlexion: 0.9, antiLateralFlexion: 0.1 }, axial: true,
    limits: ['legs', 'upperBack'], rep: squatRep,
  },
  splitSquat: {
    name: 'Split squat', shares: { antiFlexion: 0.3, antiLateralFlexion: 0.3 }, axial: true, limits: ['legs', 'hips'],
    rep: { ...squatRep, rangeM: 0.45 }, oneSided: true,
  },
  lunge: {
    name: 'Walking lunge', shares: { antiFlexion: 0.3, antiLateralFlexion: 0.3 }, axial: true,
    limits: ['legs', 'hips', 'grip'], rep: plainRep(0.5, 1.5, 0.45), oneSided: true,
  },
  deadlift: {
    name: 'Deadlift', shares: { antiFlexion: 1 }, axial: true, limits: ['grip', 'lowBack', 'hips', 'legs'],
    rep: plainRep(2, 1.5, 0.55),
  },
  romanianDeadlift: {
    name: 'Straight-leg hinge', shares: { antiFlexion: 1 }, axial: true, limits: ['grip', 'lowBack', 'hips'],
    rep: plainRep(1, 3, 0.5),
  },
  hipThrust: {
    name: 'Hip thrust', shares: { extension: 0.3, antiExtension: 0.2 }, axial: false, limits: ['hips'],
    rep: plainRep(0.5, 2, 0.3),
  },
  highPull: {
    name: 'High pull from the floor', shares: { antiFlexion: 0.7, extension: 0.2 }, axial: true,
    limits: ['grip', 'legs', 'upperBack', 'lowBack'], rep: plainRep(2, 0.5, 0.8),
  },
  benchPress: {
    name: 'Bench press', shares: { antiExtension: 0.2 }, axial: false, limits: ['chest', 'shoulders'], rep: benchRep,
  },
  oneArmPress: {
    name: 'One-arm dumbbell press', shares: { antiRotation: 0.5, antiExtension: 0.2 }, axial: false,
    limits: ['chest', 'shoulders'], rep: benchRep, oneSided: true,
  },
  overheadPress: {
    name: 'Overhead press', shares: { antiExtension: 0.7, antiLateralFlexion: 0.1 }, axial: true, limits: ['shoulders'],
    rep: plainRep(1, 2, 0.5),
  },
  row: {
    name: 'Bent-over row', shares: { antiFlexion: 0.8 }, axial: false, limits: ['grip', 'upperBack', 'lowBack'],
    rep: plainRep(0.5, 2, 0.4),
  },
  oneArmRow: {
    name: 'One-arm row', shares: { antiRotation: 0.4, antiFlexion: 0.3 }, axial: false, limits: ['grip', 'upperBack'],
    rep: plainRep(0.5, 2, 0.4), oneSided: true,
  },
  benchPull: {
    name: 'Lying bench pull', shares: {}, axial: false, limits: ['grip', 'upperBack'], rep: plainRep(0.5, 1.5, 0.4),
  },
  pullUp: {
    name: 'Pull-up', shares: { antiExtension: 0.4 }, axial: false, limits: ['grip', 'upperBack', 'shoulders'],
    rep: plainRep(0.5, 2, 0.5),
  },
  overheadSquat: {
    name: 'Overhead squat',
    shares: { antiFlexion: 0.7, antiExtension: 0.3, antiLateralFlexion: 0.1 },
    axial: true, limits: ['legs', 'shoulders', 'upperBack'], rep: plainRep(2, 2.5, 0.6),
  },
  gobletSquat: {
    name: 'Front-held dumbbell squat', shares: { antiFlexion: 0.7, antiLateralFlexion: 0.05 }, axial: true,
    limits: ['legs', 'upperBack', 'grip'], rep: plainRep(1, 2, 0.55),
  },
  stepUp: {
    name: 'Step-up', shares: { antiLateralFlexion: 0.35, antiFlexion: 0.2 }, axial: true, limits: ['legs', 'hips'],
    rep: plainRep(0.5, 1.5, 0.4), oneSided: true,
  },
  singleLegHinge: {
    name: 'Single-leg hinge', shares: { antiFlexion: 0.6, antiRotation: 0.3 }, axial: true,
    limits: ['hips', 'grip', 'lowBack'], rep: plainRep(0.5, 2.5, 0.45), oneSided: true,
  },
  goodMorning: {
    name: 'Bar hinge, bar on the back', shares: { antiFlexion: 1 }, axial: true, limits: ['lowBack', 'hips'],
    rep: plainRep(1.5, 3, 0.45),
  },
  swing: {
    name: 'Two-hand hip swing', shares: { antiFlexion: 0.6, antiExtension: 0.2 }, axial: false,
    limits: ['grip', 'hips', 'lowBack'], rep: plainRep(0.2, 0.8, 0.6),
  },
  oneArmOverheadPress: {
    name: 'One-arm overhead press', shares: { antiLateralFlexion: 0.5, antiExtension: 0.4 }, axial: true,
    limits: ['shoulders'], rep: plainRep(0.8, 2, 0.5), oneSided: true,
  },
  pushPress: {
    name: 'Push press', shares: { antiExtension: 0.6, antiLateralFlexion: 0.1 }, axial: true,
    limits: ['shoulders', 'legs'], rep: plainRep(1.5, 0.6, 0.5),
  },
  pushUp: {
    name: 'Push-up', shares: { antiExtension: 0.7 }, axial: false, limits: ['chest', 'shoulders'],
    rep: plainRep(0.2, 2, 0.35),
  },
  inclinePress: {
    name: 'Incline press', shares: { antiExtension: 0.25 }, axial: false, limits: ['chest', 'shoulders'],
    rep: plainRep(1, 2, 0.4),
  },
  invertedRow: {
    name: 'Body row under a bar', shares: { antiFlexion: 0.3, extension: 0.2 }, axial: false,
    limits: ['grip', 'upperBack'], rep: plainRep(0.2, 2, 0.35),
  },
  pulldown: {
    name: 'Cable pull to the chest', shares: { antiExtension: 0.15 }, axial: false, limits: ['grip', 'upperBack'],
    rep: plainRep(0.3, 2, 0.5),
  },
  farmersWalk: {
    name: 'Two-hand carry, loaded as a lift', shares: { antiFlexion: 0.4, antiLateralFlexion: 0.4 }, axial: true,
    limits: ['grip', 'upperBack'], rep: plainRep(1, 1, 1),
  },
  ballThrow: {
    name: 'Overhead ball throw', shares: { antiExtension: 0.5, flexion: 0.3 }, axial: false, limits: ['shoulders'],
    rep: plainRep(1, 0.5, 0.6),
  },
} as const satisfies Record<string, Lift>

export type LiftId = keyof typeof LIFTS

/** Every lift id, in the order lists show them. */
export const LIFT_IDS = Object.keys(LIFTS) as LiftId[]

/**
 * The facts of a lift.
 *
 * @example
 * liftFacts('backSquat').axial // => true
 */
export function liftFacts(id: LiftId): Lift {
  return LIFTS[id]
}
