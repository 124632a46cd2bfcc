import { say, type Words } from './say'

export const frontPlank: Words = {
  'wall': say(
    'Push the wall away until the shoulder blades spread.', 'Be a plank that leans, not a bow.',
    'The belly leads to the wall.', 'Feet on something that does not slip.',
    ['Hips ahead of the shoulders', 'Squeeze the seat, ribs back.'], ['Head drops to the wall',
    'Look where the wall meets the hands.'],
  ),
  'raised-hands': say(
    'Seat squeezed, belt buckle tipped up towards the chin.', 'Push the bench into the ground.',
    'The hips hang under the line.', 'A support that cannot tip or slide; wrists that hurt go on fists or handles.',
    ['Hips hang', 'Higher support, shorter hold.'], ['Shoulders by the ears', 'Push up between the shoulder blades.'],
  ),
  'knees': say(
    'Hips forward until knee, hip and shoulder are one line.', 'Drag the elbows towards the knees without moving them.',
    'The seat rises or the back sags.', 'Pad under the knees; elbows, not hands, for sore wrists.',
    ['Seat in the air', 'Hips forward, as if closing a drawer.'], ['Hangs in the shoulders',
    'Push the floor away with the forearms.'],
  ),
  'hands': say(
    'Ribs towards the hips, thighs tight.', 'Screw the hands into the floor, thumbs forward.',
    'A dip shows between the ribs and the hips.', 'Sore wrists: fists, handles, or the elbow plank.',
    ['Low back dips', 'Step the feet in, squeeze the seat again.'], ['Head hangs', 'Long neck, eyes a hand ahead.'],
  ),
  'elbows': say(
    'Squeeze the seat, ribs towards the hips.', 'Make one straight plank from ear to heel.',
    'The low back drops or the hips rise.', 'Ten good seconds beat sixty poor ones: end it there.',
    ['Hips high: the weight parks on the shoulders', 'Hips down to the line, even if it is shorter.'],
    ['Hips sag', 'Tuck the pelvis, shorten the hold.'],
  ),
  'long-lever': say(
    'Pull the elbows towards the toes while they stay ahead.', 'Stretch the mat between elbows and feet.',
    'The low back feels it before the belly does.', 'Only as far ahead as the low back feels nothing.',
    ['Back sags as the elbows go ahead', 'Bring them back a hand.'], ['Breath stops',
    'Out through the lips for each five seconds.'],
  ),
  'long-lever-load': say(
    'Keep the pelvis tucked when the plate lands.', 'Do not let the plate slide a finger.',
    'The plate slides, or the helper sees daylight change under the belly.',
    'A helper lays and lifts the plate, never on the bare spine; not for children.',
    ['Sinks as the plate lands', 'Half the weight; set the brace before it comes.'], ['Elbows creep back',
    'Mark the floor at the elbows.'],
  ),
  'feet-raised': say(
    'Ribs stay down although the head is lower than the feet.', 'Slide downhill without bending.',
    'The hips pike up or the head fills with pressure.', 'Low box; not with raised blood or eye pressure.',
    ['Hips pike', 'Lower box, tuck again.'], ['Weight runs into the neck', 'Push the floor away, gaze down.'],
  ),
  'weight-on-back': say(
    'Lift the plate with the belly, not with the shoulders.', 'Be the table that carries the plate.',
    'The line changes when the plate lands.',
    'A helper lays and lifts the plate over the pelvis; agree on a word for off.',
    ['Line breaks under the plate', 'Take 5 kg off.'], ['Plate sits on the low back',
    'Over the pelvis or between the blades.'],
  ),
  'unstable': say(
    'Still the ball with the belly, not with the neck.', 'Keep the ball on one spot of the floor.',
    'The ball begins to wander.', 'A ball that is sound and firm, free floor round it.',
    ['Ball rolls away', 'Feet wider, ball against a wall.'], ['Hangs into the ball',
    'Press it down with both forearms.'],
  ),
}
