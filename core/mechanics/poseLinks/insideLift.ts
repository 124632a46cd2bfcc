import { HELD_OUT, moving, pose, PRESSED, steady, type Links } from './link'

/** Inside the lift: how each drill is computed. */
export const insideLift: Links = {
  'inside-lift.front-loaded-squat': moving(
    { thighDeg: -40 }, pose('frontSquat', { barKg: 32 }, 'barKg', 'thighDeg', 'aheadCm'),
  ),
  'inside-lift.elbow-squat': moving(
    { thighDeg: -40 }, pose('frontSquat', { barKg: 30, aheadCm: 20 }, 'barKg', 'thighDeg', 'aheadCm'),
  ),
  'inside-lift.opposite-limb-row': steady(PRESSED, pose('oneArmRow', {}, 'loadKg', 'freeLeg')),
  'inside-lift.half-bench-press': steady(PRESSED, pose('oneArmPress', {}, 'loadKg', 'offPercent')),
  'inside-lift.press-out-split-squat': steady(
    HELD_OUT, pose('pressOut', { bandN: 90, stance: 3 }, 'bandN', 'reachPercent'),
  ),
  'inside-lift.one-arm-overhead-press': steady(PRESSED, pose('carry', { overheadRightKg: 16 }, 'overheadRightKg')),
  'inside-lift.strict-press': steady(PRESSED, pose('carry', { overheadBothKg: 40 }, 'overheadBothKg')),
}
