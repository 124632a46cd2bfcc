import { AMOUNT_STEP } from '../dose'
import { COMMON_PRACTICE, type Rule } from './rule'
import type { SetDone } from './setDone'

/** Two over, clean: the next set stays as it is, and it is said. More is decided between sessions. */
export const setOver: Rule<'setOver', { readonly steps: number }, SetDone> = {
  id: 'setOver', scope: 'set', severity: 'taste', title: 'Two over changes nothing today', value: { steps: 2 },
  source: COMMON_PRACTICE,
  breaks: ({ unit, asked, done, broke }) => {
    const over = done - asked
    return !broke && over >= setOver.value.steps * AMOUNT_STEP[unit]
      ? [`${over} over, clean: the same again today, and your coach sees it.`]
      : []
  },
}
