import type { Body } from '../anatomy'

/** How a variation of the catalogue is computed: which model, what of it is fixed, and what a coach may move. */
export interface PoseLink {
  readonly model: string
  readonly set: Readonly<Record<string, number>>
  /** Settings offered as sliders, most telling first. */
  readonly open: readonly string[]
}

/** Distances in `set` are those of a body of this height; a smaller one reaches less far. */
const WRITTEN_FOR_M = 1.8
const GROWS_WITH_BODY = ['distanceCm']

/** Why a variation has no pose. */
export interface NoPose {
  readonly none: string
}

const pose = (model: string, set: PoseLink['set'] = {}, ...open: string[]): PoseLink => ({ model, set, open })
const none = (reason: string): NoPose => ({ none: reason })

const BREATH = 'Breath and muscle pressure only: nothing outside turns the trunk.'
const MOBILITY = 'A mobility drill: its point is range, not the moment it is held against.'
const BALLISTIC = 'Fast: forces come from acceleration, which a held pose does not tell.'

/** Every variation of the catalogue with its pose, or the reason why it has none. */
export const POSE_LINKS: Readonly<Record<string, PoseLink | NoPose>> = {
  'brace.low-breath': none(BREATH),
  'brace.brace-and-talk': none(BREATH),
  'brace.march': pose('deadBug', { reachPercent: 15 }, 'reachPercent'),

  'front-plank.raised-hands': pose('handPlank', { handsRaisedCm: 45 }, 'handsRaisedCm'),
  'front-plank.knees': pose('elbowPlankKnees', {}, 'elbowReachCm', 'loadKg'),
  'front-plank.hands': pose('handPlank', {}, 'handsAheadCm', 'feetRaisedCm', 'loadKg'),
  'front-plank.elbows': pose('elbowPlank', {}, 'elbowReachCm', 'feetRaisedCm', 'hipsHighDeg'),
  'front-plank.weight-on-back': pose('elbowPlank', { loadKg: 10 }, 'loadKg', 'elbowReachCm'),
  'front-plank.long-lever': pose('elbowPlank', { elbowReachCm: 20 }, 'elbowReachCm', 'loadKg'),

  'plank-limbs.leg-lift': pose('plankLegUp', {}, 'feetApartCm', 'handsRaisedCm'),
  'plank-limbs.shoulder-tap': pose('plankArmUp', { shiftPercent: 60, feetApartCm: 70 }, 'shiftPercent', 'feetApartCm', 'handsRaisedCm'),
  'plank-limbs.arm-reach': pose('plankArmUp', { shiftPercent: 40, feetApartCm: 60 }, 'shiftPercent', 'feetApartCm', 'handsRaisedCm'),
  'plank-limbs.two-point': pose('plankTwoPoint', {}, 'shiftPercent', 'feetApartCm'),

  'rollout.ball-kneeling': pose('rollout', { distanceCm: 80, axleHeightCm: 30 }, 'distanceCm', 'axleHeightCm'),
  'rollout.wheel-to-wall': pose('rollout', { distanceCm: 90 }, 'distanceCm', 'bandBackN'),
  'rollout.wheel-kneeling': pose('rolloutFull', {}, 'vestKg'),
  'rollout.barbell': pose('rolloutFull', { axleHeightCm: 22 }, 'axleHeightCm', 'vestKg'),
  'rollout.standing-lowering': pose('rolloutStanding', { distanceCm: 190 }, 'distanceCm', 'bandBackN'),

  'hollow.wall-tilt': none('Standing against a wall: no outside moment; it teaches where the pelvis goes.'),
  'hollow.tuck': pose('hollow', { hipDeg: 100, kneeDeg: 120 }, 'hipDeg', 'kneeDeg', 'armDeg'),
  'hollow.one-leg': pose('hollowOneLeg', {}, 'hipDeg', 'armDeg'),
  'hollow.arms-by-sides': pose('hollow', {}, 'hipDeg', 'armDeg'),
  'hollow.arms-overhead': pose('hollow', { armDeg: 180 }, 'hipDeg', 'loadKg'),

  'dead-bug.heel-taps': pose('deadBug', { reachPercent: 25 }, 'reachPercent'),
  'dead-bug.hands-on-thighs': pose('deadBug', { reachPercent: 0 }),
  'dead-bug.hand-to-opposite-knee': pose('deadBug', { reachPercent: 0 }),
  'dead-bug.opposite-arm-leg': pose('deadBug', { reachPercent: 100 }, 'reachPercent'),
  'dead-bug.weight-overhead': pose('deadBug', { reachPercent: 100, loadKg: 4 }, 'loadKg', 'reachPercent'),

  'quadruped.leg-only': pose('quadrupedLeg', {}, 'shiftPercent', 'loadKg'),
  'quadruped.opposite-arm-leg': pose('quadrupedOpposite', {}, 'shiftPercent', 'loadKg'),
  'quadruped.knees-hovering': pose('quadrupedHover', {}, 'loadKg'),
  'quadruped.crawl': pose('quadrupedHover', {}, 'loadKg'),
  'quadruped.crawl-sideways': pose('quadrupedHover', {}, 'loadKg'),

  'side-plank.knees': pose('sidePlankKnees', {}, 'loadKg'),
  'side-plank.feet': pose('sidePlank', {}, 'feetRaisedCm', 'topLegDeg'),
  'side-plank.top-leg-raised': pose('sidePlank', { topLegDeg: 20 }, 'topLegDeg', 'feetRaisedCm'),
  'side-plank.hip-lifts': pose('sidePlank', {}, 'loadKg', 'feetRaisedCm'),
  'side-plank.weight-on-hip': pose('sidePlank', { loadKg: 10 }, 'loadKg', 'feetRaisedCm'),
  'side-plank.band-push': pose('sidePlank', { bandN: -60 }, 'bandN', 'reachPercent'),

  'press-out.tall-kneeling': pose('pressOut', { bandN: 80, stance: 1 }, 'bandN', 'reachPercent'),
  'press-out.half-kneeling': pose('pressOut', { bandN: 90, stance: 2 }, 'bandN', 'reachPercent'),
  'press-out.standing': pose('pressOut', { bandN: 100 }, 'bandN', 'reachPercent', 'pullUpDeg'),
  'press-out.split-stance-hold': pose('pressOut', { bandN: 110, stance: 3 }, 'bandN', 'reachPercent'),
  'press-out.letters': pose('pressOut', { bandN: 100 }, 'bandN', 'reachPercent', 'heightDeg'),
  'press-out.overhead': pose('pressOut', { bandN: 80, heightDeg: 60 }, 'bandN', 'heightDeg'),

  'carries.two-hand': pose('carry', { rightKg: 24, leftKg: 24 }, 'rightKg', 'leftKg'),
  'carries.suitcase-deadlift': pose('carry', { rightKg: 20 }, 'rightKg', 'armOutDeg'),
  'carries.suitcase': pose('carry', { rightKg: 24 }, 'rightKg', 'leftKg', 'armOutDeg'),
  'carries.front-held': pose('carry', { frontKg: 30 }, 'frontKg'),
  'carries.overhead': pose('carry', { overheadRightKg: 16 }, 'overheadRightKg'),

  'rotation.lunge-turn': none(MOBILITY),
  'rotation.band-turn-half-kneeling': pose('pressOut', { bandN: 60, stance: 2 }, 'bandN', 'reachPercent'),
  'rotation.lift-half-kneeling': pose('pressOut', { bandN: 60, stance: 2, pullUpDeg: 45 }, 'bandN', 'pullUpDeg', 'heightDeg'),
  'rotation.chop-half-kneeling': pose('pressOut', { bandN: 60, stance: 2, pullUpDeg: -45 }, 'bandN', 'pullUpDeg', 'heightDeg'),
  'rotation.chop-standing': pose('pressOut', { bandN: 80, pullUpDeg: -45 }, 'bandN', 'pullUpDeg', 'heightDeg'),
  'rotation.ball-chop': none(BALLISTIC),
  'rotation.throw-to-wall': none(BALLISTIC),

  'flexion.curl-up': pose('curlUp', { liftDeg: 10, armDeg: 10 }, 'liftDeg', 'armDeg'),
  'flexion.crunch': pose('curlUp', { liftDeg: 30, armDeg: 70 }, 'liftDeg', 'armDeg', 'loadKg'),
  'flexion.reverse-crunch': pose('reverseCrunch', {}, 'slopeDeg', 'kneeDeg', 'ballKg'),
  'flexion.hanging-knee-raise': pose('hangingRaise', {}, 'hipDeg', 'kneeDeg', 'ballKg'),
  'flexion.hanging-leg-raise': pose('hangingRaise', { kneeDeg: 0 }, 'hipDeg', 'ballKg'),
  'flexion.overhead-slam': none(BALLISTIC),

  'posterior.bridge': pose('bridge', {}, 'loadKg', 'shouldersRaisedCm'),
  'posterior.prone-arm-leg': pose('proneLift', {}, 'liftDeg', 'armDeg'),
  'posterior.hinge-bow': pose('hinge', { leanDeg: 60, armDeg: 0 }, 'leanDeg', 'loadKg'),
  'posterior.bench-extension-hold': pose('benchExtension', {}, 'trunkDeg', 'armDeg', 'loadKg'),
  'posterior.bench-extension': pose('benchExtension', { loadKg: 5 }, 'loadKg', 'armDeg', 'trunkDeg'),

  'balance.hinge-toe-tap': pose('hinge', { leanDeg: 40, oneLeg: 1 }, 'leanDeg'),
  'balance.airplane-hinge': pose('hinge', { leanDeg: 85, oneLeg: 1 }, 'leanDeg', 'loadKg'),
  'balance.hinge-reach': pose('hinge', { leanDeg: 80, armDeg: 165, oneLeg: 1 }, 'armDeg', 'leanDeg', 'loadKg'),
  'balance.cross-crunch': none('Standing and turning: what is trained is where the foot stays, not a moment.'),

  'inside-lift.opposite-limb-row': pose('oneArmRow', {}, 'loadKg', 'freeLeg'),
  'inside-lift.half-bench-press': pose('oneArmPress', {}, 'loadKg', 'offPercent'),
  'inside-lift.press-out-split-squat': pose('pressOut', { bandN: 90, stance: 3 }, 'bandN', 'reachPercent'),
  'inside-lift.front-loaded-squat': pose('frontSquat', { barKg: 32 }, 'barKg', 'thighDeg', 'aheadCm'),
  'inside-lift.one-arm-overhead-press': pose('carry', { overheadRightKg: 16 }, 'overheadRightKg'),
}

/**
 * The pose of a variation, or null where it has none or is not known.
 *
 * @example
 * poseOf('front-plank.long-lever').set // => { elbowReachCm: 20 }
 */
export function poseOf(variationId: string): PoseLink | null {
  const link = Object.hasOwn(POSE_LINKS, variationId) ? POSE_LINKS[variationId]! : null
  return link && 'model' in link ? link : null
}

/**
 * The settings of a variation for a body: distances go with stature.
 *
 * @example
 * settingsFor(poseOf('rollout.wheel-to-wall'), bodyOf({ sex: 'female', heightM: 1.6, massKg: 55 })) // => { distanceCm: 80 }
 */
export function settingsFor(link: PoseLink, body: Pick<Body, 'heightM'>): Readonly<Record<string, number>> {
  return Object.fromEntries(Object.entries(link.set).map(([name, value]) =>
    [name, GROWS_WITH_BODY.includes(name) ? Math.round(value * body.heightM / WRITTEN_FOR_M / 5) * 5 : value]))
}
