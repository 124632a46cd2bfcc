import { SCHOOLS, type SchoolId } from '../catalogue'
import type { Policy } from './lines'

/** Lines each school sets away from the usual, in the direction of common practice, no source. */
export const SCHOOL_LINES: Readonly<Record<SchoolId, Partial<Policy>>> = {
  stiffnessFirst: {
    dosing: 'stiffnessFirst', emphasis: 'holds', flexion: 'unloaded', bendingCap: 'c60', sideBends: 'off',
    place: 'warmUp', progress: 'lever', hipFlexors: 'quieted', variety: 'same',
  },
  highTension: {
    dosing: 'highTension', directWork: 'reduced', flexion: 'limited', place: 'early', progress: 'load', unstable: 'off',
    variety: 'same',
  },
  bodyLine: {
    dosing: 'bodyLine', bendingCap: 'c150', emphasis: 'line', place: 'early', progress: 'lever', lowBack: 'flat',
  },
  intervalCircuit: { dosing: 'intervalCircuit', emphasis: 'mixed', place: 'last', progress: 'time', variety: 'rotate' },
  rotationalPower: {
    dosing: 'rotationalPower', emphasis: 'rotation', flexion: 'limited', place: 'last', progress: 'load',
  },
  liftIntegrated: {
    dosing: 'liftIntegrated', directWork: 'lifts', emphasis: 'lifts', flexion: 'limited', place: 'inside',
    progress: 'load', teacher: 'frontSquat', unstable: 'off',
  },
}

/** Every school, in the order pages show them. */
export const SCHOOL_IDS = Object.keys(SCHOOLS) as SchoolId[]
