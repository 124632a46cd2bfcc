import { say, type Words } from './say'

export const balance: Words = {
  'hinge-toe-tap': say(
    'Hip goes back, big toe stays down.', 'Tap a bell behind you without ringing it loud.',
    'The pelvis opens to the side.', 'A wall within reach.',
    ['Pelvis opens', 'Both hip bones to the floor.'], ['Weight on the tapping foot', 'Feather tap.'],
  ),
  'hinge-bent': say(
    'Knee soft and still, hip does it.', 'Push a door shut with your seat.',
    'The knee falls in.', 'Firm floor, shoes off.',
    ['Knee falls in', 'Knee over the second toe.'], ['Back rounds', 'Less bow.'],
  ),
  'airplane-hinge': say(
    'Level hips for as long as it lasts.', 'Point both headlights of the hips at the floor.',
    'A wing drops.', 'Free space; touch down rather than hop.',
    ['Wing drops', 'Turn that hip down.'], ['Toes claw', 'Big toe long.'],
  ),
  'hinge-reach': say(
    'Long from fingers to heel over one foot.', 'Put a book on a far low shelf.',
    'The foot leaves its place.', 'Shorter reach on a bad day.',
    ['Foot moves', 'Half the reach.'], ['Low back arches', 'Ribs down, reach from the hip.'],
  ),
  'hinge-weight': say(
    'The weight hangs straight, pelvis square.', 'Lower a bucket into a well.',
    'The pelvis turns to the weight.', 'Weight in the other hand; put it down when the foot tires.',
    ['Pelvis turns', 'Lighter.'], ['Shoulder drops', 'Blade in the back pocket.'],
  ),
  'cross-crunch': say(
    'Chest lifted, elbow and knee meet in the middle.', 'Squeeze a lemon between elbow and knee.',
    'The standing leg wobbles.', 'Slow before quick; a wall within reach.',
    ['Chest drops', 'Knee comes higher.'], ['Hops', 'Slower.'],
  ),
}
