import { say, type Words } from './say'

export const hollow: Words = {
  'wall-tilt': say(
    'Tip the pelvis until the low back meets the wall.', 'Pin a sheet of paper behind your back.',
    'The paper falls, or the seat does all of it.', 'Gently: it is a lesson, not a strain.',
    ['Knees push instead', 'Soft knees, tip the belt buckle up.'], ['Shoulders leave the wall',
    'Back of the head stays too.'],
  ),
  'tuck': say(
    'Low back pressed flat, ribs down.', 'Leave no daylight under your back.',
    'Daylight under the low back, or the breath stops.',
    'Late in pregnancy and with high pressure not on the back like this.',
    ['Neck does the work', 'Chin off the chest, eyes over the knees.'], ['Breath stops',
    'Short breaths through the lips.'],
  ),
  'one-leg': say(
    'The back stays glued while one leg leaves.', 'Slide one heel over thin ice.',
    'The back lifts on the side of the long leg.', 'A hand under the knee is fair help on the way.',
    ['Back lifts', 'Leg higher until it does not.'], ['Bent knee drifts away', 'Keep it over the hip.'],
  ),
  'arms-by-sides': say(
    'Ribs and pelvis pull towards each other.', 'Rest on a coin under the low back and keep it.',
    'The legs sink and the back goes with them.', 'Hip flexors that cramp ask for higher legs.',
    ['Legs sink', 'Raise them a hand.'], ['Hands push the floor', 'Palms up.'],
  ),
  'arms-overhead': say(
    'Arms long only as far as the ribs stay down.', 'Be a shallow dish with both rims level.',
    'The ribs pop up.', 'Elbows bent where the shoulders are stiff.',
    ['Ribs flare with the arms', 'Arms to the ceiling first, then lower.'], ['Head falls back',
    'Ears between the arms.'],
  ),
  'pumps': say(
    'Move as one dish from the hips to the hands.', 'Rock a boat that spills nothing.',
    'The shape folds in the middle.', 'Small: a hand’s breadth; overhead only where the shoulders allow.',
    ['Legs kick', 'Smaller pumps, slower.'], ['Shape opens', 'Ten instead of twenty.'],
  ),
  'long-hold': say(
    'Check the back at every ten seconds.', 'Outlast the clock, not the shape.',
    'The shape fails, however long is left.', 'Nothing is proven by a second in poor shape.',
    ['Slowly opens', 'End it; write that number down.'], ['Face and jaw clench', 'Smile, breathe, go on.'],
  ),
  'bench-trunk': say(
    'Ribs down as the trunk hangs in the air.', 'Be the bridge between two banks.',
    'The trunk sags below level.', 'Feet hooked and checked; straight up again by rolling to the side.',
    ['Arches below level', 'Trunk a hand higher.'], ['Pulls with the feet alone', 'Squeeze the seat as well.'],
  ),
  'bench-legs': say(
    'Pelvis tucked at the edge of the pad.', 'Lay the legs on a shelf of air.',
    'The back leaves the pad as the legs sink.', 'Edge of the pad padded; hands hold something that stays.',
    ['Legs sink', 'Bend the knees until the back is down.'], ['Grips and shrugs', 'Long neck, hands soft.'],
  ),
  'bench-ball': say(
    'Ball still, ribs still.', 'Hold the ball so that its label can be read.',
    'The ball drifts or the legs do.', 'Ball that the hands close round; drop it to the side, never over the face.',
    ['Ball drifts back', 'Over the forehead, not past it.'], ['Ribs flare', 'Lighter ball.'],
  ),
}
