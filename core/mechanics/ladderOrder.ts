/** A place where the computed order differs from the ladder's, and which of the two is right. */
export interface OrderNote {
  readonly easier: string
  readonly harder: string
  readonly right: 'ladder' | 'moment'
  readonly why: string
}

const ladder = (easier: string, harder: string, why: string): OrderNote => ({ easier, harder, right: 'ladder', why })

/**
 * Neighbouring rungs whose computed moment does not rise, with the reason. A rung may be harder for what a moment does
 * not tell: balance, the shoulder, the length of time, or another plane.
 */
export const ORDER_NOTES: readonly OrderNote[] = [
  ladder(
    'plank-limbs.leg-lift', 'plank-limbs.shoulder-tap',
    'The arm leaves the floor again and again: the twist comes and goes, and the shoulder that stays carries all.',
  ),
  ladder(
    'rollout.wheel-kneeling', 'rollout.barbell',
    'A bar is higher and heavier to bring back; its moment at full reach is slightly less.',
  ),
  ladder(
    'dead-bug.heel-taps', 'dead-bug.hands-on-thighs',
    'The hands press against the thighs: forces inside the body, which an outside moment does not see.',
  ),
  ladder(
    'dead-bug.hands-on-thighs', 'dead-bug.hand-to-opposite-knee', 'The same, across: it adds turning from inside.',
  ),
  ladder('quadruped.knees-hovering', 'quadruped.crawl', 'The same pose, now moving.'),
  ladder('side-plank.top-leg-raised', 'side-plank.hip-lifts', 'Movement through the line in place of a hold.'),
  ladder(
    'side-plank.weight-on-hip', 'side-plank.band-push',
    'The band adds turning to the side bend, another plane; the side bend itself is that of the plain plank.',
  ),
  ladder(
    'press-out.split-stance-hold', 'press-out.letters',
    'The hands move while the trunk holds: it is the time and the changing direction.',
  ),
  ladder('carries.front-held', 'carries.overhead', 'Overhead is limited by the shoulder and by balance.'),
  ladder('rotation.lift-half-kneeling', 'rotation.chop-half-kneeling', 'The same pull from above.'),
  ladder(
    'flexion.curl-up', 'flexion.crunch',
    'The higher the curl, the shorter the lever of the head: the crunch is harder for its range and its repeats.',
  ),
  ladder(
    'inside-lift.opposite-limb-row', 'inside-lift.half-bench-press',
    'Depends on the dumbbells; the bench takes one support away.',
  ),
  ladder('inside-lift.half-bench-press', 'inside-lift.press-out-split-squat', 'The legs work while the band pulls.'),
  ladder(
    'inside-lift.front-loaded-squat', 'inside-lift.one-arm-overhead-press',
    'Overhead and to one side: another plane, less load.',
  ),
  ladder(
    'front-plank.feet-raised', 'front-plank.unstable',
    'The ball asks for small corrections all the time; its moment is less, since the elbows stand higher.',
  ),
  ladder(
    'plank-limbs.two-point', 'plank-limbs.two-point-eyes', 'The same twist with the eyes closed and the feet nearer.',
  ),
  ladder(
    'rollout.strap-fall-out', 'rollout.ball-kneeling',
    'Steepness decides: a steep lean is easier than the ball, a low one far harder.',
  ),
  ladder(
    'rollout.ball-kneeling', 'rollout.band-assisted',
    'The band takes the last part away so that the full reach can be learnt.',
  ),
  ladder(
    'rollout.wheel-to-wall', 'rollout.push-up-walkout',
    'The hands grip and the feet carry: less moment, more of the wrists and shoulders.',
  ),
  ladder(
    'rollout.ball-plank-rollout', 'rollout.wheel-kneeling',
    'Balance against lever: for a small body the two are close.',
  ),
  ladder('hollow.pumps', 'hollow.bench-trunk', 'The bench takes the legs away and lets the trunk hang: another lever.'),
  ladder('hollow.bench-ball', 'hollow.long-hold', 'No more moment, but a minute and more of it.'),
  ladder(
    'dead-bug.opposite-arm-leg', 'dead-bug.band-arms',
    'The band holds the ribs down: kinder on purpose, before both legs leave.',
  ),
  ladder(
    'dead-bug.two-leg', 'dead-bug.weight-overhead',
    'Both legs ask more than one leg and a light ball; the ball lifts the ribs, which is what is trained.',
  ),
  ladder(
    'quadruped.elbow-to-knee', 'quadruped.crawl-knees', 'The support changes with every step instead of being held.',
  ),
  ladder(
    'side-plank.feet', 'side-plank.star',
    'Arm and leg make the body longer in the other plane: balance and the hip.',
  ),
  ladder('side-plank.star', 'side-plank.bottom-leg', 'The inside of the top leg carries; at the trunk little changes.'),
  ladder('press-out.overhead', 'press-out.low-to-high', 'A slanting pull twists less and arches instead.'),
  ladder('press-out.low-to-high', 'press-out.high-to-low', 'The same pull from above.'),
  ladder(
    'press-out.with-squat', 'press-out.oscillating',
    'The load changes by itself: it is the surprise that is trained.',
  ),
  ladder(
    'carries.march-hold', 'carries.two-hand',
    'One light weight at one side bends more than two heavy ones; two are ranked by axial load.',
  ),
  ladder(
    'carries.overhead', 'carries.overhead-uneven',
    'The two weights pull to opposite sides and partly cancel; two tasks at once are the step.',
  ),
  ladder(
    'rotation.plank-roll', 'rotation.hip-dips',
    'Turning on purpose; the moments are those of the planks it passes.',
  ),
  ladder('rotation.hip-dips', 'rotation.band-turn-half-kneeling', 'Off the floor and against a band: another plane.'),
  ladder(
    'rotation.band-turn-braking', 'rotation.band-punch', 'The pull comes from behind and turns less; the leg drives.',
  ),
  ladder('rotation.chop-standing', 'rotation.lunge-arc', 'A light weight on a long way, over moving legs.'),
  ladder('flexion.crunch-plate', 'flexion.crunch-pad', 'Range in place of load: from arched to folded.'),
  ladder('flexion.crunch-pad', 'flexion.reverse-crunch', 'From below: the pelvis is learnt after the ribs.'),
  ladder(
    'flexion.reverse-decline', 'flexion.reverse-ball', 'A ball adds little at a short lever; the turn is the step.',
  ),
  ladder('flexion.sit-up-overhead', 'flexion.hanging-knee-raise', 'Hanging: the grip and no floor to press against.'),
  ladder('flexion.hanging-leg-raise', 'flexion.v-up', 'Both ends move at once, and balance on the seat.'),
  ladder('flexion.ball-pike', 'flexion.ring-pike', 'The feet hang lower and swing.'),
  ladder(
    'flexion.ring-pike', 'flexion.hanging-pike',
    'Past level the legs come nearer and the moment falls; the range and the grip rise.',
  ),
  ladder(
    'compression.one-behind', 'compression.one-thighs',
    'The moment of the leg is the same: with the hands ahead the hip works nearer its end.',
  ),
  ladder('compression.one-thighs', 'compression.one-knees', 'The same, farther.'),
  ladder('compression.both-behind', 'compression.both-thighs', 'The same for both legs.'),
  ladder(
    'compression.both-knees', 'compression.tuck-support', 'The hands carry everything now: a short lever to begin.',
  ),
  ladder('compression.l-hold', 'compression.v-hold', 'Legs nearer the trunk turn it less; the range asks more.'),
  ladder('levers.one-leg', 'levers.lowering-45', 'Half way to level turns less, but it moves and starts upside down.'),
  ladder('levers.full', 'levers.lowering-flat', 'The same lever, now moving.'),
  ladder('levers.lowering-flat', 'levers.horizontal-hang', 'The other side of the body, and a shoulder far back.'),
  ladder('levers.horizontal-hang', 'levers.side-lever', 'The side of the trunk is weaker, and the lever no shorter.'),
  ladder(
    'posterior.hip-thrust', 'posterior.prone-arm-leg',
    'Another direction: the back holds instead of the hips driving.',
  ),
  ladder(
    'posterior.prone-over-chair', 'posterior.v-lean', 'Seated and sitting tall: control of a long back, not load.',
  ),
  ladder('posterior.upper-back-standing', 'posterior.hinge-bow', 'The hinge is the point, not the arms.'),
  ladder('posterior.bench-extension', 'posterior.hamstring-bridge', 'The leg becomes the limit; the trunk only holds.'),
  ladder(
    'inside-lift.elbow-squat', 'inside-lift.opposite-limb-row',
    'The squat teaches tension with a load in front; the row teaches to resist turning.',
  ),
  ladder(
    'inside-lift.one-arm-overhead-press', 'inside-lift.strict-press',
    'Both hands: what grows is the arch, and the weight.',
  ),
]
