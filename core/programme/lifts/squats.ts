import type { RepProfile } from '../../dose'
import type { Lift } from './lift'

const squatRep: RepProfile = { setUpS: 1.5, loweringS: 2, pauseS: 0, rangeM: 0.6, relation: 'squat' }

/** Squats, and steps on one leg. The bar on the body is limited by legs, hips and whatever keeps the trunk up. */
export const SQUATS = {
  backSquat: {
    name: 'Back squat', shares: { antiFlexion: 0.8, antiLateralFlexion: 0.1 }, axial: true,
    limits: ['legs', 'hips', 'lowBack', 'upperBack'], rep: squatRep,
  },
  frontSquat: {
    name: 'Front squat', shares: { antiFlexion: 0.9, antiLateralFlexion: 0.1 }, axial: true,
    limits: ['legs', 'hips', 'lowBack', 'upperBack'], rep: squatRep, like: 'inside-lift.front-loaded-squat',
  },
  overheadSquat: {
    name: 'Overhead squat', shares: { antiFlexion: 0.6, antiExtension: 0.3, antiLateralFlexion: 0.1 }, axial: true,
    limits: ['legs', 'hips', 'lowBack', 'upperBack', 'shoulders'],
    rep: { setUpS: 2, loweringS: 2.5, pauseS: 0, rangeM: 0.6, relation: 'squat' },
  },
  gobletSquat: {
    name: 'Front-held dumbbell squat', shares: { antiFlexion: 0.7, antiLateralFlexion: 0.05 }, axial: true,
    limits: ['legs', 'hips', 'lowBack', 'upperBack', 'grip'], rep: { ...squatRep, setUpS: 1, rangeM: 0.55 },
  },
  beltSquat: {
    name: 'Squat with the load on a hip belt', shares: { antiFlexion: 0.1 }, axial: false, limits: ['legs', 'hips'],
    rep: { ...squatRep, setUpS: 0.8 },
  },
  splitSquat: {
    name: 'Split squat', shares: { antiFlexion: 0.3, antiLateralFlexion: 0.3 }, axial: true, limits: ['legs', 'hips'],
    rep: { ...squatRep, rangeM: 0.45 }, oneSided: true,
  },
  lunge: {
    name: 'Walking lunge', shares: { antiFlexion: 0.3, antiLateralFlexion: 0.3 }, axial: true,
    limits: ['legs', 'hips', 'grip'], rep: { ...squatRep, setUpS: 0.5, loweringS: 1.5, rangeM: 0.45 }, oneSided: true,
  },
  stepUp: {
    name: 'Step-up', shares: { antiLateralFlexion: 0.35, antiFlexion: 0.2 }, axial: true, limits: ['legs', 'hips'],
    rep: { ...squatRep, setUpS: 0.5, loweringS: 1.5, rangeM: 0.4 }, oneSided: true,
  },
} as const satisfies Record<string, Lift>
