import { say, type Words } from './say'

export const quadruped: Words = {
  'leg-only': say(
    'Reach long through the heel; the pelvis does not rock.', 'Carry a full tray on your back.',
    'The tray tips towards the lifted side.', 'Pad under the knee; foot no higher than the floor asks for.',
    ['Pelvis rocks', 'Toes stay on the floor.'], ['Low back dips', 'Breathe out before the foot leaves.'],
  ),
  'opposite-arm-leg': say(
    'Hard breath out on the reach, foot below hip height.', 'Shake a hand in front and push a wall behind.',
    'The low back dips or the trunk turns open.', 'Fists for sore wrists.',
    ['Leg higher than the hip', 'Slide it along the floor first.'], ['Sways to one side',
    'Knee and hand under the midline.'],
  ),
  'elbow-to-knee': say(
    'Round from the ribs as elbow and knee meet.', 'Fold and unfold a letter on one crease.',
    'The standing side sinks.', 'Round only as far as the low back likes it.',
    ['Falls over the standing hip', 'Pause at the long end.'], ['Only the knee travels',
    'Elbow comes half of the way.'],
  ),
  'crawl-knees': say(
    'Opposite hand and knee land at the same time.', 'Crawl under a low wire with a cup on your back.',
    'Hips swing from side to side.', 'Knees padded, floor swept.',
    ['Same side moves together', 'Stop, say the pair, step.'], ['Hips swing', 'Half steps.'],
  ),
  'knees-hovering': say(
    'Both knees a thumb off, back as flat as a table.', 'Slide a card under both knees.',
    'The back sags or the hips climb.', 'Sore wrists: fists or handles.',
    ['Hips climb', 'Knees back under the hips.'], ['Breath stops', 'Count breaths, not seconds.'],
  ),
  'hover-hand': say(
    'The hand leaves, the shoulders stay level.', 'Pick up a coin and put it down without waking the table.',
    'Shoulders or hips tip.', 'Short: a hand off for two seconds.',
    ['Tips to the free side', 'Knees wider.'], ['Hips climb', 'Set the hover again before each hand.'],
  ),
  'crawl': say(
    'One breath phase a step, hips level.', 'Creep so that nobody in the room hears you.',
    'The hips sway or the knees rise.', 'Wrists: crawl on fists, or shorter.',
    ['Hips sway', 'Slower: one step a breath.'], ['Knees rise', 'Feet stay small behind.'],
  ),
  'bear': say(
    'Hips a little high and quiet over quiet feet.', 'Prowl under a beam that is just high enough.',
    'The seat begins to wag.', 'Head low: not with raised eye or blood pressure.',
    ['Seat wags', 'Shorter steps.'], ['Hands slap', 'Place each hand like a paw.'],
  ),
  'crawl-sideways': say(
    'Push away from the side you leave.', 'Slide along a shelf with your back against it.',
    'The seat sways to the side it goes to.', 'Room on both sides; both ways the same distance.',
    ['Crosses the hands', 'Small steps, close, step again.'], ['Seat sways', 'Knees lower.'],
  ),
  'crawl-finisher': say(
    'Rest five seconds before the hips begin to sway.', 'Crawl the last metre for the camera.',
    'Two sways in a row.', 'Water, wrists and knees looked after; stop with any numb hand.',
    ['Speeds up to get done', 'One step a breath.'], ['Hips sway', 'Pause, breathe three times, go on.'],
  ),
  'crab': say(
    'Seat up, chest open, fingers to the feet.', 'Carry a plate on your belly.',
    'The seat sinks to the floor.', 'Shoulders that pinch go on a low bench or leave it out.',
    ['Seat sinks', 'Shorter way.'], ['Shoulders by the ears', 'Push the floor away first.'],
  ),
}
