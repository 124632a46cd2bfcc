import type { PoseLink } from './poseLinks'

const as = (model: string, set: PoseLink['set'] = {}, from?: PoseLink['set']): PoseLink =>
  ({ model, set, open: [], ...(from ? { from } : {}) })

const LYING = as('hollow', { hipDeg: 60, kneeDeg: 110, armDeg: 20 })
const STANDING = as('carry')
const LUNGE = as('pressOut', { bandN: 0, stance: 3, reachPercent: 60 })

/** What a drill without a computed pose looks like: declared for the picture only, and marked as one. */
export const DRILL_PICTURES: Readonly<Record<string, PoseLink>> = {
  'brace.low-breath': LYING,
  'brace.find-it': STANDING,
  'brace.brace-and-talk': LYING,
  'brace.without-hands': STANDING,
  'brace.braced-squat': as('frontSquat', { barKg: 0 }, { thighDeg: -40 }),
  'brace.bar-brace': as('hinge', { leanDeg: 5, kneeDeg: 0 }),
  'brace.breath-to-force': as('pressOut', { bandN: 0, stance: 3 }, { reachPercent: 0 }),
  'brace.breath-to-throw': as('pressOut', { bandN: 0 }, { reachPercent: 0 }),
  'brace.breath-to-sprint': as('pressOut', { bandN: 0, stance: 3, reachPercent: 20 }),
  'brace.breath-to-lift': as('hinge', { leanDeg: 50, kneeDeg: 50, loadKg: 40 }, { leanDeg: 5, kneeDeg: 0 }),
  'rollout.strap-one-arm': as('strapFallOut', { leanDeg: 20, armDeg: 110 }, { armDeg: 70 }),
  'rollout.ring-fly': as('strapFallOut', { leanDeg: 30, armDeg: 90 }),
  'hollow.wall-tilt': STANDING,
  'quadruped.crab': as('crab'),
  'side-plank.ball-lean': as('sidePlank', { sagCm: 0 }, { sagCm: 20 }),
  'rotation.upper-back-roll': as('bridge', { shouldersRaisedCm: 40 }),
  'rotation.lunge-turn': LUNGE,
  'rotation.lunge-turn-away': LUNGE,
  'rotation.stick-turn': as('carry', { armOutDeg: 30 }),
  'rotation.kick-through': as('crawl'),
  'rotation.push-up-turn': as('sidePlank', { topLegDeg: 5 }),
  'rotation.seated-turn': as('sitUp', { trunkDeg: 60, armDeg: 80 }),
  'rotation.seated-punch': as('sitUp', { trunkDeg: 80, armDeg: 90 }),
  'rotation.ball-sit-up-turn': as('sitUp', { trunkDeg: 45, armDeg: 40 }, { trunkDeg: 10 }),
  'rotation.ball-chop': as(
    'frontHeld', { loadKg: 3, aheadDeg: -40, trunkLeanDeg: 20 }, { aheadDeg: 60, trunkLeanDeg: 0 },
  ),
  'rotation.ball-twist': as('frontHeld', { loadKg: 3, besideDeg: 60 }, { besideDeg: 0 }),
  'rotation.ball-chop-continuous': as('frontHeld', { loadKg: 3, aheadDeg: -30, besideDeg: 40 }, { aheadDeg: 40 }),
  'rotation.throw-to-wall': as(
    'frontHeld', { loadKg: 3, reachPercent: 100, aheadDeg: 5 }, { besideDeg: 70, aheadDeg: -20 },
  ),
  'rotation.swing': as('frontHeld', { loadKg: 12, aheadDeg: 0 }, { aheadDeg: -40, besideDeg: 30, trunkLeanDeg: 30 }),
  'flexion.get-up': as('sitUp', { trunkDeg: 50, armDeg: 120, loadKg: 8 }, { trunkDeg: 10 }),
  'flexion.v-rock': as('hollow', { hipDeg: 75, armDeg: 120 }),
  'flexion.overhead-slam': as(
    'frontHeld', { loadKg: 5, aheadDeg: -45, trunkLeanDeg: 45 }, { aheadDeg: 80, trunkLeanDeg: 0 },
  ),
  'compression.press-handstand': as('handPlank', { feetRaisedCm: 60, hipsHighDeg: 80 }),
  'posterior.hamstring-raise': as('kneelLean', { leanDeg: 50 }, { leanDeg: 0 }),
  'posterior.shell': as('lyingSide', { raisedDeg: 35 }, { raisedDeg: 0 }),
  'posterior.side-leg-raise': as('lyingSide', { hipDeg: 0, kneeDeg: 0, raisedDeg: 35 }, { raisedDeg: 0 }),
  'posterior.inverted-v-push': as('handPlank', { hipsHighDeg: 70 }),
  'posterior.groin-step-up': as('hinge', { leanDeg: 5, oneLeg: 1, kneeDeg: 10 }, { kneeDeg: 60 }),
  'posterior.leg-across': as('hollow', { hipDeg: 90, kneeDeg: 90, armDeg: 90 }),
  'posterior.hip-mobility': as('crawlKnees'),
  'balance.cross-crunch': as('hinge', { leanDeg: 15, oneLeg: 1, armDeg: 140 }),
}
