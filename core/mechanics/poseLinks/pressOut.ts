import { HELD_OUT, moving, pose, steady, type Links } from './link'

/** Press-out: how each drill is computed. */
export const pressOut: Links = {
  'press-out.tall-kneeling': moving(
    { reachPercent: 0 }, pose('pressOut', { bandN: 80, stance: 1 }, 'bandN', 'reachPercent'),
  ),
  'press-out.half-kneeling': moving(
    { reachPercent: 0 }, pose('pressOut', { bandN: 90, stance: 2 }, 'bandN', 'reachPercent'),
  ),
  'press-out.standing': moving(
    { reachPercent: 0 }, pose('pressOut', { bandN: 100 }, 'bandN', 'reachPercent', 'pullUpDeg'),
  ),
  'press-out.split-stance-hold': pose('pressOut', { bandN: 110, stance: 3 }, 'bandN', 'reachPercent'),
  'press-out.quick': moving({ reachPercent: 0 }, pose('pressOut', { bandN: 85, stance: 1 }, 'bandN', 'reachPercent')),
  'press-out.letters': moving(
    { heightDeg: -20 }, pose('pressOut', { bandN: 100 }, 'bandN', 'reachPercent', 'heightDeg'),
  ),
  'press-out.oscillating': steady(HELD_OUT, pose('pressOut', { bandN: 90 }, 'bandN', 'reachPercent')),
  'press-out.overhead': moving(
    { heightDeg: 0 }, pose('pressOut', { bandN: 80, heightDeg: 60, stance: 2 }, 'bandN', 'heightDeg'),
  ),
  'press-out.low-to-high': moving(
    { reachPercent: 0, heightDeg: -10 },
    pose('pressOut', { bandN: 80, pullUpDeg: 40, heightDeg: 30 }, 'bandN', 'pullUpDeg', 'heightDeg'),
  ),
  'press-out.high-to-low': moving(
    { reachPercent: 0, heightDeg: 10 },
    pose('pressOut', { bandN: 80, pullUpDeg: -40, heightDeg: -20 }, 'bandN', 'pullUpDeg', 'heightDeg'),
  ),
  'press-out.with-squat': steady(HELD_OUT, pose('pressOut', { bandN: 100 }, 'bandN', 'reachPercent')),
  'press-out.standing-hold': pose('pressOut', { bandN: 105 }, 'bandN', 'reachPercent'),
}
