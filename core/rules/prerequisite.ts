import type { DrillAsked } from './drill'
import { COMMON_PRACTICE, type Rule } from './rule'

export const prerequisite: Rule<'prerequisite', null, DrillAsked> = {
  id: 'prerequisite', scope: 'drill', severity: 'stop', title: 'What must come first has been reached', value: null,
  source: COMMON_PRACTICE,
  breaks: ({ variation, screen: { catalogue, rungs } }) =>
    [...(variation.prerequisites ?? []), ...variation.after].flatMap((id) => {
      const first = catalogue.find(id)
      // The rung below on the same branch is the gate's to ask.
      if (!first || first.branch === variation.branch) return []
      return (rungs[first.branch] ?? 1) < first.rung ? [`${first.name} comes first.`] : []
    }),
}
