import type { DrillAsked } from './drill'
import { COMMON_PRACTICE, type Rule } from './rule'

export const prerequisite: Rule<'prerequisite', null, DrillAsked> = {
  id: 'prerequisite', scope: 'drill', severity: 'stop', title: 'What must come first has been reached', value: null,
  source: COMMON_PRACTICE,
  breaks: ({ variation, screen }) =>
    (variation.prerequisites ?? []).flatMap((id) => {
      const first = screen.catalogue.find(id)
      return first && (screen.rungs[first.ladder] ?? 1) < first.rung ? [`${first.name} comes first.`] : []
    }),
}
