import { moving, pose, type Links } from './link'

/** Dead bug: how each drill is computed. */
export const deadBug: Links = {
  'dead-bug.heel-taps': moving({ reachPercent: 0 }, pose('deadBug', { reachPercent: 25 }, 'reachPercent')),
  'dead-bug.legs-opened': moving(
    { reachPercent: 0 }, pose('deadBug', { reachPercent: 10, bothLegs: 1 }, 'reachPercent'),
  ),
  'dead-bug.opposite-arm-leg': moving({ reachPercent: 0 }, pose('deadBug', { reachPercent: 100 }, 'reachPercent')),
  'dead-bug.two-leg': moving({ reachPercent: 0 }, pose('deadBug', { reachPercent: 70, bothLegs: 1 }, 'reachPercent')),
  'dead-bug.hands-on-thighs': pose('deadBug', { pressN: 60 }, 'pressN'),
  'dead-bug.hand-to-opposite-knee': pose('deadBug', { acrossN: 40 }, 'acrossN'),
  'dead-bug.band-arms': moving({ reachPercent: 0 }, pose('deadBug', { reachPercent: 80 }, 'reachPercent')),
  'dead-bug.weight-overhead': moving(
    { reachPercent: 0 }, pose('deadBug', { reachPercent: 100, loadKg: 4 }, 'loadKg', 'reachPercent'),
  ),
  'dead-bug.pullover-leg': moving(
    { reachPercent: 0 }, pose('deadBug', { reachPercent: 100, loadKg: 6 }, 'loadKg', 'reachPercent'),
  ),
}
