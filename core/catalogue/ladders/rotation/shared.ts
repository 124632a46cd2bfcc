import type { Variation } from '../../variation'

/** What most rungs have in common. */
export const shared = {
  shares: { rotation: 0.8, antiRotation: 0.2 },
  mode: 'dynamic',
  sides: 'each',
  muscles: ['externalObliques', 'internalObliques', 'gluteals', 'adductors', 'latissimus'],
  tires: ['shoulders'],
  cues: { inside: 'The navel faces where the feet face.', outside: 'Turn your belt buckle to the target.' },
  faults: [
    { see: 'Low back turns alone', fix: 'Pivot the rear foot; hips and chest together.' },
    { see: 'Return is dropped', fix: 'Control the way back: it is half of the drill.' },
  ],
  stopSign: 'The turn comes from the low back, or speed runs away.',
  breath: 'exhaleOnEffort',
  braceStep: 4,
  hazards: ['loadedRotation'],
  fatigue: 2,
  spineCost: 2,
  settings: ['bandN', 'distanceCm', 'stance'],
} satisfies Partial<Variation>
