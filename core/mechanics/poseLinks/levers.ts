import { moving, pose, type Links } from './link'

/** Body line levers: how each drill is computed. */
export const levers: Links = {
  'levers.tuck': pose('frontLever', { hipDeg: 110, kneeDeg: 120 }, 'hipDeg', 'kneeDeg'),
  'levers.advanced-tuck': pose('frontLever', { hipDeg: 90, kneeDeg: 90 }, 'hipDeg', 'kneeDeg'),
  'levers.one-leg': pose('frontLever', { hipDeg: 45, kneeDeg: 45 }, 'hipDeg', 'kneeDeg'),
  'levers.straddle': pose('frontLever', { straddleDeg: 35 }, 'straddleDeg', 'bodyDeg'),
  'levers.full': pose('frontLever', {}, 'bodyDeg', 'straddleDeg'),
  'levers.lowering-45': moving({ bodyDeg: 75 }, pose('frontLever', { bodyDeg: 45 }, 'bodyDeg')),
  'levers.lowering-flat': moving({ bodyDeg: 75 }, pose('frontLever', {}, 'bodyDeg')),
  'levers.horizontal-hang': pose('backLever', {}, 'straddleDeg', 'bodyDeg'),
  'levers.side-lever': pose('sideLever', { legsApartDeg: 20 }, 'bodyDeg', 'legsApartDeg'),
  'levers.hollow-hang': pose('hangingRaise', { hipDeg: 20, kneeDeg: 0 }, 'hipDeg'),
}
