import type { RepProfile } from '../../dose'
import type { Lift } from './lift'

/** One metre: the breath is taken once and the way is what takes the time. */
const metre: RepProfile = { setUpS: 0, loweringS: 0, pauseS: 0, rangeM: 1, relation: 'walk' }

/** Lifts that go some way: their sets are counted in metres. */
export const WALKS = {
  farmersWalk: {
    name: 'Two-hand carry, loaded as a lift', shares: { antiFlexion: 0.4, antiLateralFlexion: 0.4 }, axial: true,
    limits: ['grip', 'upperBack'], rep: metre, counted: 'metres', like: 'carries.two-hand',
  },
  sledPush: {
    name: 'Sled push', shares: { antiFlexion: 0.2, antiExtension: 0.3, antiRotation: 0.1 }, axial: false,
    limits: ['legs', 'hips'], rep: metre, counted: 'metres',
  },
  sledDrag: {
    name: 'Sled drag, backwards', shares: { antiFlexion: 0.5 }, axial: false, limits: ['legs', 'hips', 'grip'],
    rep: metre, counted: 'metres',
  },
} as const satisfies Record<string, Lift>
