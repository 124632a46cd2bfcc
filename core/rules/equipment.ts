import type { DrillAsked } from './drill'
import { COMMON_PRACTICE, type Rule } from './rule'

export const equipment: Rule<'equipment', null, DrillAsked> = {
  id: 'equipment', scope: 'drill', severity: 'stop', title: 'What a drill needs is at hand', value: null,
  source: COMMON_PRACTICE,
  breaks: ({ variation, screen }) =>
    variation.equipment.filter(need => !need.some(item => screen.equipment.includes(item)))
      .map(need => `Needs equipment that is not at hand: ${need.join(' or ')}.`),
}
