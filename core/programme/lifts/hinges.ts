import type { RepProfile } from '../../dose'
import type { Lift } from './lift'

const hingeRep = (setUpS: number, loweringS: number, rangeM: number): RepProfile =>
  ({ setUpS, loweringS, pauseS: 0, rangeM, relation: 'hinge' })

/** Bowing at the hips and standing up, and lifts of the hips alone. */
export const HINGES = {
  deadlift: {
    name: 'Deadlift', shares: { antiFlexion: 1 }, axial: true, limits: ['grip', 'lowBack', 'hips', 'legs'],
    rep: hingeRep(2, 1.5, 0.55),
  },
  trapBarDeadlift: {
    name: 'Trap-bar deadlift', shares: { antiFlexion: 0.8 }, axial: true, limits: ['grip', 'lowBack', 'hips', 'legs'],
    rep: hingeRep(2, 1.5, 0.5),
  },
  romanianDeadlift: {
    name: 'Straight-leg hinge', shares: { antiFlexion: 1 }, axial: true, limits: ['grip', 'lowBack', 'hips'],
    rep: hingeRep(1, 3, 0.5),
  },
  singleLegHinge: {
    name: 'Single-leg hinge', shares: { antiFlexion: 0.6, antiRotation: 0.3 }, axial: true,
    limits: ['hips', 'grip', 'lowBack'], rep: hingeRep(0.5, 2.5, 0.45), oneSided: true, like: 'balance.hinge-weight',
  },
  goodMorning: {
    name: 'Bar hinge, bar on the back', shares: { antiFlexion: 1 }, axial: true, limits: ['lowBack', 'hips'],
    rep: hingeRep(1.5, 3, 0.45),
  },
  hipThrust: {
    name: 'Hip thrust', shares: { antiFlexion: 0.3, extension: 0.2 }, axial: false, limits: ['hips'],
    rep: hingeRep(0.5, 2, 0.3), like: 'posterior.hip-thrust',
  },
  gluteHamRaise: {
    name: 'Raise from the knees, feet held', shares: { antiFlexion: 0.6, extension: 0.2 }, axial: true,
    limits: ['hips', 'legs', 'lowBack'], rep: hingeRep(0.5, 3, 0.6), like: 'posterior.hamstring-raise',
  },
  swing: {
    name: 'Two-hand hip swing', shares: { antiFlexion: 0.6, antiExtension: 0.2 }, axial: true,
    limits: ['grip', 'hips', 'lowBack'], rep: { ...hingeRep(0.2, 0.8, 0.6), relation: 'fast' },
  },
} as const satisfies Record<string, Lift>
