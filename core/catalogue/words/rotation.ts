import { say, type Words } from './say'

export const rotation: Words = {
  'upper-back-roll': say(
    'Turn from the ribs, breathe out into the end of the way.', 'Look at the wall behind you over a ball.',
    'The low back arches instead.', 'Stop short of any pinch; write down which side turns less.',
    ['Pelvis turns too', 'Knees squeezed together.'], ['Rushes through the end', 'Pause for a breath there.'],
  ),
  'lunge-turn': say(
    'Chest turns over a pelvis that stays.', 'Show the front knee your breastbone.',
    'The front knee or the pelvis goes along.', 'Back knee off the floor; hold a wall where balance is new.',
    ['Front knee falls in', 'Foot flat, knee over it.'], ['Arms turn, chest does not', 'Hands on the breastbone.'],
  ),
  'lunge-turn-away': say(
    'Turn away from the front leg, hip behind you long.', 'Look over the back shoulder at the door.',
    'The back hip bends or the front knee drifts.', 'Later than the turn towards the leg; smaller too.',
    ['Back hip bends', 'Squeeze the seat behind.'], ['Loses the lunge', 'Shorter step.'],
  ),
  'stick-turn': say(
    'Feet, hips, chest, in that order.', 'Sweep a circle with both ends of the stick.',
    'The chest turns before the feet.', 'Room for the stick; no speed at the ends.',
    ['Low back turns alone', 'Heel of the rear foot up.'], ['Bounces at the end', 'Stop, then turn back.'],
  ),
  'kick-through': say(
    'Pivot on hand and foot, hips low.', 'Sweep a leg under a table and back.',
    'The shoulder that carries sinks.', 'Room on both sides; not on a sore wrist or shoulder.',
    ['Shoulder sinks', 'Push the floor away first.'], ['Hips shoot up', 'Slower, lower.'],
  ),
  'push-up-turn': say(
    'At the top of the push-up open as one piece.', 'Open a heavy door with your chest.',
    'The hips come later than the shoulders.', 'Knees down is fair; end with the wrist’s first complaint.',
    ['Hips lag behind', 'Turn on the toes of both feet.'], ['Head leads', 'Look at the thumb.'],
  ),
  'plank-roll': say(
    'Shoulders and hips turn at the same moment.', 'Roll over like a log.',
    'One end arrives before the other.', 'Forearm on a pad; end it when the shoulder sinks.',
    ['Hips lag', 'Slower, feet on top of each other later.'], ['Sinks in the side plank',
    'Three seconds there, then back.'],
  ),
  'hip-dips': say(
    'Pelvis turns, ribs and elbows stay.', 'Touch the floor with each pocket in turn.',
    'The shoulders dip too, or the low back hangs.', 'Small and slow; not with back pain on turning.',
    ['Shoulders roll', 'Half the dip.'], ['Sags between dips', 'Back to the plank, then the next.'],
  ),
  'seated-turn': say(
    'Heels heavy, long back, chest turns.', 'Pass a bowl from side to side without spilling.',
    'The knees wander or the back rounds.', 'Hands only, then a light weight, then the arms farther out.',
    ['Knees wander', 'Press the heels harder.'], ['Back rounds', 'Sit up higher.'],
  ),
  'seated-punch': say(
    'Upper back turns, seat stays heavy on both sides.', 'Punch through paper straight ahead.',
    'The seat slides or the low back twists.', 'One round only, at the start or the end; fists loose.',
    ['Seat slides', 'Shorter punches.'], ['Shoulders by the ears', 'Shake them out, go on.'],
  ),
  'ball-sit-up-turn': say(
    'Turn first, then come up, no bounce.', 'Come up to shake a hand on the far side.',
    'The neck pulls or the ball bounces you up.', 'Feet held against a wall; not with back pain on bending.',
    ['Bounces off the ball', 'Pause on it.'], ['Pulls the head', 'Arms crossed.'],
  ),
  'band-turn-half-kneeling': say(
    'Hips still as stone, ribs turn above them.', 'Turn the spotlight on your chest from wall to wall.',
    'The hip bones turn along.', 'Knee on a pad; anchor checked.',
    ['Hips turn along', 'Less way, stick across the hips.'], ['Return runs away', 'Four seconds back.'],
  ),
  'band-turn-flat': say(
    'Rear foot pivots, arms long, chest and hips together.', 'Close a sliding door at chest height.',
    'The arms pull and the feet stay.', 'Step in to ease; face out of the band’s line.',
    ['Arms only', 'Lock the arms, turn the belt buckle.'], ['Rear foot stuck', 'Heel up first.'],
  ),
  'band-turn-braking': say(
    'Led by the leg out; the belly slows it back.', 'Let the band pull a heavy door shut slowly.',
    'The return runs away.', 'Some tension from the start; three seconds back, always.',
    ['Return is dropped', 'Less band until three seconds are true.'], ['Chest turns before the leg',
    'Push the rear foot first.'],
  ),
  'band-punch': say(
    'Rear leg drives, hip follows, fist last.', 'Punch the wall’s shadow and bring the band home softly.',
    'The shoulder leads or the back foot stays flat.', 'Wrist straight; band from behind, clear of the neck.',
    ['Shoulder leads', 'Push the floor, then punch.'], ['Falls into the punch', 'Weight stays between the feet.'],
  ),
  'band-turn-low-high': say(
    'From the rear foot up and across, ribs last.', 'Throw a sheaf of hay on to a wagon.',
    'The low back bends back at the top.', 'Anchor low; stop at eye height where the shoulder pinches.',
    ['Bends back at the top', 'Seat squeezed, end lower.'], ['Lifts with the arms', 'Long arms, legs begin.'],
  ),
  'lift-half-kneeling': say(
    'Tall and still below the ribs.', 'Pull the rope to the chest, then push it up the chimney.',
    'The pelvis turns or the trunk leans away.', 'Shoulders that pinch end at the forehead.',
    ['Leans away from the anchor', 'Less pull.'], ['Front knee sways', 'Foot wider.'],
  ),
  'chop-half-kneeling': say(
    'Chest travels, pelvis does not.', 'Draw a sword across to the far hip, slowly.',
    'The pelvis turns with the chop.', 'With back pain on bending stay tall and stop at the navel.',
    ['Folds over the hip', 'Stay tall, end higher.'], ['Arms bend', 'Long arms, chest does it.'],
  ),
  'chop-standing': say(
    'The navel faces where the feet face.', 'Fell a tree at hip height with a pivot of the rear foot.',
    'The feet stay and the low back turns.', 'Floor that lets the foot turn; brake the way back.',
    ['Low back turns alone', 'Pivot the rear foot; hips and chest together.'], ['Return is dropped',
    'Three seconds back.'],
  ),
  'lunge-arc': say(
    'Ribs over hips while the weight goes round.', 'Paint a rainbow from hip to hip over your head.',
    'The trunk leans with the weight.', 'Light: the arc is long; room overhead.',
    ['Leans with the weight', 'Smaller arc, lighter.'], ['Ribs flare at the top', 'Breathe out there.'],
  ),
  'pendulum-stop': say(
    'Brace before it arrives, arms long.', 'Catch a swinging gate and send it back.',
    'The feet move or the trunk turns with it.', 'Rope and hook checked, nobody in its way; about 11 kg to begin.',
    ['Feet move', 'Smaller swing.'], ['Elbows bend', 'Lock them before it comes.'],
  ),
  'ball-chop': say(
    'Load slowly, go, and stop dead.', 'Split one log at a time.',
    'The ball carries you past the stop.', 'Ball of 2-5 kg, clear space; absorb before speed.',
    ['Carried past the stop', 'Lighter ball.'], ['Loads in a hurry', 'Two seconds back.'],
  ),
  'ball-twist': say(
    'Heel, hip, ball: and back the same way.', 'Hand a parcel over to the left, to the right, to the left.',
    'The ball swings and the feet stand.', 'Light ball; stop before the back tires, not after.',
    ['Feet stand', 'Pivot the far heel.'], ['Slumps', 'Shorter: ten seconds.'],
  ),
  'ball-chop-continuous': say(
    'Same height, same speed, to the last second.', 'Beat a drum on either side.',
    'Height or speed drop.', '5 s more a session, no faster; clear space.',
    ['Gets lower with each chop', 'Stop there, rest.'], ['Holds the breath', 'Hiss on each one.'],
  ),
  'throw-to-wall': say(
    'Hips throw, arms only aim.', 'Hit the same brick every time.',
    'The catch pulls you off your feet.', 'Solid wall, a ball that does not fly back hard, nobody near.',
    ['Arms throw', 'Half speed, rear hip first.'], ['Hard catch', 'Let it bounce once.'],
  ),
  'swing': say(
    'Trunk one piece from the hip to the bell.', 'Swing a bell across a narrow stream you stand in.',
    'The trunk twists under the bell.', 'Dry hands, clear arc; the last rung of the ladder.',
    ['Twists under it', 'Smaller arc, lighter bell.'], ['Arms lift it', 'Hips drive, arms are ropes.'],
  ),
}
