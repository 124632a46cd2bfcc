import { say, type Words } from './say'

export const pressOut: Words = {
  'tall-kneeling': say(
    'Navel and breastbone face the same way.', 'Push the handle along a rail to the wall ahead.',
    'The hands drift towards the anchor.', 'Pad under the knees; anchor checked.',
    ['Hips or shoulders turn', 'Step nearer the anchor; one second out and back.'], ['Ribs flare',
    'Exhale, then press.'],
  ),
  'quick': say(
    'One brace for all ten, hands quick, trunk dead.', 'Knock on the wall ahead and be back before it answers.',
    'The trunk answers the speed.', 'Same band as slow, or less.',
    ['Brace fades after five', 'Sets of five.'], ['Hands curve', 'Along the rail, even when quick.'],
  ),
  'half-kneeling': say(
    'Both hip bones look ahead, seat of the knee that is down squeezed.',
    'Kneel on a narrow plank between two ditches.',
    'The front knee falls in or out.', 'Inside knee down; a cushion under it.',
    ['Front knee wanders', 'Wider plank: foot out a little.'], ['Leans away', 'Less band.'],
  ),
  'standing': say(
    'Knees soft, weight on both whole feet.', 'Stand on two scales that must show the same.',
    'The weight goes to one foot.', 'Floor that grips; the band at chest height.',
    ['Weight shifts', 'Feet wider, less pull.'], ['Locks the knees', 'Unlock, hips back a thumb.'],
  ),
  'standing-hold': say(
    'Arms long, breath easy, waist hard.', 'Hold a steering wheel in a storm.',
    'Hands sink or drift.', 'Ten seconds good beat thirty shaking.',
    ['Hands sink', 'Bring them in a hand.'], ['Breath stops', 'Count aloud.'],
  ),
  'split-stance-hold': say(
    'Back heel high, pelvis square over a narrow base.', 'Stand on railway tracks while the wind blows from the side.',
    'The back hip swings out.', 'Shorter stance if the balance goes first.',
    ['Back hip swings', 'Squeeze that seat.'], ['Hands creep in', 'Less band, same length.'],
  ),
  'letters': say(
    'Only the arms write, hips back and wide.', 'Write letters as large as a plate on the air ahead.',
    'The trunk writes along.', 'One or two rounds of the alphabet, no more.',
    ['Trunk writes along', 'Smaller letters.'], ['Elbows bend', 'Rest after each five letters.'],
  ),
  'overhead': say(
    'Ribs stay down on the way overhead.', 'Post the handle on a high shelf straight ahead.',
    'The ribs lift or the hands drift.', 'Shoulders that pinch stop at eye height.',
    ['Ribs lift', 'Stop at the forehead.'], ['Drifts to the anchor above the head', 'Less band.'],
  ),
  'low-to-high': say(
    'Squeeze the seat as the hands rise across.', 'Throw a scarf over the far shoulder.',
    'The back bends to get there.', 'Anchor low and fast; face out of its line.',
    ['Bends to the side', 'Lower end point.'], ['Turns the hips too', 'Feet screwed into the floor.'],
  ),
  'high-to-low': say(
    'Keep tall as the hands go down across.', 'Press a cork under water on the far side.',
    'The trunk folds with the hands.', 'Anchor above head height, checked.',
    ['Folds at the waist', 'Chest up, hands stop at the hip.'], ['Shoulder rolls forward', 'Long neck, blade down.'],
  ),
  'with-squat': say(
    'Arms do not know that the legs move.', 'Keep the handle in one ring while you sit and stand.',
    'The hands leave the ring.', 'Only as deep as the hands stay.',
    ['Hands drift at the bottom', 'Higher box.'], ['Knees fall in', 'Push the knees apart.'],
  ),
  'oscillating': say(
    'Answer every tug with the belly, not with the arms.', 'Hold the rope still while somebody shakes its end.',
    'The hands move with the tug.', 'The partner begins gently and stays in sight.',
    ['Arms answer', 'Smaller tugs, hands nearer.'], ['Feet shuffle', 'Wider base, ten seconds a stance.'],
  ),
}
