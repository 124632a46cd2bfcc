import { say, type Words } from './say'

export const insideLift: Words = {
  'front-loaded-squat': say(
    'Elbows down, belly fills against the bells.', 'Sit down behind a full shelf.',
    'The chest falls over the weights.', 'Bells that can be dropped ahead; a first teacher, so light.',
    ['Chest falls', 'Lighter, pause half way.'], ['Heels lift', 'Wider stance.'],
  ),
  'elbow-squat': say(
    'Elbows up, ribs down, slow.', 'Carry firewood through a low door.',
    'The back rounds over the bar.', 'Bar padded in the elbows; safeties set.',
    ['Rounds over', 'Lighter.'], ['Elbows sink', 'Lift them at each breath.'],
  ),
  'opposite-limb-row': say(
    'Hold first, then row; hold and row look alike.', 'Start an old engine without shaking the car.',
    'The trunk turns with the row.', 'A bench that cannot tip.',
    ['Trunk turns', 'Lighter, pause above.'], ['Hips shift', 'Foot wider.'],
  ),
  'half-bench-press': say(
    'Free half of the back stays as if on a bench.', 'Press a lamp up without rolling off the bed.',
    'The free side sinks or the hips turn.', 'Light first, a spotter on the side of the weight.',
    ['Free side sinks', 'More of the back on the bench.'], ['Elbow flares', 'About 45 degrees.'],
  ),
  'press-out-split-squat': say(
    'Hands on one line, down and up.', 'Lower a lantern straight into a shaft.',
    'The hands drift or the back knee bangs.', 'Pad under the back knee.',
    ['Hands drift', 'Less band.'], ['Front knee sways', 'Shorter way.'],
  ),
  'one-arm-overhead-press': say(
    'Seat squeezed, ribs down, press.', 'Push a loft hatch open with one hand.',
    'The trunk leans away or arches.', 'Shoulder free of pain; clear overhead.',
    ['Leans away', 'Lighter, other fist tight.'], ['Arches', 'Half kneeling first.'],
  ),
  'strict-press': say(
    'Curve of the back at rest and overhead: the same.', 'Lift a beam straight past your nose.',
    'The low back bows under the bar.', 'If the curve grows: seat, breath out, stretch the lats, measure again.',
    ['Bows back', 'Lighter, seat squeezed.'], ['Bar swings out', 'Close to the face.'],
  ),
}
