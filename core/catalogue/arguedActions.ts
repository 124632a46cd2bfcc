const FAST = 'Fast: its force comes from acceleration, which a position that is held does not tell.'
const RANGE = 'Mobility: the turn is made without a load, and counts in no plane as work.'

/**
 * Why a drill asks for the actions it names, where they do not follow from the moment of its position: each is our own
 * judgement in the order of common practice, no source. All other drills take their actions from the mechanics.
 */
export const ARGUED_ACTIONS: Readonly<Record<string, string>> = {
  'quadruped.crab': 'Belly up on hands and feet the hips hang: the back of the body holds them, and each step turns.',
  'side-plank.ball-lean': 'The ball carries as much as it is leaned on; what moves is a bend to the side and back.',
  'rollout.strap-one-arm': 'The lean arches as on two straps, and the one handle turns as much again.',
  'rollout.ring-fly': 'A leaning plank whose arms open: it arches the more, the wider they are.',
  'carries.two-hand':
    'Two equal weights cancel while both feet stand; in every step one foot carries and the pelvis wants to drop.',
  'rotation.upper-back-roll': RANGE,
  'rotation.lunge-turn': RANGE,
  'rotation.lunge-turn-away': RANGE,
  'rotation.stick-turn': RANGE,
  'rotation.kick-through': RANGE,
  'rotation.push-up-turn': RANGE,
  'rotation.seated-punch': RANGE,
  'rotation.ball-sit-up-turn': 'It folds up from over the ball, and turns first.',
  'rotation.plank-roll': 'It passes from a front plank to a side plank: half of each, and a turn between them.',
  'rotation.hip-dips': 'A front plank all the way; the trunk turns itself under it.',
  'rotation.seated-turn': 'Leaning back resists the arch, and the trunk turns itself; a weight in the hands loads it.',
  'rotation.pendulum-stop': 'The weight is stopped: the turn is resisted first, and made to send it back.',
  'rotation.ball-chop': FAST,
  'rotation.ball-twist': FAST,
  'rotation.ball-chop-continuous': FAST,
  'rotation.throw-to-wall': FAST,
  'rotation.swing': FAST,
  'flexion.overhead-slam': FAST,
  'flexion.v-rock': 'The V is folded and kept while the body rolls.',
  'flexion.get-up': 'It folds up from the floor, and from the elbow on holds the weight off both sides.',
  'compression.press-handstand': 'From folded to upside down on the hands: it folds, and then keeps from arching.',
  'posterior.leg-across': RANGE,
  'posterior.hamstring-raise': 'Held at the knees the whole body leans: the back of the trunk keeps it from folding.',
  'balance.cross-crunch': 'Elbow to opposite knee on one leg: it folds and turns, and the standing side holds.',
}
