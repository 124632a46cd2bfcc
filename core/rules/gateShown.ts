import { gateProgress } from '../assessment/gate'
import { gateText } from '../catalogue'
import type { ProgressAsked } from './progressAsked'
import { roomForMore } from './roomForMore'
import { COMMON_PRACTICE, type Rule } from './rule'

/**
 * A rung is left once its gate was met, clean and not too hard, in as many sessions running as it asks, up to and with
 * the latest.
 */
export const gateShown: Rule<'gateShown', null, ProgressAsked> = {
  id: 'gateShown', scope: 'progress', severity: 'warn', title: 'A rung is left when its gate is met', value: null,
  source: COMMON_PRACTICE,
  breaks: ({ variation, sessions, massKg }) => {
    const sets = sessions.flatMap(session => session.sets)
    const { running } = gateProgress(variation, sets, massKg, roomForMore.value.mostEffort)
    return running >= variation.gate.sessions
      ? []
      : [`The gate, ${gateText(variation, massKg)}, was met ${running === 0 ? 'in none' : `in ${running}`} so far.`]
  },
}
