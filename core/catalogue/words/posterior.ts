import { say, type Words } from './say'

export const posterior: Words = {
  'bridge': say(
    'Squeeze the seat before the back moves.', 'Push the floor away through the heels.',
    'The low back arches or a hamstring cramps.', 'Late in pregnancy seated or standing instead.',
    ['Low back arches', 'Tuck first, lift less.'], ['Hamstrings cramp', 'Heels nearer.'],
  ),
  'single-leg-bridge': say(
    'Both hip bones level on one foot.', 'Lift a table whose glass must not slide.',
    'The free side sinks.', 'Twenty level ones on two feet first.',
    ['Free side sinks', 'Free foot on its toes.'], ['Back arches', 'Lower.'],
  ),
  'band-bridge': say(
    'Knees push the band, seat lifts.', 'Spread a curtain and raise the stage.',
    'The ribs flare at the top.', 'Band above the knees, not on them.',
    ['Ribs flare', 'Breathe out at the top.'], ['Knees fall in', 'Lighter band.'],
  ),
  'hip-thrust': say(
    'Finish with the seat, chin tucked, ribs down.', 'Close a drawer with your hips.',
    'The low back finishes it.', 'Bar padded, bench against a wall.',
    ['Low back finishes', 'Stop at level.'], ['Neck thrown back', 'Look over the bar.'],
  ),
  'hamstring-bridge': say(
    'Heels dig and pull, hips stay up.', 'Pull the floor towards the seat.',
    'The pelvis drops or cramps stop it.', 'A tall athlete’s heels are harder: begin nearer.',
    ['Pelvis drops', 'Heels nearer.'], ['Toes push', 'Toes up.'],
  ),
  'hamstring-raise': say(
    'One line from knee to head, as slow as it goes.', 'Lower a tree that is still held by a rope.',
    'It breaks at the hip.', 'Hands ready; knees padded, heels held for certain.',
    ['Breaks at the hip', 'Band to help, or half way.'], ['Falls', 'Catch earlier.'],
  ),
  'inverted-v-push': say(
    'One leg pushes the hips up and back, heel long.', 'Push a car uphill from under it.',
    'The low back rounds or the hip turns open.', 'Head low: not with raised pressure.',
    ['Hip turns open', 'Toes of the free leg down.'], ['Low back rounds', 'Bend the knee.'],
  ),
  'shell': say(
    'Open from the side of the seat, feet together.', 'Open an oyster and keep it on its shell.',
    'The pelvis rocks back.', 'Activation: light, and no aim of its own.',
    ['Pelvis rocks', 'Back at a wall.'], ['Foot lifts too', 'Heels glued.'],
  ),
  'side-leg-raise': say(
    'Long leg, long waist.', 'Slide the heel up a wall behind you.',
    'The waist shortens.', 'Small; toes in, out and level.',
    ['Waist shortens', 'Lower.'], ['Leg drifts ahead', 'Heel at the wall.'],
  ),
  'groin-step-up': say(
    'Step up with the foot turned out, knee over it.', 'Climb on to a horse from a block.',
    'The knee falls in.', 'Low step; a sore groin leaves it out.',
    ['Knee falls in', 'Lower step.'], ['Pushes from the floor foot', 'Slow down on the way back.'],
  ),
  'leg-across': say(
    'Shoulders heavy, leg falls across by its own weight.', 'Let a curtain fall to one side.',
    'The opposite shoulder lifts, or it pinches.', 'Gravity only: nobody pushes.',
    ['Shoulder lifts', 'Knee bent, cushion under it.'], ['Holds tight', 'Two long breaths out.'],
  ),
  'hip-mobility': say(
    'Only the hip moves, slow as honey.', 'Draw a big round with the knee on the wall.',
    'The pelvis moves along.', 'Two to three seconds a motion; no clicking through pain.',
    ['Pelvis moves along', 'Smaller round, hold a wall.'], ['Hurries', 'Count three.'],
  ),
  'prone-arm-leg': say(
    'Long first, then a hand high.', 'Reach for two walls at once.',
    'The pelvis leaves the floor.', 'Cushion under the belly.',
    ['Lifts high', 'Long, not high.'], ['Pelvis rolls', 'Arms only, then legs.'],
  ),
  'upper-back-prone': say(
    'Breastbone a thumb off, blades slide down.', 'Show your necklace to the wall ahead.',
    'The low back does it.', 'Chin tucked, small.',
    ['Low back does it', 'Seat tight, lift less.'], ['Chin pokes', 'Eyes on the floor.'],
  ),
  'prone-hold': say(
    'Long line, seat tight, breathe into the sides.', 'Skim over water like a board.',
    'It pinches in the low back.', 'Not with back pain on arching.',
    ['Pinches', 'Legs down, arms only.'], ['Breath stops', 'Shorter, three of them.'],
  ),
  'prone-over-chair': say(
    'To a straight line and no more.', 'Be the plank that lies over a trestle.',
    'It goes past the line or sinks.', 'Chair against a wall, padded.',
    ['Past the line', 'Look at the floor.'], ['Sinks', 'Ten seconds, rest.'],
  ),
  'bench-extension-hold': say(
    'Level and breathing, seat and back together.', 'Lie on a table that has been taken away.',
    'The trunk sinks under level.', 'Feet hooked and checked.',
    ['Sinks', 'End it, write it down.'], ['Neck bent back', 'Eyes on the floor.'],
  ),
  'bench-extension': say(
    'Down round by round, up to level, stop.', 'Close a drawer to flush, not past it.',
    'It swings past level.', 'Not with back pain on bending or arching.',
    ['Past level', 'Stop at the mark.'], ['Swings', 'Two seconds each way.'],
  ),
  'v-lean': say(
    'Chest away from the knees, back long.', 'Lean back on a chair that is not there.',
    'The back rounds.', 'Feet under something at first.',
    ['Back rounds', 'Lean less.'], ['Drops back', 'Three seconds.'],
  ),
  'hinge-bow': say(
    'Hips back, back as it is.', 'Bow to a king with a stick on your back.',
    'The stick leaves head, back or seat.', 'Soft knees; stop where the stick leaves.',
    ['Stick leaves the seat', 'Hips back to a wall.'], ['Squats', 'Shins upright.'],
  ),
  'upper-back-standing': say(
    'Chest opens, arms by the ears, low back quiet.', 'Hold up a wide towel and look under it.',
    'The low back arches.', 'Shoulders that pinch go as high as they like.',
    ['Low back arches', 'Ribs down first.'], ['Arms bend', 'Lighter hands.'],
  ),
}
