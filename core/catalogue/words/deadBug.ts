import { say, type Words } from './say'

export const deadBug: Words = {
  'heel-taps': say(
    'One hand on the navel: nothing pushes against it.', 'Tap the floor as if it were hot.',
    'The belly pushes out under the hand.', 'Late in pregnancy seated instead.',
    ['Belly pushes out', 'Shorten the way to the floor.'], ['Low back lifts', 'Knees nearer to the chest.'],
  ),
  'legs-opened': say(
    'Both hip bones stay heavy as the legs open.', 'Open a fan slowly and close it again.',
    'One hip lifts off the floor.', 'Arms wide is easier; no bounce at the end.',
    ['Hip lifts', 'Smaller fan, arms wide.'], ['Knees bend inwards', 'Legs higher, toes up.'],
  ),
  'opposite-arm-leg': say(
    'Breathe all the way out as arm and leg reach.', 'Slide the heel along a shelf as you breathe out.',
    'The low back moves or the breath is held on the reach.', 'Reach only as far as the low back keeps its small arch.',
    ['Belly domes', 'Shorten the reach.'], ['Same side moves instead', 'Say the pair aloud: left hand, right foot.'],
  ),
  'two-leg': say(
    'Lower both legs from the belly, not from the hips.', 'Lower a drawbridge on two ropes.',
    'Daylight under the back.', 'Knees bent as far as the back asks for; not with back pain on arching.',
    ['Back lifts', 'Bend the knees, or go half way.'], ['Drops the last part', 'Four seconds down.'],
  ),
  'hands-on-thighs': say(
    'Hands and thighs push with the same force, nothing moves.', 'Wrestle your own knees to a draw.',
    'One side wins, or the breath stops.', 'Push as hard as you can still breathe.',
    ['One side wins', 'Ease the stronger side.'], ['Shoulders leave the floor', 'Long neck, blades down.'],
  ),
  'hand-to-opposite-knee': say(
    'Shoulders and pelvis stay square behind the push.', 'Push a door that the knee keeps shut.',
    'The pelvis rolls or the shoulder lifts.', 'Build the push up over three seconds.',
    ['Pelvis rolls', 'Half the push.'], ['Elbow bends', 'Lock it, push from the chest.'],
  ),
  'band-arms': say(
    'Arms press the band, and so hold the ribs down.', 'Close a car boot on the band and keep it shut.',
    'The belly pushes out under the band.', 'Band over the head: anchor checked twice.',
    ['Band goes slack', 'Slide farther from the anchor.'], ['Legs drop before the arms press',
    'Press first, then lower.'],
  ),
  'weight-overhead': say(
    'Ribs heavy as the plate goes over the head.', 'Put a plate on a low shelf behind you, without a sound.',
    'The ribs lift with the plate.', 'A weight that one hand could hold; never over the face.',
    ['Ribs lift', 'Stop where they would.'], ['Leg hurries', 'Plate and leg arrive together.'],
  ),
  'pullover-leg': say(
    'Upper back tight, legs slow.', 'Pull a long bow with arms and leg.',
    'The back arches at full reach.', 'Only after the same without a weight.',
    ['Back arches', 'Half the weight, whole way.'], ['Weight swings', 'Three seconds each way.'],
  ),
}
