import { reps } from '../doses'
import { defineLadder } from '../ladder'

/** Plank with limbs moving. All doses and gates: common practice, no source. */
export const plankWithLimbs = defineLadder(
  { id: 'plank-limbs', name: 'Plank with limbs', aim: 'Resist turning and arching while a support leaves the floor.' },
  {
    shares: { antiExtension: 0.5, antiRotation: 0.5 },
    mode: 'limbMoving',
    posture: 'prone',
    equipment: [],
    sides: 'each',
    muscles: ['rectusAbdominis', 'internalObliques', 'externalObliques', 'gluteals', 'serratus'],
    tires: ['shoulders'],
    cues: { inside: 'Hips stay square to the floor.', outside: 'Nothing laid on your back may fall.' },
    faults: [
      { see: 'Hips turn', fix: 'Widen the feet, bring the hands closer.' },
      { see: 'Rush from side to side', fix: 'Pause with all supports down between repeats.' },
    ],
    stopSign: 'The hips turn or the low back drops.',
    breath: 'breatheBehind',
    braceStep: 5,
    hazards: ['prone', 'wristLoad', 'shoulderLoad'],
    fatigue: 2,
    spineCost: 1,
    settings: ['stance'],
  },
  [
    {
      key: 'leg-lift',
      name: 'Hand plank, lift one leg',
      purpose: 'Keeps the pelvis square when one foot leaves the floor.',
      setUp: 'Hand plank, feet wide. Lift one straight leg a hand high, pause, lower.',
      doses: [reps(2, 5, '1-2-1-0', 30), reps(3, 5, '1-2-1-0', 30)],
      gate: { sets: 3, amount: 6, sessions: 2, seen: 'Pelvis level on both sides.' },
    },
    {
      key: 'shoulder-tap',
      name: 'Shoulder tap, feet wide',
      purpose: 'Resists turning when an arm leaves the floor.',
      setUp: 'Hand plank, feet wide, hands close. Touch the opposite shoulder, put the hand down, pause.',
      doses: [reps(2, 6, '1-1-1-1', 30), reps(3, 6, '1-1-1-1', 30)],
      gate: { sets: 3, amount: 8, sessions: 2, seen: 'Hips still, hand lands without a sound.' },
    },
    {
      key: 'arm-reach',
      name: 'Three-point plank, arm reached',
      purpose: 'Longer arm, longer pause, same square hips.',
      setUp: 'Hand plank, feet wide. Reach one arm ahead, hold three seconds.',
      doses: [reps(2, 5, '1-3-1-0', 30), reps(3, 5, '1-3-1-0', 30)],
      gate: { sets: 3, amount: 6, sessions: 2, seen: 'No shift to the side.' },
    },
    {
      key: 'two-point',
      name: 'Two-point plank, opposite arm and leg',
      purpose: 'The least support the straight line can stand on.',
      setUp: 'Hand plank. Reach one arm and the opposite leg, hold, change.',
      fatigue: 3,
      spineCost: 2,
      doses: [reps(2, 4, '1-3-1-0', 45), reps(3, 5, '1-3-1-0', 45)],
      gate: { sets: 3, amount: 6, sessions: 2, seen: 'A stick along the back stays level.' },
    },
  ],
)
