import { moving, none, pose, type Links } from './link'

/** Balance: how each drill is computed. */
export const balance: Links = {
  'balance.hinge-toe-tap': moving({ leanDeg: 5 }, pose('hinge', { leanDeg: 40, oneLeg: 1 }, 'leanDeg')),
  'balance.hinge-bent': moving({ leanDeg: 5 }, pose('hinge', { leanDeg: 55, oneLeg: 1 }, 'leanDeg')),
  'balance.airplane-hinge': moving({ leanDeg: 5 }, pose('hinge', { leanDeg: 85, oneLeg: 1 }, 'leanDeg', 'loadKg')),
  'balance.hinge-reach': moving(
    { leanDeg: 5 }, pose('hinge', { leanDeg: 80, armDeg: 165, oneLeg: 1 }, 'armDeg', 'leanDeg', 'loadKg'),
  ),
  'balance.hinge-weight': moving(
    { leanDeg: 5 }, pose('hinge', { leanDeg: 80, oneLeg: 1, loadKg: 12 }, 'loadKg', 'leanDeg'),
  ),
  'balance.cross-crunch': none('Standing and turning: what is trained is where the foot stays, not a moment.'),
}
