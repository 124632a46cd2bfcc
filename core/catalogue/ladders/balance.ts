import { holds, reps } from '../doses'
import { defineLadder } from '../ladder'

/** Balance. All doses and gates: common practice, no source. */
export const balance = defineLadder(
  { id: 'balance', name: 'Balance', aim: 'Keep the trunk one piece over one leg.' },
  {
    shares: { antiFlexion: 0.45, antiRotation: 0.4, antiLateralFlexion: 0.15 },
    mode: 'balance',
    posture: 'singleLeg',
    equipment: [],
    sides: 'each',
    muscles: ['gluteals', 'erectorSpinae', 'internalObliques'],
    tires: ['hips'],
    cues: { inside: 'Big toe down, pelvis square.', outside: 'Point both headlights of the hips at the floor.' },
    faults: [
      { see: 'Pelvis opens', fix: 'Toe tap behind, smaller hinge.' },
      { see: 'Foot rolls', fix: 'Firm floor, shoes off.' },
    ],
    stopSign: 'The pelvis opens or the foot leaves the floor.',
    breath: 'breatheBehind',
    braceStep: 4,
    hazards: [],
    fatigue: 1,
    spineCost: 1,
    settings: ['stance'],
  },
  [
    {
      key: 'hinge-toe-tap',
      name: 'Single-leg hinge, toe tap',
      purpose: 'Finds the hinge on one leg with a foot to catch you.',
      setUp: 'Stand on one leg, hinge, tap the other toe behind.',
      mode: 'balance',
      doses: [reps(2, 6, '2-1-2-0', 30), reps(3, 6, '2-1-2-0', 30)],
      gate: { sets: 3, amount: 8, sessions: 2, seen: 'Tap without weight.' },
    },
    {
      key: 'airplane-hinge',
      name: 'Airplane hinge hold',
      purpose: 'Holds the level line over one leg.',
      setUp: 'Hinge on one leg, free leg in line, arms out, hold level.',
      doses: [holds(2, 15, 30), holds(2, 30, 30)],
      gate: { sets: 2, amount: 30, sessions: 2, seen: 'Level hips for thirty seconds.' },
    },
    {
      key: 'hinge-reach',
      name: 'Single-leg hinge with reach',
      purpose: 'Balance with the arms asking for more.',
      setUp: 'Hinge on one leg, reach both hands long ahead, return.',
      fatigue: 2,
      settings: ['loadKg'],
      doses: [reps(2, 6, '3-1-2-0', 45), reps(3, 8, '3-1-2-0', 45)],
      gate: { sets: 3, amount: 8, sessions: 2, seen: 'No wobble at the far point.' },
    },
    {
      key: 'cross-crunch',
      name: 'Standing cross-crunch from a star stance',
      purpose: 'Elbow meets knee over one leg, chest lifted.',
      shares: { flexion: 0.35, rotation: 0.35, antiLateralFlexion: 0.3 },
      hazards: ['flexion'],
      breath: 'exhaleOnEffort',
      fatigue: 2,
      setUp: 'Arms and legs wide; bring elbow and opposite knee together, open again.',
      doses: [reps(2, 8, '1-0-1-1', 30), reps(3, 8, '1-0-1-1', 30)],
      gate: { sets: 3, amount: 12, sessions: 2, seen: 'Standing leg still.' },
    },
  ],
)
