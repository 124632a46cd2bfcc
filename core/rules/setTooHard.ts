import { COMMON_PRACTICE, type Rule } from './rule'
import type { SetDone } from './setDone'

/** After a set with next to nothing left the next one is a step less. */
export const setTooHard: Rule<'setTooHard', { readonly effort: number }, SetDone> = {
  id: 'setTooHard', scope: 'set', severity: 'warn', title: 'One fewer after an effort of 9 or 10', value: { effort: 9 },
  source: COMMON_PRACTICE,
  breaks: ({ effort }) =>
    (effort !== null && effort >= setTooHard.value.effort ? [`Effort ${effort}: a step less.`] : []),
}
