import { policyRemoval } from '../policy'
import type { PlaceAsked } from './asked'
import { COMMON_PRACTICE, type Rule } from './rule'

/** What the school and its lines leave out: taste, not safety. */
export const policy: Rule<'policy', null, PlaceAsked> = {
  id: 'policy', scope: 'place', severity: 'warn', title: 'The policy’s taste is kept', value: null,
  source: COMMON_PRACTICE,
  breaks: ({ variation, context }) => {
    const found = policyRemoval(variation, context.rules.policy)
    return found ? [found] : []
  },
}
