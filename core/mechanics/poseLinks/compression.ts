import { moving, none, pose, type Links } from './link'

/** Compression: how each drill is computed. */
export const compression: Links = {
  'compression.one-behind': moving(
    { raisedDeg: 0 },
    pose('seatedRaise', { legs: 1, trunkLeanDeg: -25, handsAheadCm: -30 }, 'raisedDeg', 'trunkLeanDeg'),
  ),
  'compression.one-thighs': moving(
    { raisedDeg: 0 }, pose('seatedRaise', { legs: 1, trunkLeanDeg: 0 }, 'raisedDeg', 'trunkLeanDeg'),
  ),
  'compression.one-knees': moving(
    { raisedDeg: 0 },
    pose('seatedRaise', { legs: 1, trunkLeanDeg: 25, handsAheadCm: 45 }, 'raisedDeg', 'trunkLeanDeg'),
  ),
  'compression.both-behind': moving(
    { raisedDeg: 0 }, pose('seatedRaise', { trunkLeanDeg: -40, handsAheadCm: -40 }, 'raisedDeg', 'trunkLeanDeg'),
  ),
  'compression.both-thighs': moving(
    { raisedDeg: 0 }, pose('seatedRaise', { trunkLeanDeg: 0 }, 'raisedDeg', 'trunkLeanDeg'),
  ),
  'compression.both-knees': moving(
    { raisedDeg: 0 }, pose('seatedRaise', { trunkLeanDeg: 25, handsAheadCm: 45 }, 'raisedDeg', 'trunkLeanDeg'),
  ),
  'compression.straddle-thighs': moving(
    { raisedDeg: 0 }, pose('seatedRaise', { straddleDeg: 40, trunkLeanDeg: 10 }, 'straddleDeg', 'raisedDeg'),
  ),
  'compression.tuck-support': pose('supportHold', { hipDeg: 120, kneeDeg: 120 }, 'hipDeg', 'kneeDeg'),
  'compression.l-hold': pose('supportHold', {}, 'hipDeg', 'trunkLeanDeg'),
  'compression.v-hold': pose('supportHold', { hipDeg: 130, trunkLeanDeg: -10 }, 'hipDeg', 'trunkLeanDeg'),
  'compression.press-handstand': none('A movement through balance over the hands: no single position stands for it.'),
  'compression.straddle-behind': moving(
    { raisedDeg: 0 },
    pose('seatedRaise', { straddleDeg: 40, trunkLeanDeg: -40, handsAheadCm: -40 }, 'straddleDeg', 'raisedDeg'),
  ),
  'compression.straddle-far': moving(
    { raisedDeg: 0 }, pose('seatedRaise', { straddleDeg: 40, trunkLeanDeg: 30, handsAheadCm: 50 }, 'straddleDeg'),
  ),
}
