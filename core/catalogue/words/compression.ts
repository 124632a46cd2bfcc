import { say, type Words } from './say'

export const compression: Words = {
  'one-behind': say(
    'Pull the thigh up from the hip, knee locked.', 'Lift the heel over a book.',
    'Cramp in front of the thigh.', 'Cramp: shake it out, fewer.',
    ['Leans back', 'Sit against a wall.'], ['Knee bends', 'Pull the toes up.'],
  ),
  'one-thighs': say(
    'Back straight, hands push, leg floats.', 'Let a sheet of paper pass under the heel.',
    'The back rounds.', 'On a cushion where the hamstrings are short.',
    ['Back rounds', 'Hands nearer to the hips.'], ['Other heel presses', 'Keep it light.'],
  ),
  'one-knees': say(
    'Round over the leg and lift it to you.', 'Bring the shin to the forehead’s side of the room.',
    'The trunk falls back.', 'Rounded on purpose; not with back pain on bending.',
    ['Falls back', 'Hands a hand nearer.'], ['Bounces', 'Down slowly, still, up.'],
  ),
  'both-behind': say(
    'Chest up, both heels leave together.', 'Lift a bench with your ankles.',
    'The trunk falls back on to the hands.', 'Fingers point where the wrist likes it.',
    ['Falls back', 'One leg at a time again.'], ['Heels drop', 'Hold the last for ten.'],
  ),
  'both-thighs': say(
    'Push the floor down, hips feel light.', 'Float both feet over a puddle.',
    'The heels leave one after the other.', 'Blocks under the hands are fair.',
    ['One leg first', 'Squeeze them together.'], ['Shoulders shrug', 'Press down harder.'],
  ),
  'both-knees': say(
    'Round, press, lift: belly shortens in front.', 'Fold like a bridge that opens.',
    'The knees bend or the trunk falls back.', 'Hamstrings stretch: warm up.',
    ['Knees bend', 'Hands nearer.'], ['Rocks for height', 'Still, then lift.'],
  ),
  'straddle-behind': say(
    'Both heels up, legs wide, knees to the ceiling.', 'Lift a wide gate off its hinges.',
    'The pelvis rolls back.', 'Width as the groin allows.',
    ['Knees roll in', 'Toes to the ceiling.'], ['Pelvis rolls back', 'Sit on a cushion.'],
  ),
  'straddle-thighs': say(
    'Hands in front press, straddle lifts.', 'Raise two oars off the water.',
    'One heel leaves late.', 'Hands on blocks; groin warm.',
    ['One heel late', 'Shift the weight to the middle.'], ['Falls back', 'Hands nearer.'],
  ),
  'straddle-far': say(
    'Walk the hands ahead, round, and lift.', 'Pick both feet off the floor with a string at the navel.',
    'The trunk drops back.', 'Hamstrings and groin decide how far.',
    ['Drops back', 'Hands a step nearer.'], ['Half a heel only', 'Fewer, held longer.'],
  ),
  'tuck-support': say(
    'Shoulders down, knees to the chest.', 'Sit on air between two chairs.',
    'Elbows bend or feet touch.', 'Something under the hands that cannot tip.',
    ['Elbows bend', 'Toes stay down.'], ['Shoulders rise', 'Push down longer.'],
  ),
  'l-hold': say(
    'Press down, legs level, knees locked.', 'Sit at a table that is not there.',
    'The heels sink under the hips.', 'Wrists: handles or blocks.',
    ['Heels sink', 'One leg tucked.'], ['Leans back', 'Shoulders over the hands.'],
  ),
  'v-hold': say(
    'Lean back, fold, legs to the face.', 'Hide behind your own shins.',
    'The knees bend.', 'Hamstring length first, weeks of it.',
    ['Knees bend', 'L again, higher each week.'], ['Elbows soften', 'Shorter holds.'],
  ),
  'press-handstand': say(
    'Lean until the feet leave by themselves.', 'Pour yourself from the feet into the hands.',
    'A jump, or the elbows bend.', 'Spotter or wall; head down: not with raised pressure.',
    ['Jumps', 'Feet on a box.'], ['Elbows bend', 'Lower from the top, slowly.'],
  ),
}
