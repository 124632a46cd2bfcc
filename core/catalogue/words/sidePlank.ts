import { say, type Words } from './say'

export const sidePlank: Words = {
  'knees': say(
    'Sit back, then push the hips forward into line.', 'Slide your hip up a wall in front of you.',
    'The hips sink back.', 'Elbow on a pad; a sore shoulder gets a higher support.',
    ['Hips stay back', 'Squeeze the seat, hips forward.'], ['Hangs in the shoulder', 'Push the elbow into the floor.'],
  ),
  'feet': say(
    'Long side from the elbow to the outer foot.', 'Stand tall on your elbow, back to a wall.',
    'The hips sink or turn.', 'Top foot ahead of the lower one; ten seconds again and again beat one long sag.',
    ['Hips sink', 'Shorter holds, more of them.'], ['Turns to the floor', 'Top hand on the hip, chest open.'],
  ),
  'star': say(
    'Stack hip over hip, then open arm and leg.', 'Fill a doorway with four limbs.',
    'The top hip rolls forward or back.', 'Only where the shoulder below is quiet.',
    ['Rolls back', 'Lower the leg a hand.'], ['Neck bends to the floor', 'Look straight ahead.'],
  ),
  'top-leg-raised': say(
    'Lift from the side of the seat, toes forward.', 'Keep the top foot level with a table edge.',
    'The pelvis turns back as the leg lifts.', 'Hip that pinches: leg lower and a little behind.',
    ['Hips turn back', 'Toes point forward.'], ['Waist shortens above', 'Push up from the elbow again.'],
  ),
  'bottom-leg': say(
    'Squeeze the inner thigh of the upper leg into the bench.', 'Hang from the top foot like a gate.',
    'The groin pulls or the hips sink.', 'Bent knee on the bench first; a sore groin leaves it out.',
    ['Hips sink', 'Knee, not foot, on the bench.'], ['Lower leg swings', 'Lift it slowly, hold, lower.'],
  ),
  'hip-lifts': say(
    'Down and up in one plane, waist does it.', 'Ride a lift between two panes of glass.',
    'The hips swing forward or back on the way.', 'No bounce at the floor.',
    ['Swings between the panes', 'Smaller way, back at a wall.'], ['Drops down', 'Two seconds each way.'],
  ),
  'ball-lean': say(
    'Lean from the waist, not from the neck.', 'Bend over a barrel and come up again.',
    'The trunk turns on the way up.', 'Feet held against a wall, ball firm.',
    ['Turns to the front', 'Top shoulder back, hand on the ribs.'], ['Pulls the head', 'Arms crossed.'],
  ),
  'weight-on-hip': say(
    'Lift the plate to the ceiling with the lower side.', 'Carry the plate level, like a tray.',
    'The hips sink under the plate.', 'A hand on the plate; a helper lays heavy ones.',
    ['Sinks as it lands', 'Lighter; set the line first.'], ['Plate slides', 'Towel under it, hand on it.'],
  ),
  'band-push-knees': say(
    'First the shoulder blade alone, arm straight.', 'Push the band into the wall ahead with one finger’s way.',
    'The chest turns back with the band.', 'A light band while it is new.',
    ['Chest turns', 'Nearer to the anchor: less pull.'], ['Knees roll', 'Hips forward first.'],
  ),
  'band-push': say(
    'Chest stays side-on while the arm presses.', 'Do not let the band turn you on to your back.',
    'The band turns the chest back.', 'Clean side plank and press-out first; light band.',
    ['Chest turns back', 'Blade only, arm straight.'], ['Hips sink as the arm goes', 'On the knees again.'],
  ),
  'band-pull': say(
    'Elbow to the ribs, chest square.', 'Pull a drawer open without tipping the chest.',
    'The band turns you on to your face.', 'No slack at arm’s length; light band.',
    ['Turns to the front', 'Lighter band, slower return.'], ['Shoulder shrugs', 'Blade first, then the elbow.'],
  ),
}
