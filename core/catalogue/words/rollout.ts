import { say, type Words } from './say'

export const rollout: Words = {
  'ball-kneeling': say(
    'Hips travel with the ball, ribs down.', 'Roll the ball with your forearms like dough.',
    'The back dips at the far point.', 'A ball that is firm; pad for the knees.',
    ['Seat stays back', 'Hips first, then the arms.'], ['Ball runs away', 'Press it into the floor.'],
  ),
  'band-assisted': say(
    'Keep the tuck when the band helps.', 'Let the band carry the last hand of the way, no more.',
    'The band does the work, or the back drops where it helps least.',
    'Anchor and band checked; face out of the band’s line.',
    ['Hangs in the band', 'Lighter band, shorter way.'], ['Back drops half way', 'More band until it does not.'],
  ),
  'wheel-to-wall': say(
    'Belly long but never hanging.', 'Touch the wall with the wheel, not with your weight.',
    'The low back drops before the wheel meets the wall.', 'The wall closer than you think: a thumb’s breadth a week.',
    ['Bumps into the wall', 'A hand farther back is too far: return.'], ['Arms pull it back alone',
    'Squeeze the seat to come home.'],
  ),
  'wheel-kneeling': say(
    'Lead with the hips, ribs down.', 'Roll towards the wall, not towards the floor.',
    'The lower back drops.', 'Not through pain in the shoulder or low back; starting slightly rounded is allowed.',
    ['Lower back drops', 'Shorten the range; back to the wall for a week.'],
    ['Shoulder gives out at full reach', 'Add pullovers and overhead carries before more range.'],
  ),
  'barbell': say(
    'Five seconds out with the same tuck at five as at one.', 'Push the bar out as if through sand, snatch it home.',
    'The last second is a fall.', 'Collars on, plates that roll true, nobody’s fingers near them.',
    ['Falls through the last part', 'Count aloud, stop at four.'], ['Bar swings to one side',
    'Even grip, look between the hands.'],
  ),
  'vest-rollout': say(
    'The vest may not show in your low back.', 'Carry the vest out and back without creasing it.',
    'The first repeat that looks different from the unloaded ones.',
    'A vest that sits tight; two good weeks without it first.',
    ['Drops at the turn', 'Half the weight in the vest.'], ['Breath held all the way', 'Out on the way home.'],
  ),
  'strap-fall-out': say(
    'Fall as one piece from ear to heel.', 'Push the handles away along two rails.',
    'The hips stay behind or the back bows.', 'Anchor above head height, checked; floor that grips.',
    ['Bows in the middle', 'Feet back a step: less lean.'], ['Arms bend', 'Lock them before you lean.'],
  ),
  'strap-one-arm': say(
    'The ribs stay square though only one arm is held.', 'Do not let the strap spin you.',
    'The trunk turns towards the strap.', 'Steep first; both arms clean three weeks before one.',
    ['Turns open', 'Steeper, free hand on the ribs.'], ['Shoulder slides up', 'Pull the blade into the back pocket.'],
  ),
  'push-up-walkout': say(
    'Tuck first, then walk; the back is to feel nothing.', 'Measure the mat with your hands.',
    'The low back feels the next step.', 'Floor that grips; bent knees for short hamstrings.',
    ['Hips sag with the last step', 'One step less.'], ['Hips swing with the hands', 'Small steps, feet wide.'],
  ),
  'ball-plank-rollout': say(
    'Still the ball before it moves.', 'Draw a straight chalk line with the ball.',
    'The ball leaves its line.', 'Free floor; five good ones are many.',
    ['Ball wanders', 'Feet wider, roll a hand only.'], ['Hips pike to bring it back',
    'Pull with the belly, elbows to ribs.'],
  ),
  'standing-lowering': say(
    'Seat tight before the wheel leaves the toes.', 'Lower a bridge, second by second.',
    'It speeds up: lie down and end the repeat.', 'Mat under the chest; never trained by anyone under sixteen.',
    ['Speeds up past half way', 'Wall or band at that point.'], ['Hips bend to get lower',
    'Higher axle or a step under the wheel.'],
  ),
  'standing-full': say(
    'Hips lead out and lead back.', 'Fold home like a pocket knife, closing from the hips.',
    'The back drops on the way out or hips alone come back.',
    'The rarest rung: two or three repeats, fresh, with a coach.',
    ['Comes back with bent arms', 'Back to lowering only.'], ['Back drops at full reach',
    'Wall at the length that still holds.'],
  ),
  'band-outwards': say(
    'Pull the wheel home with the belly against the band.', 'The band wants the wheel at the wall: do not give it.',
    'The band wins the last hand of the way.', 'Band and anchor checked; let go of the wheel, not of the shape.',
    ['Pulled out too fast', 'Lighter band, count four out.'], ['Ribs flare at the end', 'Stop a hand before it.'],
  ),
  'pullover': say(
    'Ribs stay down as the weight goes past the ears.', 'Pour water out of a bucket behind you, slowly.',
    'The ribs lift or the elbows bend to get lower.', 'Weight held safely over the face: a partner hands it over.',
    ['Ribs lift', 'Stop where they begin to, even half way.'], ['Elbows do it', 'Nearly straight, and stay so.'],
  ),
  'ring-fly': say(
    'Arms open from the chest, belly as in a plank.', 'Hug a barrel, let it grow, and hug it small again.',
    'The shoulder slides forward, or the hips sag.', 'High rings first; never into pain at the front of the shoulder.',
    ['Hips sag as the arms open', 'Stand steeper.'], ['Elbows straighten', 'Softly bent all the way.'],
  ),
}
