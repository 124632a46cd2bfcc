import { BALLISTIC, moving, none, pose, type Links } from './link'

/** Trunk flexion: how each drill is computed. */
export const flexion: Links = {
  'flexion.curl-side': moving({ liftDeg: 5 }, pose('curlUp', { liftDeg: 10, armDeg: 0 }, 'liftDeg', 'armDeg')),
  'flexion.curl-up': moving({ liftDeg: 2 }, pose('curlUp', { liftDeg: 5, armDeg: 0 }, 'liftDeg', 'armDeg')),
  'flexion.crunch': moving(
    { liftDeg: 5 }, pose('curlUp', { liftDeg: 30, armDeg: 70 }, 'liftDeg', 'armDeg', 'loadKg'),
  ),
  'flexion.crunch-ears': moving({ liftDeg: 5 }, pose('curlUp', { liftDeg: 30, armDeg: 140 }, 'liftDeg', 'armDeg')),
  'flexion.crunch-overhead': moving({ liftDeg: 5 }, pose('curlUp', { armDeg: 180 }, 'liftDeg', 'loadKg')),
  'flexion.crunch-plate': moving({ liftDeg: 5 }, pose('curlUp', { armDeg: 180, loadKg: 5 }, 'loadKg', 'liftDeg')),
  'flexion.crunch-pad': moving({ liftDeg: 5 }, pose('curlUp', { liftDeg: 20, armDeg: 140 }, 'liftDeg', 'armDeg')),
  'flexion.reverse-crunch': moving({ rollDeg: 0 }, pose('reverseCrunch', {}, 'slopeDeg', 'kneeDeg', 'ballKg')),
  'flexion.reverse-decline': moving(
    { rollDeg: 0 }, pose('reverseCrunch', { slopeDeg: 20 }, 'slopeDeg', 'kneeDeg', 'ballKg'),
  ),
  'flexion.reverse-ball': moving(
    { rollDeg: 0 }, pose('reverseCrunch', { slopeDeg: 20, ballKg: 3 }, 'ballKg', 'slopeDeg'),
  ),
  'flexion.sit-up-overhead': moving(
    { trunkDeg: 75 }, pose('sitUp', { armDeg: 110, loadKg: 4 }, 'trunkDeg', 'loadKg'),
  ),
  'flexion.get-up': none('Many positions in one: none of them stands for the drill.'),
  'flexion.hanging-knee-raise': moving({ hipDeg: 20 }, pose('hangingRaise', {}, 'hipDeg', 'kneeDeg', 'ballKg')),
  'flexion.hanging-leg-raise': moving({ hipDeg: 20 }, pose('hangingRaise', { kneeDeg: 0 }, 'hipDeg', 'ballKg')),
  'flexion.hanging-pike': moving(
    { hipDeg: 20 }, pose('hangingRaise', { hipDeg: 120, kneeDeg: 0 }, 'hipDeg', 'ballKg'),
  ),
  'flexion.v-up': moving({ hipDeg: 15 }, pose('hollow', { hipDeg: 45, armDeg: 150 }, 'hipDeg', 'armDeg')),
  'flexion.ball-pike': moving(
    { hipsHighDeg: 60 }, pose('handPlank', { feetRaisedCm: 55, feetRoll: 1 }, 'hipsHighDeg', 'feetRaisedCm'),
  ),
  'flexion.ring-pike': moving(
    { hipsHighDeg: 60 }, pose('handPlank', { feetRaisedCm: 35, feetRoll: 1 }, 'hipsHighDeg', 'feetRaisedCm'),
  ),
  'flexion.overhead-slam': none(BALLISTIC),
  'flexion.v-rock': none('It rolls: the floor carries another part of the back at every moment.'),
  'flexion.hanging-ball': moving({ hipDeg: 20 }, pose('hangingRaise', { kneeDeg: 0, ballKg: 3 }, 'ballKg', 'hipDeg')),
  'flexion.hanging-three-way': moving({ hipDeg: 20 }, pose('hangingRaise', { hipDeg: 110, kneeDeg: 0 }, 'hipDeg')),
}
