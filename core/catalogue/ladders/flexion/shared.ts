import type { Variation } from '../../variation'

/** What most rungs have in common. */
export const shared = {
  shares: { flexion: 1 },
  mode: 'dynamic',
  posture: 'supine',
  equipment: [],
  sides: 'both',
  muscles: ['rectusAbdominis', 'externalObliques', 'internalObliques'],
  tires: [],
  breath: 'exhaleOnEffort',
  braceStep: 3,
  hazards: ['supine', 'flexion'],
  fatigue: 2,
  spineCost: 2,
  settings: [],
} satisfies Partial<Variation>
