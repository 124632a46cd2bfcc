import type { DrillAsked } from './drill'
import { COMMON_PRACTICE, type Rule } from './rule'

/** No rung is skipped: the gates below a drill are met before it is given. */
export const gateMet: Rule<'rung', null, DrillAsked> = {
  id: 'rung', scope: 'drill', severity: 'stop', title: 'The gates below are met', value: null, source: COMMON_PRACTICE,
  breaks: ({ variation, screen }) => {
    const present = screen.rungs[variation.branch] ?? 1
    return variation.rung > present ? [`Rung ${variation.rung} of its branch; the athlete stands on ${present}.`] : []
  },
}
