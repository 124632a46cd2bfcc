import { flagFacts, redFlags } from '../screening/marks'
import type { DrillAsked } from './drill'
import { COMMON_PRACTICE, type Rule } from './rule'

/** Red flags stop everything and refer on. */
export const redFlag: Rule<'redFlag', null, DrillAsked> = {
  id: 'redFlag', scope: 'drill', severity: 'stop', title: 'A red flag stops everything', value: null,
  source: COMMON_PRACTICE,
  breaks: ({ screen }) => redFlags(screen.flags).map(id => `${flagFacts(id).name}: refer first, no programme.`),
}
