import type { Variation } from '../../variation'

/** What most rungs have in common. */
export const shared = {
  shares: { rotation: 0.8, antiRotation: 0.2 },
  mode: 'dynamic',
  sides: 'each',
  muscles: ['externalObliques', 'internalObliques', 'gluteals', 'adductors', 'latissimus'],
  tires: ['shoulders'],
  breath: 'exhaleOnEffort',
  braceStep: 4,
  hazards: ['loadedRotation'],
  fatigue: 2,
  spineCost: 2,
  settings: ['bandN', 'distanceCm', 'stance'],
} satisfies Partial<Variation>
