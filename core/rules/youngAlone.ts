import { screenOn } from '../programme/week/context'
import { flagFacts } from '../screening/marks'
import type { PlaceAsked } from './asked'
import { ageBand } from './age'
import { COMMON_PRACTICE, type Rule } from './rule'
import { asksWatching, isAlone } from './supervision'

/**
 * Below this age, and in a growth spurt, work that asks for somebody who watches is not done alone, whoever wants it.
 */
const BELOW = 16

export const youngAlone: Rule<'youngAlone', number, PlaceAsked> = {
  id: 'youngAlone', scope: 'place', severity: 'stop', title: 'The young do not train alone what asks for supervision',
  value: BELOW, source: COMMON_PRACTICE,
  breaks: ({ item, variation, session, context }) => {
    const screen = screenOn(context, session.day)
    const young = (ageBand(screen.ageYears)?.below ?? Infinity) <= BELOW
      || screen.flags.some(mark => flagFacts(mark).supervised)
    return young && isAlone(item, session) && asksWatching(variation, screen)
      ? ['Only with somebody who watches: technique comes before load.']
      : []
  },
}
