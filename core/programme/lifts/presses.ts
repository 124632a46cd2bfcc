import type { RepProfile } from '../../dose'
import type { Lift } from './lift'

const benchRep: RepProfile = { setUpS: 1, loweringS: 2, pauseS: 0, rangeM: 0.4, relation: 'benchPress' }
const overheadRep: RepProfile = { setUpS: 1, loweringS: 2, pauseS: 0, rangeM: 0.5, relation: 'overhead' }

/** Pushing away from the body: lying, and overhead. */
export const PRESSES = {
  benchPress: {
    name: 'Bench press', shares: { antiExtension: 0.2 }, axial: false, limits: ['chest', 'shoulders'], rep: benchRep,
  },
  inclinePress: {
    name: 'Incline press', shares: { antiExtension: 0.25 }, axial: false, limits: ['chest', 'shoulders'], rep: benchRep,
  },
  oneArmPress: {
    name: 'One-arm dumbbell press', shares: { antiRotation: 0.5, antiExtension: 0.2 }, axial: false,
    limits: ['chest', 'shoulders'], rep: benchRep, oneSided: true, like: 'inside-lift.half-bench-press',
  },
  pushUp: {
    name: 'Push-up', shares: { antiExtension: 0.7 }, axial: false, limits: ['chest', 'shoulders'],
    rep: { ...benchRep, setUpS: 0.2, rangeM: 0.35 }, like: 'front-plank.hands',
  },
  dip: {
    name: 'Dip between bars', shares: { antiExtension: 0.3 }, axial: false, limits: ['chest', 'shoulders'],
    rep: { ...benchRep, setUpS: 0.5, rangeM: 0.35 },
  },
  overheadPress: {
    name: 'Overhead press', shares: { antiExtension: 0.7, antiLateralFlexion: 0.1 }, axial: true, limits: ['shoulders'],
    rep: overheadRep, like: 'inside-lift.strict-press',
  },
  oneArmOverheadPress: {
    name: 'One-arm overhead press', shares: { antiLateralFlexion: 0.5, antiExtension: 0.4 }, axial: true,
    limits: ['shoulders'], rep: { ...overheadRep, setUpS: 0.8 }, oneSided: true,
    like: 'inside-lift.one-arm-overhead-press',
  },
  pushPress: {
    name: 'Push press', shares: { antiExtension: 0.6, antiLateralFlexion: 0.1 }, axial: true,
    limits: ['shoulders', 'legs'], rep: { ...overheadRep, setUpS: 1.5, loweringS: 0.6, relation: 'fast' },
  },
} as const satisfies Record<string, Lift>
