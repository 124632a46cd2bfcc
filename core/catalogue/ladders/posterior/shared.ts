import type { Variation } from '../../variation'

/** What most rungs have in common. */
export const shared = {
  mode: 'dynamic',
  equipment: [],
  sides: 'both',
  muscles: ['gluteals', 'erectorSpinae'],
  tires: ['hips'],
  breath: 'exhaleOnEffort',
  braceStep: 3,
  fatigue: 1,
  spineCost: 1,
  settings: [],
} satisfies Partial<Variation>
