import { say, type Words } from './say'

export const plankLimbs: Words = {
  'bench-tap': say(
    'Both hip bones look at the floor as a hand leaves.', 'The bench must not know which hand is gone.',
    'A hip drops as the hand goes.', 'A bench that cannot tip.',
    ['Hips sway to the side', 'Feet wider than the mat.'], ['Taps in a hurry', 'Two seconds with both hands down.'],
  ),
  'leg-lift': say(
    'Squeeze the seat of the leg that lifts, no higher than the hip.', 'Slide the heel along the wall behind you.',
    'The pelvis tips up on the side of the leg.', 'Sore wrists: on fists, or the same on the elbows.',
    ['Low back arches with the leg', 'Lift it a hand, not more.'], ['Weight falls into one hand',
    'Push both hands down first.'],
  ),
  'shoulder-tap': say(
    'Hips stay square to the floor.', 'The hand lands without a sound.',
    'The hips turn with the tap.', 'One shoulder carries all for a moment: no tapping through pain there.',
    ['Hips turn', 'Widen the feet, bring the hands closer.'], ['Rush from side to side',
    'Pause with all supports down between repeats.'],
  ),
  'arm-reach': say(
    'The shoulder that stays pushes the floor away.', 'Reach for the far wall, thumb up.',
    'The trunk slides over to the side that stays.', 'Reach only as high as the ear where the shoulder pinches.',
    ['Trunk slides to the side', 'Feet wider, shorter reach.'], ['Rib cage lifts with the arm',
    'Breathe out, then reach.'],
  ),
  'two-point': say(
    'Long from fingers to heel, belly towards the spine on every breath out.',
    'Lay a stick along the back: it must not roll.',
    'The stick would roll.', 'First on hands and knees; stop when the wrist or the low back speaks.',
    ['Tips over the free side', 'Hand and foot closer to the midline.'], ['Leg swings up', 'Foot below hip height.'],
  ),
  'two-point-eyes': say(
    'Feel the floor with the whole palm and the ball of the foot.', 'Hold still for a photograph in the dark.',
    'A step, a turn or an opened eye.', 'Free floor round you; nobody walks through.',
    ['Wobbles in the ankle', 'Wider foot, shoes off.'], ['Holds the breath in the dark', 'Count aloud.'],
  ),
}
