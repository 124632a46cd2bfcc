import { LOCKING_TIMES } from '../screening/pain'
import type { DrillAsked } from './drill'
import { COMMON_PRACTICE, type Rule } from './rule'

/** Pain twice running at a drill locks it and asks for a referral. */
export const painTwice: Rule<'painTwice', number, DrillAsked> = {
  id: 'painTwice', scope: 'drill', severity: 'stop', title: 'Pain twice running locks a drill', value: LOCKING_TIMES,
  source: COMMON_PRACTICE,
  breaks: (
    { variation, screen },
  ) => ((screen.pain ?? []).some(one => one.variationId === variation.id && one.state === 'locked')
    ? ['It hurt twice running: locked until a clinician has looked at it.']
    : []),
}
