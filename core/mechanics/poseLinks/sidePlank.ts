import { moving, none, pose, type Links } from './link'

/** Side plank: how each drill is computed. */
export const sidePlank: Links = {
  'side-plank.knees': pose('sidePlankKnees', {}, 'loadKg'),
  'side-plank.feet': pose('sidePlank', {}, 'feetRaisedCm', 'topLegDeg'),
  'side-plank.star': pose('sidePlank', { topLegDeg: 30 }, 'topLegDeg', 'feetRaisedCm'),
  'side-plank.top-leg-raised': pose('sidePlank', { topLegDeg: 20 }, 'topLegDeg', 'feetRaisedCm'),
  'side-plank.bottom-leg': pose('sidePlank', { feetRaisedCm: 40 }, 'feetRaisedCm'),
  'side-plank.hip-lifts': moving({ sagCm: 15 }, pose('sidePlank', {}, 'loadKg', 'feetRaisedCm')),
  'side-plank.ball-lean': none('The ball carries where it is pressed; the model has no such contact.'),
  'side-plank.weight-on-hip': pose('sidePlank', { loadKg: 10 }, 'loadKg', 'feetRaisedCm'),
  'side-plank.band-push': moving({ reachPercent: 0 }, pose('sidePlank', { bandN: -60 }, 'bandN', 'reachPercent')),
  'side-plank.band-pull': moving(
    { reachPercent: 0 }, pose('sidePlank', { bandN: 60, reachPercent: 60 }, 'bandN', 'reachPercent'),
  ),
  'side-plank.band-push-knees': moving(
    { reachPercent: 0 }, pose('sidePlankKnees', { bandN: -40 }, 'bandN', 'reachPercent'),
  ),
}
