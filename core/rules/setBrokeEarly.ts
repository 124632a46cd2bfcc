import { COMMON_PRACTICE, type Rule } from './rule'
import type { SetDone } from './setDone'

/** After a set whose form broke before its end the next one is as long as form held. */
export const setBrokeEarly: Rule<'setBrokeEarly', null, SetDone> = {
  id: 'setBrokeEarly', scope: 'set', severity: 'warn', title: 'Shorter where form broke early', value: null,
  source: COMMON_PRACTICE,
  breaks: ({ broke, done, asked }) => (broke && done < asked ? [`Form broke at ${done}: as long as it holds.`] : []),
}
