import { UNTIL_CLEARED } from '../screening/flags'
import { flagFacts } from '../screening/marks'
import type { DrillAsked } from './drill'
import { COMMON_PRACTICE, type Rule } from './rule'

/** "Clearance first" is a gate and not a sentence: until it is written down only a named short list is open. */
export const clearanceFirst: Rule<'clearance', readonly string[], DrillAsked> = {
  id: 'clearance', scope: 'drill', severity: 'stop', title: 'A clearance comes first', value: UNTIL_CLEARED,
  source: COMMON_PRACTICE,
  breaks: ({ variation, screen }) => (UNTIL_CLEARED.includes(variation.id)
    ? []
    : screen.flags.filter(mark => flagFacts(mark).clearanceFirst)
      .map(mark =>
        `${flagFacts(mark).name}: until a clinician’s clearance is written down only a short list is open.`
      )),
}
