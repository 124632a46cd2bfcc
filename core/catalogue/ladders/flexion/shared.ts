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
  cues: { inside: 'Ribs towards the hips.', outside: 'Peel the shirt off the floor bone by bone.' },
  faults: [
    { see: 'Neck leads', fix: 'Eyes up, mouth open, talk.' },
    { see: 'Momentum', fix: 'Two seconds up, two down.' },
  ],
  stopSign: 'The neck leads or the swing starts.',
  breath: 'exhaleOnEffort',
  braceStep: 3,
  hazards: ['supine', 'flexion'],
  fatigue: 2,
  spineCost: 2,
  settings: [],
} satisfies Partial<Variation>
