import type { RepProfile } from '../../dose'
import type { Lift } from './lift'

const fastRep = (setUpS: number, loweringS: number, rangeM: number): RepProfile =>
  ({ setUpS, loweringS, pauseS: 0, rangeM, relation: 'fast' })

/** Lifts that are fast or are none: pulled from the floor, caught, driven overhead, thrown. */
export const FAST_LIFTS = {
  highPull: {
    name: 'High pull from the floor', shares: { antiFlexion: 0.7, extension: 0.2 }, axial: true,
    limits: ['grip', 'legs', 'hips', 'upperBack', 'lowBack'], rep: fastRep(2, 0.5, 0.8),
  },
  cleanPull: {
    name: 'Clean pull', shares: { antiFlexion: 0.8, extension: 0.1 }, axial: true,
    limits: ['grip', 'legs', 'hips', 'upperBack', 'lowBack'], rep: fastRep(2, 1, 0.7),
  },
  snatchPull: {
    name: 'Snatch pull', shares: { antiFlexion: 0.8, extension: 0.1 }, axial: true,
    limits: ['grip', 'legs', 'hips', 'upperBack', 'lowBack'], rep: fastRep(2, 1, 0.8),
  },
  powerClean: {
    name: 'Clean, caught high', shares: { antiFlexion: 0.8, antiExtension: 0.1 }, axial: true,
    limits: ['grip', 'legs', 'hips', 'upperBack', 'lowBack'], rep: fastRep(2, 1.5, 0.9),
  },
  powerSnatch: {
    name: 'Snatch, caught high', shares: { antiFlexion: 0.7, antiExtension: 0.2 }, axial: true,
    limits: ['grip', 'legs', 'hips', 'upperBack', 'lowBack', 'shoulders'], rep: fastRep(2, 1.5, 1.2),
  },
  jerk: {
    name: 'Jerk', shares: { antiExtension: 0.6, antiLateralFlexion: 0.1 }, axial: true, limits: ['shoulders', 'legs'],
    rep: fastRep(2, 1, 0.5),
  },
  splitJerk: {
    name: 'Jerk into a split', shares: { antiExtension: 0.6, antiLateralFlexion: 0.2 }, axial: true,
    limits: ['shoulders', 'legs', 'hips'], rep: fastRep(2, 1.5, 0.5),
  },
  ballThrow: {
    name: 'Overhead ball throw', shares: { antiExtension: 0.3, flexion: 0.5 }, axial: false, limits: ['shoulders'],
    rep: fastRep(1, 0.5, 0.6), like: 'flexion.overhead-slam',
  },
} as const satisfies Record<string, Lift>
