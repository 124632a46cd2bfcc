import { pose, type Links } from './link'

/** Front plank: how each drill is computed. */
export const frontPlank: Links = {
  'front-plank.wall': { ...pose('handPlank', { handsRaisedCm: 105 }, 'handsRaisedCm'), grows: ['handsRaisedCm'] },
  'front-plank.raised-hands': pose('handPlank', { handsRaisedCm: 45 }, 'handsRaisedCm'),
  'front-plank.knees': pose('elbowPlankKnees', {}, 'elbowReachCm', 'loadKg'),
  'front-plank.hands': pose('handPlank', {}, 'handsAheadCm', 'feetRaisedCm', 'loadKg'),
  'front-plank.elbows': pose('elbowPlank', {}, 'elbowReachCm', 'feetRaisedCm', 'hipsHighDeg'),
  'front-plank.long-lever': pose('elbowPlank', { elbowReachCm: 20 }, 'elbowReachCm', 'loadKg'),
  'front-plank.long-lever-load': pose('elbowPlank', { elbowReachCm: 20, loadKg: 10 }, 'elbowReachCm', 'loadKg'),
  'front-plank.feet-raised': pose('elbowPlank', { feetRaisedCm: 30 }, 'feetRaisedCm', 'elbowReachCm'),
  'front-plank.weight-on-back': pose('elbowPlank', { loadKg: 10 }, 'loadKg', 'elbowReachCm'),
  'front-plank.unstable': pose('elbowPlank', { elbowsRaisedCm: 55 }, 'elbowsRaisedCm', 'elbowReachCm'),
}
