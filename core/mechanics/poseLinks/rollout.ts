import { moving, none, pose, type Links } from './link'

/** Rollout: how each drill is computed. */
export const rollout: Links = {
  'rollout.ball-kneeling': moving(
    { distanceCm: 50 }, pose('rollout', { distanceCm: 80, axleHeightCm: 30 }, 'distanceCm', 'axleHeightCm'),
  ),
  'rollout.band-assisted': moving(
    { distanceCm: 50 }, pose('rollout', { distanceCm: 100, bandBackN: 60 }, 'bandBackN', 'distanceCm'),
  ),
  'rollout.wheel-to-wall': moving({ distanceCm: 50 }, pose('rollout', { distanceCm: 90 }, 'distanceCm', 'bandBackN')),
  'rollout.wheel-kneeling': moving({ outPercent: 0 }, pose('rolloutFull', {}, 'vestKg')),
  'rollout.barbell': moving({ outPercent: 0 }, pose('rolloutFull', { axleHeightCm: 22 }, 'axleHeightCm', 'vestKg')),
  'rollout.vest-rollout': moving({ outPercent: 0 }, pose('rolloutFull', { vestKg: 8 }, 'vestKg')),
  'rollout.strap-fall-out': moving(
    { armDeg: 70 }, pose('strapFallOut', { leanDeg: 25, armDeg: 120 }, 'leanDeg', 'armDeg'),
  ),
  'rollout.push-up-walkout': moving({ handsAheadCm: 0 }, pose('handPlank', { handsAheadCm: 15 }, 'handsAheadCm')),
  'rollout.ball-plank-rollout': moving(
    { elbowReachCm: 0 }, pose('elbowPlank', { elbowsRaisedCm: 55, elbowReachCm: 15 }, 'elbowReachCm'),
  ),
  'rollout.standing-lowering': moving(
    { distanceCm: 120 }, pose('rolloutStanding', { distanceCm: 190 }, 'distanceCm', 'bandBackN'),
  ),
  'rollout.standing-full': moving(
    { distanceCm: 120 }, pose('rolloutStanding', { distanceCm: 195 }, 'distanceCm', 'vestKg'),
  ),
  'rollout.strap-one-arm': none('One strap turns the body as well as arching it; the model holds both handles.'),
  'rollout.band-outwards': moving(
    { distanceCm: 50 }, pose('rollout', { distanceCm: 120, bandBackN: -50 }, 'bandBackN', 'distanceCm'),
  ),
  'rollout.pullover': moving(
    { armDeg: 90 }, pose('hollow', { hipDeg: 60, kneeDeg: 120, armDeg: 175, loadKg: 12 }, 'loadKg'),
  ),
  'rollout.ring-fly': none('The arms open sideways on straps: the model knows them only ahead.'),
}
