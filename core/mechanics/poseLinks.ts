/** How a variation of the catalogue is computed: which model, what of it is fixed, and what a coach may move. */
export interface PoseLink {
  readonly model: string
  readonly set: Readonly<Record<string, number>>
  /** Settings offered as sliders, most telling first. */
  readonly open: readonly string[]
}

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
  'brace.find-it': none(BREATH),
  'brace.without-hands': none(BREATH),
  'brace.braced-squat': none('The moment changes through the squat; what is learnt is that the brace stays.'),
  'brace.march-counts': pose('deadBug', { reachPercent: 20 }, 'reachPercent'),
  'brace.bar-brace': none('A bar held upright loads along the spine and hardly turns it.'),
  'brace.breath-to-force': none(BALLISTIC),

  'front-plank.raised-hands': pose('handPlank', { handsRaisedCm: 45 }, 'handsRaisedCm'),
  'front-plank.knees': pose('elbowPlankKnees', {}, 'elbowReachCm', 'loadKg'),
  'front-plank.hands': pose('handPlank', {}, 'handsAheadCm', 'feetRaisedCm', 'loadKg'),
  'front-plank.elbows': pose('elbowPlank', {}, 'elbowReachCm', 'feetRaisedCm', 'hipsHighDeg'),
  'front-plank.weight-on-back': pose('elbowPlank', { loadKg: 10 }, 'loadKg', 'elbowReachCm'),
  'front-plank.long-lever': pose('elbowPlank', { elbowReachCm: 20 }, 'elbowReachCm', 'loadKg'),
  'front-plank.wall': pose('handPlank', { handsRaisedCm: 105 }, 'handsRaisedCm'),
  'front-plank.feet-raised': pose('elbowPlank', { feetRaisedCm: 30 }, 'feetRaisedCm', 'elbowReachCm'),
  'front-plank.unstable': pose('elbowPlank', { elbowsRaisedCm: 55 }, 'elbowsRaisedCm', 'elbowReachCm'),
  'front-plank.long-lever-load': pose('elbowPlank', { elbowReachCm: 20, loadKg: 10 }, 'elbowReachCm', 'loadKg'),

  'plank-limbs.leg-lift': pose('plankLegUp', {}, 'feetApartCm', 'handsRaisedCm'),
  'plank-limbs.shoulder-tap': pose(
    'plankArmUp', { shiftPercent: 60, feetApartCm: 70 }, 'shiftPercent', 'feetApartCm', 'handsRaisedCm',
  ),
  'plank-limbs.arm-reach': pose(
    'plankArmUp', { shiftPercent: 40, feetApartCm: 60 }, 'shiftPercent', 'feetApartCm', 'handsRaisedCm',
  ),
  'plank-limbs.two-point': pose('plankTwoPoint', {}, 'shiftPercent', 'feetApartCm'),
  'plank-limbs.bench-tap': pose(
    'plankArmUp', { handsRaisedCm: 45, shiftPercent: 60, feetApartCm: 70 }, 'handsRaisedCm', 'shiftPercent',
  ),
  'plank-limbs.two-point-eyes': pose('plankTwoPoint', { feetApartCm: 40 }, 'shiftPercent', 'feetApartCm'),

  'rollout.ball-kneeling': pose('rollout', { distanceCm: 80, axleHeightCm: 30 }, 'distanceCm', 'axleHeightCm'),
  'rollout.wheel-to-wall': pose('rollout', { distanceCm: 90 }, 'distanceCm', 'bandBackN'),
  'rollout.wheel-kneeling': pose('rolloutFull', {}, 'vestKg'),
  'rollout.barbell': pose('rolloutFull', { axleHeightCm: 22 }, 'axleHeightCm', 'vestKg'),
  'rollout.standing-lowering': pose('rolloutStanding', { distanceCm: 190 }, 'distanceCm', 'bandBackN'),
  'rollout.strap-fall-out': pose('strapFallOut', { leanDeg: 25, armDeg: 120 }, 'leanDeg', 'armDeg'),
  'rollout.band-assisted': pose('rollout', { distanceCm: 100, bandBackN: 60 }, 'bandBackN', 'distanceCm'),
  'rollout.push-up-walkout': pose('handPlank', { handsAheadCm: 30 }, 'handsAheadCm'),
  'rollout.ball-plank-rollout': pose('elbowPlank', { elbowsRaisedCm: 55, elbowReachCm: 15 }, 'elbowReachCm'),
  'rollout.vest-rollout': pose('rolloutFull', { vestKg: 8 }, 'vestKg'),
  'rollout.standing-full': pose('rolloutStanding', { distanceCm: 195 }, 'distanceCm', 'vestKg'),

  'hollow.wall-tilt': none('Standing against a wall: no outside moment; it teaches where the pelvis goes.'),
  'hollow.tuck': pose('hollow', { hipDeg: 100, kneeDeg: 120 }, 'hipDeg', 'kneeDeg', 'armDeg'),
  'hollow.one-leg': pose('hollowOneLeg', {}, 'hipDeg', 'armDeg'),
  'hollow.arms-by-sides': pose('hollow', {}, 'hipDeg', 'armDeg'),
  'hollow.arms-overhead': pose('hollow', { armDeg: 180 }, 'hipDeg', 'loadKg'),
  'hollow.pumps': pose('hollow', { armDeg: 180, hipDeg: 20 }, 'hipDeg', 'loadKg'),
  'hollow.bench-trunk': pose('benchTrunkUp', {}, 'trunkDeg', 'armDeg', 'loadKg'),
  'hollow.bench-legs': pose('benchLegsOut', {}, 'legDeg', 'armDeg', 'loadKg'),
  'hollow.bench-ball': pose('benchLegsOut', { loadKg: 4.5 }, 'loadKg', 'legDeg'),
  'hollow.long-hold': pose('hollow', { armDeg: 180, hipDeg: 20 }, 'hipDeg'),

  'dead-bug.heel-taps': pose('deadBug', { reachPercent: 25 }, 'reachPercent'),
  'dead-bug.hands-on-thighs': pose('deadBug', { reachPercent: 0 }),
  'dead-bug.hand-to-opposite-knee': pose('deadBug', { reachPercent: 0 }),
  'dead-bug.opposite-arm-leg': pose('deadBug', { reachPercent: 100 }, 'reachPercent'),
  'dead-bug.weight-overhead': pose('deadBug', { reachPercent: 100, loadKg: 4 }, 'loadKg', 'reachPercent'),
  'dead-bug.legs-opened': pose('deadBug', { reachPercent: 10, bothLegs: 1 }, 'reachPercent'),
  'dead-bug.band-arms': pose('deadBug', { reachPercent: 80 }, 'reachPercent'),
  'dead-bug.two-leg': pose('deadBug', { reachPercent: 70, bothLegs: 1 }, 'reachPercent'),
  'dead-bug.pullover-leg': pose('deadBug', { reachPercent: 100, loadKg: 6 }, 'loadKg', 'reachPercent'),

  'quadruped.leg-only': pose('quadrupedLeg', {}, 'shiftPercent', 'loadKg'),
  'quadruped.opposite-arm-leg': pose('quadrupedOpposite', {}, 'shiftPercent', 'loadKg'),
  'quadruped.knees-hovering': pose('quadrupedHover', {}, 'loadKg'),
  'quadruped.crawl': pose('quadrupedHover', {}, 'loadKg'),
  'quadruped.crawl-sideways': pose('quadrupedHover', {}, 'loadKg'),
  'quadruped.elbow-to-knee': pose('quadrupedOpposite', {}, 'shiftPercent'),
  'quadruped.crawl-knees': pose('quadrupedOpposite', { shiftPercent: 100 }, 'shiftPercent'),
  'quadruped.bear': pose('quadrupedHover', {}, 'loadKg'),
  'quadruped.crab': none('Belly up on hands and feet: it has no pose of its own yet.'),
  'quadruped.crawl-finisher': pose('quadrupedHover', {}, 'loadKg'),

  'side-plank.knees': pose('sidePlankKnees', {}, 'loadKg'),
  'side-plank.feet': pose('sidePlank', {}, 'feetRaisedCm', 'topLegDeg'),
  'side-plank.top-leg-raised': pose('sidePlank', { topLegDeg: 20 }, 'topLegDeg', 'feetRaisedCm'),
  'side-plank.hip-lifts': pose('sidePlank', {}, 'loadKg', 'feetRaisedCm'),
  'side-plank.weight-on-hip': pose('sidePlank', { loadKg: 10 }, 'loadKg', 'feetRaisedCm'),
  'side-plank.band-push': pose('sidePlank', { bandN: -60 }, 'bandN', 'reachPercent'),
  'side-plank.star': pose('sidePlank', { topLegDeg: 30 }, 'topLegDeg', 'feetRaisedCm'),
  'side-plank.bottom-leg': pose('sidePlank', { feetRaisedCm: 40 }, 'feetRaisedCm'),
  'side-plank.ball-lean': none('The ball carries where it is pressed; the model has no such contact.'),
  'side-plank.band-pull': pose('sidePlank', { bandN: 60, reachPercent: 60 }, 'bandN', 'reachPercent'),

  'press-out.tall-kneeling': pose('pressOut', { bandN: 80, stance: 1 }, 'bandN', 'reachPercent'),
  'press-out.half-kneeling': pose('pressOut', { bandN: 90, stance: 2 }, 'bandN', 'reachPercent'),
  'press-out.standing': pose('pressOut', { bandN: 100 }, 'bandN', 'reachPercent', 'pullUpDeg'),
  'press-out.split-stance-hold': pose('pressOut', { bandN: 110, stance: 3 }, 'bandN', 'reachPercent'),
  'press-out.letters': pose('pressOut', { bandN: 100 }, 'bandN', 'reachPercent', 'heightDeg'),
  'press-out.overhead': pose('pressOut', { bandN: 80, heightDeg: 60 }, 'bandN', 'heightDeg'),
  'press-out.quick': pose('pressOut', { bandN: 85, stance: 1 }, 'bandN', 'reachPercent'),
  'press-out.low-to-high': pose(
    'pressOut', { bandN: 80, pullUpDeg: 40, heightDeg: 30 }, 'bandN', 'pullUpDeg', 'heightDeg',
  ),
  'press-out.high-to-low': pose(
    'pressOut', { bandN: 80, pullUpDeg: -40, heightDeg: -20 }, 'bandN', 'pullUpDeg', 'heightDeg',
  ),
  'press-out.with-squat': pose('pressOut', { bandN: 100 }, 'bandN', 'reachPercent'),
  'press-out.oscillating': pose('pressOut', { bandN: 90 }, 'bandN', 'reachPercent'),

  'carries.two-hand': pose('carry', { rightKg: 24, leftKg: 24 }, 'rightKg', 'leftKg'),
  'carries.suitcase-deadlift': pose('carry', { rightKg: 20 }, 'rightKg', 'armOutDeg'),
  'carries.suitcase': pose('carry', { rightKg: 24 }, 'rightKg', 'leftKg', 'armOutDeg'),
  'carries.front-held': pose('carry', { frontKg: 30 }, 'frontKg'),
  'carries.overhead': pose('carry', { overheadRightKg: 16 }, 'overheadRightKg'),
  'carries.march-hold': pose('carry', { rightKg: 12 }, 'rightKg'),
  'carries.suitcase-heavy': pose('carry', { rightKg: 36 }, 'rightKg'),
  'carries.overhead-uneven': pose('carry', { overheadRightKg: 12, leftKg: 16 }, 'overheadRightKg', 'leftKg'),

  'rotation.lunge-turn': none(MOBILITY),
  'rotation.band-turn-half-kneeling': pose('pressOut', { bandN: 60, stance: 2 }, 'bandN', 'reachPercent'),
  'rotation.lift-half-kneeling': pose(
    'pressOut', { bandN: 60, stance: 2, pullUpDeg: 45 }, 'bandN', 'pullUpDeg', 'heightDeg',
  ),
  'rotation.chop-half-kneeling': pose(
    'pressOut', { bandN: 60, stance: 2, pullUpDeg: -45 }, 'bandN', 'pullUpDeg', 'heightDeg',
  ),
  'rotation.chop-standing': pose('pressOut', { bandN: 80, pullUpDeg: -45 }, 'bandN', 'pullUpDeg', 'heightDeg'),
  'rotation.ball-chop': none(BALLISTIC),
  'rotation.throw-to-wall': none(BALLISTIC),
  'rotation.upper-back-roll': none(MOBILITY),
  'rotation.lunge-turn-away': none(MOBILITY),
  'rotation.kick-through': none(MOBILITY),
  'rotation.plank-roll': pose('sidePlank', {}, 'feetRaisedCm'),
  'rotation.hip-dips': pose('elbowPlank', {}, 'elbowReachCm'),
  'rotation.seated-turn': none(
    'Seated and leaning back: the twist is made by the trunk itself, hardly by an outside load.',
  ),
  'rotation.stick-turn': none(MOBILITY),
  'rotation.band-turn-braking': pose('pressOut', { bandN: 90 }, 'bandN', 'reachPercent'),
  'rotation.band-punch': pose('pressOut', { bandN: 60, stance: 3 }, 'bandN', 'reachPercent'),
  'rotation.lunge-arc': pose('frontHeld', { loadKg: 4, aheadDeg: 45 }, 'loadKg', 'aheadDeg', 'reachPercent'),
  'rotation.ball-chop-continuous': none(BALLISTIC),
  'rotation.swing': none(BALLISTIC),
  'rotation.pendulum-stop': pose('frontHeld', { loadKg: 11 }, 'loadKg', 'reachPercent'),

  'flexion.curl-up': pose('curlUp', { liftDeg: 10, armDeg: 10 }, 'liftDeg', 'armDeg'),
  'flexion.crunch': pose('curlUp', { liftDeg: 30, armDeg: 70 }, 'liftDeg', 'armDeg', 'loadKg'),
  'flexion.reverse-crunch': pose('reverseCrunch', {}, 'slopeDeg', 'kneeDeg', 'ballKg'),
  'flexion.hanging-knee-raise': pose('hangingRaise', {}, 'hipDeg', 'kneeDeg', 'ballKg'),
  'flexion.hanging-leg-raise': pose('hangingRaise', { kneeDeg: 0 }, 'hipDeg', 'ballKg'),
  'flexion.overhead-slam': none(BALLISTIC),
  'flexion.curl-side': pose('curlUp', { liftDeg: 20, armDeg: 20 }, 'liftDeg', 'armDeg'),
  'flexion.crunch-ears': pose('curlUp', { liftDeg: 30, armDeg: 140 }, 'liftDeg', 'armDeg'),
  'flexion.crunch-overhead': pose('curlUp', { armDeg: 180 }, 'liftDeg', 'loadKg'),
  'flexion.crunch-plate': pose('curlUp', { armDeg: 180, loadKg: 5 }, 'loadKg', 'liftDeg'),
  'flexion.crunch-pad': pose('curlUp', { liftDeg: 20, armDeg: 140 }, 'liftDeg', 'armDeg'),
  'flexion.reverse-decline': pose('reverseCrunch', { slopeDeg: 20 }, 'slopeDeg', 'kneeDeg', 'ballKg'),
  'flexion.reverse-ball': pose('reverseCrunch', { slopeDeg: 20, ballKg: 3 }, 'ballKg', 'slopeDeg'),
  'flexion.sit-up-overhead': pose('sitUp', { armDeg: 110, loadKg: 4 }, 'trunkDeg', 'loadKg'),
  'flexion.get-up': none('Many positions in one: none of them stands for the drill.'),
  'flexion.v-up': pose('hollow', { hipDeg: 45, armDeg: 150 }, 'hipDeg', 'armDeg'),
  'flexion.ball-pike': pose('handPlank', { feetRaisedCm: 55, hipsHighDeg: 30 }, 'feetRaisedCm', 'hipsHighDeg'),
  'flexion.ring-pike': pose('handPlank', { feetRaisedCm: 35, hipsHighDeg: 30 }, 'feetRaisedCm', 'hipsHighDeg'),
  'flexion.hanging-pike': pose('hangingRaise', { hipDeg: 120, kneeDeg: 0 }, 'hipDeg', 'ballKg'),

  'compression.one-behind': pose('seatedRaise', { legs: 1, trunkLeanDeg: -20 }, 'raisedDeg', 'trunkLeanDeg'),
  'compression.one-thighs': pose('seatedRaise', { legs: 1, trunkLeanDeg: 0 }, 'raisedDeg', 'trunkLeanDeg'),
  'compression.one-knees': pose('seatedRaise', { legs: 1, trunkLeanDeg: 25 }, 'raisedDeg', 'trunkLeanDeg'),
  'compression.both-behind': pose('seatedRaise', { trunkLeanDeg: -20 }, 'raisedDeg', 'trunkLeanDeg'),
  'compression.both-thighs': pose('seatedRaise', { trunkLeanDeg: 0 }, 'raisedDeg', 'trunkLeanDeg'),
  'compression.straddle-thighs': pose('seatedRaise', { straddleDeg: 40, trunkLeanDeg: 10 }, 'straddleDeg', 'raisedDeg'),
  'compression.both-knees': pose('seatedRaise', { trunkLeanDeg: 25 }, 'raisedDeg', 'trunkLeanDeg'),
  'compression.tuck-support': pose('supportHold', { hipDeg: 120, kneeDeg: 120 }, 'hipDeg', 'kneeDeg'),
  'compression.l-hold': pose('supportHold', {}, 'hipDeg', 'trunkLeanDeg'),
  'compression.v-hold': pose('supportHold', { hipDeg: 130, trunkLeanDeg: -10 }, 'hipDeg', 'trunkLeanDeg'),
  'compression.press-handstand': none('A movement through balance over the hands: no single position stands for it.'),

  'levers.tuck': pose('frontLever', { hipDeg: 110, kneeDeg: 120 }, 'hipDeg', 'kneeDeg'),
  'levers.advanced-tuck': pose('frontLever', { hipDeg: 90, kneeDeg: 90 }, 'hipDeg', 'kneeDeg'),
  'levers.one-leg': pose('frontLever', { hipDeg: 45, kneeDeg: 45 }, 'hipDeg', 'kneeDeg'),
  'levers.lowering-45': pose('frontLever', { bodyDeg: 45 }, 'bodyDeg'),
  'levers.straddle': pose('frontLever', { straddleDeg: 35 }, 'straddleDeg', 'bodyDeg'),
  'levers.full': pose('frontLever', {}, 'bodyDeg', 'straddleDeg'),
  'levers.lowering-flat': pose('frontLever', {}, 'bodyDeg'),
  'levers.horizontal-hang': pose('backLever', {}, 'straddleDeg', 'bodyDeg'),
  'levers.side-lever': pose('sideLever', { legsApartDeg: 20 }, 'bodyDeg', 'legsApartDeg'),

  'posterior.bridge': pose('bridge', {}, 'loadKg', 'shouldersRaisedCm'),
  'posterior.prone-arm-leg': pose('proneLift', {}, 'liftDeg', 'armDeg'),
  'posterior.hinge-bow': pose('hinge', { leanDeg: 60, armDeg: 0 }, 'leanDeg', 'loadKg'),
  'posterior.bench-extension-hold': pose('benchExtension', {}, 'trunkDeg', 'armDeg', 'loadKg'),
  'posterior.bench-extension': pose('benchExtension', { loadKg: 5 }, 'loadKg', 'armDeg', 'trunkDeg'),
  'posterior.shell': none('The moment at the hip is what counts here; at the trunk there is none to speak of.'),
  'posterior.side-leg-raise': none(
    'The moment at the hip is what counts here; at the trunk there is none to speak of.',
  ),
  'posterior.band-bridge': pose('bridge', {}, 'loadKg'),
  'posterior.hip-thrust': pose('bridge', { shouldersRaisedCm: 40, loadKg: 40 }, 'loadKg', 'shouldersRaisedCm'),
  'posterior.prone-over-chair': pose('benchExtension', { trunkDeg: 0, armDeg: 0 }, 'trunkDeg', 'armDeg'),
  'posterior.v-lean': pose('sitUp', { trunkDeg: 60, armDeg: 120 }, 'trunkDeg', 'armDeg'),
  'posterior.upper-back-standing': pose('hinge', { leanDeg: 45, armDeg: 160 }, 'leanDeg', 'armDeg'),
  'posterior.hamstring-bridge': pose('bridge', { kneeDeg: 60 }, 'kneeDeg'),
  'posterior.hamstring-raise': none('The knees carry it: at the trunk it is a lean, at the leg a great load.'),

  'balance.hinge-toe-tap': pose('hinge', { leanDeg: 40, oneLeg: 1 }, 'leanDeg'),
  'balance.airplane-hinge': pose('hinge', { leanDeg: 85, oneLeg: 1 }, 'leanDeg', 'loadKg'),
  'balance.hinge-reach': pose('hinge', { leanDeg: 80, armDeg: 165, oneLeg: 1 }, 'armDeg', 'leanDeg', 'loadKg'),
  'balance.cross-crunch': none('Standing and turning: what is trained is where the foot stays, not a moment.'),
  'balance.hinge-bent': pose('hinge', { leanDeg: 55, oneLeg: 1 }, 'leanDeg'),
  'balance.hinge-weight': pose('hinge', { leanDeg: 80, oneLeg: 1, loadKg: 12 }, 'loadKg', 'leanDeg'),

  'inside-lift.opposite-limb-row': pose('oneArmRow', {}, 'loadKg', 'freeLeg'),
  'inside-lift.half-bench-press': pose('oneArmPress', {}, 'loadKg', 'offPercent'),
  'inside-lift.press-out-split-squat': pose('pressOut', { bandN: 90, stance: 3 }, 'bandN', 'reachPercent'),
  'inside-lift.front-loaded-squat': pose('frontSquat', { barKg: 32 }, 'barKg', 'thighDeg', 'aheadCm'),
  'inside-lift.one-arm-overhead-press': pose('carry', { overheadRightKg: 16 }, 'overheadRightKg'),
  'inside-lift.elbow-squat': pose('frontSquat', { barKg: 30, aheadCm: 20 }, 'barKg', 'thighDeg', 'aheadCm'),
  'inside-lift.strict-press': pose('carry', { overheadBothKg: 40 }, 'overheadBothKg'),
}
