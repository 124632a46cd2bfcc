import { say, type Words } from './say'

export const flexion: Words = {
  'curl-side': say(
    'Ribs towards the hips, hands slide along.', 'Peel the shirt off the floor bone by bone.',
    'The neck leads.', 'Not with back pain on bending.',
    ['Neck leads', 'Eyes up, mouth open, talk.'], ['Jerks off the floor', 'Two seconds up.'],
  ),
  'curl-up': say(
    'Head, neck and ribs lift as one piece; the low back does not flatten.',
    'Lift the shoulders off a scale until it shows half.',
    'The low back moves on the hands.', 'Hands under the low back keep its arch; a tender neck rests the head between.',
    ['Chin to chest', 'Tongue to the roof of the mouth, eyes up.'], ['Back flattens', 'Lift less.'],
  ),
  'crunch': say(
    'Breathe out, ribs down, then up.', 'Close a book that lies open on your belly.',
    'The feet lift or the neck leads.', 'Counted bends: the coach’s cap holds.',
    ['Feet lift', 'Press the heels down.'], ['Swings up', 'Two up, two down.'],
  ),
  'crunch-ears': say(
    'Elbows wide, fingertips only.', 'Lift a heavy picture frame with your chest.',
    'The hands pull the head.', 'Fingertips touch, they never pull.',
    ['Hands pull', 'Fingers off the head.'], ['Elbows close', 'Look for them at the edge of sight.'],
  ),
  'crunch-overhead': say(
    'Arms by the ears all the way.', 'Bring a long plank up as one piece.',
    'The arms come first.', 'Stiff shoulders bend the elbows.',
    ['Arms throw', 'Press them to the ears.'], ['Comes up by jerk', 'Smaller, slower.'],
  ),
  'crunch-plate': say(
    'Slow up, slower down, plate over the forehead.', 'Lift a tray to a shelf above you.',
    'The plate drops back or the last is unlike the first.', 'A plate that can be put down to the side.',
    ['Plate drops back', 'Lighter.'], ['Bounces at the bottom', 'Pause on the floor.'],
  ),
  'crunch-pad': say(
    'From long to short, slow through the middle.', 'Roll up a carpet from the top.',
    'The low back pinches at the long end.', 'Only as far back as it stays free of pain.',
    ['Falls into the arch', 'Three seconds down.'], ['Stops half way up', 'Lower pad.'],
  ),
  'reverse-crunch': say(
    'Pelvis curls up, knees go to the ceiling.', 'Stamp two footprints on the ceiling.',
    'The knees swing to the chest.', 'Knees to the chest unload it: up, not back.',
    ['Kicks up', 'Three seconds down, pause.'], ['Knees swing back', 'Push them up.'],
  ),
  'reverse-decline': say(
    'Curl off the board bone by bone.', 'Roll up a blind from below.',
    'The legs drop and pull the back into an arch.',
    'Hold something that stays; a slope no steeper than you can lower.',
    ['Legs drop', 'Flatter slope.'], ['Pulls with the arms', 'Hands only hold.'],
  ),
  'reverse-ball': say(
    'Curl first, then a small turn.', 'Post the ball on a shelf at the left, then at the right.',
    'The ball swings.', '2 to 4.5 kg; turn a hand’s breadth.',
    ['Ball swings', 'Lighter, slower.'], ['Turns from the knees', 'Squeeze the ball, turn the pelvis.'],
  ),
  'sit-up-overhead': say(
    'Wrist over shoulder the whole way.', 'Keep one finger on the ceiling as you sit up.',
    'The weight drifts off the shoulder.', '0-4.5 kg to begin, five seconds down; room to put it aside.',
    ['Weight drifts', 'Look at it all the way.'], ['Feet fly up', 'Heels dug in.'],
  ),
  'get-up': say(
    'One clear step, breathe, the next.', 'Carry a shoe on the fist and do not drop it.',
    'A step is skipped or the wrist bends.', 'With a shoe first; room round you to let go.',
    ['Rushes the steps', 'Two breaths in each.'], ['Shoulder shrugs', 'Pack it before each step.'],
  ),
  'hanging-knee-raise': say(
    'Tuck the pelvis when the knees are up.', 'Lift the knees over a bar in front of you.',
    'The body swings.', 'Grip fresh, step to get off; neutral grip first.',
    ['Swings', 'Pause at the bottom.'], ['Only the thighs lift', 'Curl the pelvis at the end.'],
  ),
  'hanging-leg-raise': say(
    'Straight legs, shoulders pulled down.', 'Draw a slow arc with the toes on the wall ahead.',
    'The swing starts or the knees bend.', 'Five to ten good ones; a ball between the feet steadies.',
    ['Swing starts', 'Three seconds down.'], ['Hangs in the shoulders', 'Pull the bar apart.'],
  ),
  'hanging-ball': say(
    'Squeeze the ball, lift from the pelvis.', 'Lift a full bucket with your feet and spill nothing.',
    'The ball slips or swings.', '1-2 kg for form, 4.5 kg for more repeats, 9-14 kg for few; nothing under the ball.',
    ['Ball slips', 'Lighter, knees bent.'], ['Swing', 'Stop it with the feet on the floor.'],
  ),
  'hanging-three-way': say(
    'Middle, left, middle, right: each from the pelvis.', 'Point both knees at three pictures in turn.',
    'The turn becomes a swing.', 'Last of the hanging rungs: clean straight raises first.',
    ['Swing', 'Down and still between each.'], ['Turns from the shoulders', 'Chest faces ahead.'],
  ),
  'hanging-pike': say(
    'Fold at the top, as slow down as up.', 'Bring the bar down to your toes.',
    'It takes a swing to get there.', 'Hamstrings ask first; not with raised pressure.',
    ['Swing', 'L only, then higher each week.'], ['Drops', 'Two seconds down.'],
  ),
  'v-up': say(
    'Both ends meet over the hips.', 'Shut a pocket knife without a snap.',
    'It starts with a jerk.', 'Bent knees where the hamstrings are short.',
    ['Jerks', 'Tuck version.'], ['Falls back', 'Two seconds down.'],
  ),
  'v-rock': say(
    'Keep the V and roll on a round low back.', 'Rock a cradle with a sleeping child.',
    'The V opens as it rolls.', 'Soft mat; not with pain on bending.',
    ['V opens', 'Smaller rock.'], ['Bumps over the low back', 'Round it first.'],
  ),
  'ball-pike': say(
    'Hips rise over the hands, legs straight.', 'Pull the ball under you with a rope of belly.',
    'The ball rolls off its line.', 'Free floor; head down: not with raised eye or blood pressure.',
    ['Ball wanders', 'Shins, not toes, on it.'], ['Shoulders fall ahead', 'Push the floor away.'],
  ),
  'ring-pike': say(
    'Feet quiet in the rings, hips high.', 'Fold over a clothes line.',
    'The feet swing at the bottom.', 'Straps checked; low enough to step out.',
    ['Feet swing', 'Pause in the plank.'], ['Back sags on the way down', 'Stop at the plank line.'],
  ),
  'overhead-slam': say(
    'Tall, contract, then slam.', 'Put the ball through the floor.',
    'The low back rounds to pick it up.', 'A ball that does not bounce back; a box where floors forbid; clear space.',
    ['Rounds to pick up', 'Squat to it.'], ['No full height', 'Reach up before each.'],
  ),
}
