import { AT_THE_HIP, MOBILITY, moving, none, pose, steady, TOP, type Links } from './link'

/** Posterior chain: how each drill is computed. */
export const posterior: Links = {
  'posterior.bridge': steady(TOP, pose('bridge', {}, 'loadKg', 'shouldersRaisedCm')),
  'posterior.band-bridge': steady(TOP, pose('bridge', {}, 'loadKg')),
  'posterior.hip-thrust': steady(
    TOP, pose('bridge', { shouldersRaisedCm: 40, loadKg: 40 }, 'loadKg', 'shouldersRaisedCm'),
  ),
  'posterior.hamstring-bridge': steady(TOP, pose('bridge', { kneeDeg: 60 }, 'kneeDeg')),
  'posterior.hamstring-raise': none('The knees carry it: at the trunk it is a lean, at the leg a great load.'),
  'posterior.shell': none(AT_THE_HIP),
  'posterior.side-leg-raise': none(AT_THE_HIP),
  'posterior.prone-arm-leg': moving({ liftDeg: 2 }, pose('proneLift', {}, 'liftDeg', 'armDeg')),
  'posterior.prone-over-chair': pose('benchExtension', { trunkDeg: 0, armDeg: 0 }, 'trunkDeg', 'armDeg'),
  'posterior.bench-extension-hold': pose('benchExtension', {}, 'trunkDeg', 'armDeg', 'loadKg'),
  'posterior.bench-extension': moving(
    { trunkDeg: 60 }, pose('benchExtension', { loadKg: 5 }, 'loadKg', 'armDeg', 'trunkDeg'),
  ),
  'posterior.v-lean': moving({ trunkDeg: 80 }, pose('sitUp', { trunkDeg: 60, armDeg: 120 }, 'trunkDeg', 'armDeg')),
  'posterior.hinge-bow': moving({ leanDeg: 10 }, pose('hinge', { leanDeg: 60, armDeg: 0 }, 'leanDeg', 'loadKg')),
  'posterior.upper-back-standing': moving(
    { armDeg: 90 }, pose('hinge', { leanDeg: 45, armDeg: 160 }, 'leanDeg', 'armDeg'),
  ),
  'posterior.single-leg-bridge': steady(TOP, pose('bridge', {}, 'loadKg')),
  'posterior.inverted-v-push': none('A stretch of the leg and a push of the hip: its point is range.'),
  'posterior.groin-step-up': none(AT_THE_HIP),
  'posterior.leg-across': none(MOBILITY),
  'posterior.hip-mobility': none(MOBILITY),
  'posterior.upper-back-prone': moving(
    { liftDeg: 2 }, pose('proneLift', { armDeg: 100, liftDeg: 5 }, 'liftDeg', 'armDeg'),
  ),
  'posterior.prone-hold': pose('proneLift', { liftDeg: 10 }, 'liftDeg', 'armDeg'),
}
