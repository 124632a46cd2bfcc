import type { RepProfile } from '../../dose'
import type { Lift } from './lift'

const pullRep = (setUpS: number, loweringS: number, rangeM: number): RepProfile =>
  ({ setUpS, loweringS, pauseS: 0, rangeM, relation: 'benchPull' })

/** Pulling towards the body. */
export const PULLS = {
  row: {
    name: 'Bent-over row', shares: { antiFlexion: 0.8 }, axial: true, limits: ['grip', 'upperBack', 'lowBack'],
    rep: pullRep(0.5, 2, 0.4),
  },
  oneArmRow: {
    name: 'One-arm row', shares: { antiRotation: 0.4, antiFlexion: 0.3 }, axial: false, limits: ['grip', 'upperBack'],
    rep: pullRep(0.5, 2, 0.4), oneSided: true, like: 'inside-lift.opposite-limb-row',
  },
  benchPull: {
    name: 'Lying bench pull', shares: {}, axial: false, limits: ['grip', 'upperBack'], rep: pullRep(0.5, 1.5, 0.4),
  },
  pullUp: {
    name: 'Pull-up', shares: { antiExtension: 0.4 }, axial: false, limits: ['grip', 'upperBack', 'shoulders'],
    rep: pullRep(0.5, 2, 0.5),
  },
  pulldown: {
    name: 'Cable pull to the chest', shares: { antiExtension: 0.15 }, axial: false, limits: ['grip', 'upperBack'],
    rep: pullRep(0.3, 2, 0.5),
  },
  invertedRow: {
    name: 'Body row under a bar', shares: { antiFlexion: 0.3, extension: 0.2 }, axial: false,
    limits: ['grip', 'upperBack'], rep: pullRep(0.2, 2, 0.35),
  },
} as const satisfies Record<string, Lift>
