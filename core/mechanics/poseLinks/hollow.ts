import { moving, none, pose, type Links } from './link'

/** Hollow hold: how each drill is computed. */
export const hollow: Links = {
  'hollow.wall-tilt': none('Standing against a wall: no outside moment; it teaches where the pelvis goes.'),
  'hollow.tuck': pose('hollow', { hipDeg: 100, kneeDeg: 120 }, 'hipDeg', 'kneeDeg', 'armDeg'),
  'hollow.one-leg': pose('hollowOneLeg', {}, 'hipDeg', 'armDeg'),
  'hollow.arms-by-sides': pose('hollow', {}, 'hipDeg', 'armDeg'),
  'hollow.arms-overhead': pose('hollow', { armDeg: 180 }, 'hipDeg', 'loadKg'),
  'hollow.pumps': moving({ hipDeg: 40 }, pose('hollow', { armDeg: 180, hipDeg: 20 }, 'hipDeg', 'loadKg')),
  'hollow.long-hold': pose('hollow', { armDeg: 180, hipDeg: 20 }, 'hipDeg'),
  'hollow.bench-trunk': pose('benchTrunkUp', {}, 'trunkDeg', 'armDeg', 'loadKg'),
  'hollow.bench-legs': pose('benchLegsOut', {}, 'legDeg', 'armDeg', 'loadKg'),
  'hollow.bench-ball': pose('benchLegsOut', { loadKg: 4.5 }, 'loadKg', 'legDeg'),
}
