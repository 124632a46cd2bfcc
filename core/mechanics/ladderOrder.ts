/** A place where the computed order differs from the branch's, and which of the two is right. */
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
    'dead-bug.hands-on-thighs', 'dead-bug.hand-to-opposite-knee', 'The same, across: it adds turning from inside.',
  ),
  ladder('rotation.lift-half-kneeling', 'rotation.chop-half-kneeling', 'The same pull from above.'),
  ladder(
    'flexion.curl-up', 'flexion.crunch',
    'The higher the curl, the shorter the lever of the head: the crunch is harder for its range and its repeats.',
  ),
  ladder(
    'inside-lift.opposite-limb-row', 'inside-lift.half-bench-press',
    'Depends on the dumbbells; the bench takes one support away.',
  ),
  ladder(
    'rollout.ball-kneeling', 'rollout.band-assisted',
    'The band takes the last part away so that the full reach can be learnt.',
  ),
  ladder(
    'side-plank.feet', 'side-plank.star',
    'Arm and leg make the body longer in the other plane: balance and the hip.',
  ),
  ladder('press-out.overhead', 'press-out.low-to-high', 'A slanting pull twists less and arches instead.'),
  ladder('press-out.low-to-high', 'press-out.high-to-low', 'The same pull from above.'),
  ladder(
    'carries.overhead', 'carries.overhead-uneven',
    'The two weights pull to opposite sides and partly cancel; two tasks at once are the step.',
  ),
  ladder(
    'rotation.plank-roll', 'rotation.hip-dips',
    'Turning on purpose; the moments are those of the planks it passes.',
  ),
  ladder(
    'rotation.band-turn-braking', 'rotation.band-punch', 'The pull comes from behind and turns less; the leg drives.',
  ),
  ladder('rotation.chop-standing', 'rotation.lunge-arc', 'A light weight on a long way, over moving legs.'),
  ladder(
    'flexion.reverse-decline', 'flexion.reverse-ball', 'A ball adds little at a short lever; the turn is the step.',
  ),
  ladder('flexion.ball-pike', 'flexion.ring-pike', 'The feet hang lower and swing.'),
  ladder('compression.one-thighs', 'compression.one-knees', 'The same, farther.'),
  ladder('compression.l-hold', 'compression.v-hold', 'Legs nearer the trunk turn it less; the range asks more.'),
  ladder(
    'inside-lift.one-arm-overhead-press', 'inside-lift.strict-press',
    'Both hands: what grows is the arch, and the weight.',
  ),
  ladder(
    'dead-bug.heel-taps', 'dead-bug.legs-opened',
    'Opened legs hang as near as bent ones: what grows is the pull to the sides, which the moment to the front misses.',
  ),
  ladder(
    'side-plank.star', 'side-plank.top-leg-raised',
    'The moment is the same; the hip that stays below now carries both legs.',
  ),
  ladder(
    'press-out.letters', 'press-out.oscillating',
    'The load changes by itself: it is the surprise that is trained.',
  ),
  ladder(
    'flexion.hanging-leg-raise', 'flexion.hanging-pike',
    'Past level the legs come nearer and the moment falls; the range and the grip rise.',
  ),
  ladder(
    'inside-lift.front-loaded-squat', 'inside-lift.elbow-squat',
    'As they come the kettlebells weigh more than the bar; the bar lies farther down and may be loaded without end.',
  ),
  ladder(
    'quadruped.leg-only', 'quadruped.opposite-arm-leg',
    'The arm ahead weighs against the leg behind: what grows is that only two points are left to balance on.',
  ),
  ladder(
    'carries.suitcase-deadlift', 'carries.suitcase',
    'Bowing down folds the trunk for a moment; the carry bends it aside, and all the way.',
  ),
  ladder(
    'flexion.v-up', 'flexion.ball-pike',
    'Both begin from a long body: the pike is done on the hands, upside down, on something that rolls.',
  ),
  ladder(
    'quadruped.bear', 'quadruped.crawl-sideways',
    'Going sideways pushes the body aside with every step, which a position that stands still does not tell.',
  ),
  ladder(
    'quadruped.knees-hovering', 'quadruped.hover-hand',
    'The sag stays what it was and a turn comes on top, each time a hand leaves.',
  ),
  ladder(
    'flexion.hanging-ball', 'flexion.hanging-three-way',
    'Without the ball the moment is less; the turn at the top and the grip are what grows.',
  ),
  ladder(
    'posterior.prone-arm-leg', 'posterior.prone-hold',
    'The same lift of arms and legs, now of all four at once and held.',
  ),
]
