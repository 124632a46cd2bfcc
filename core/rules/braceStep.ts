import type { DrillAsked } from './drill'
import { COMMON_PRACTICE, type Rule } from './rule'

/** The brace is taught and verified before load goes on. */
export const braceStep: Rule<'braceStep', null, DrillAsked> = {
  id: 'braceStep', scope: 'drill', severity: 'stop', title: 'The brace step comes first', value: null,
  source: COMMON_PRACTICE,
  breaks: (
    { variation, screen },
  ) => (variation.braceStep > screen.braceStep
    ? [`Brace step ${variation.braceStep} comes first (now ${screen.braceStep}).`]
    : []),
}
