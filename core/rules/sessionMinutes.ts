import { layOutSession } from '../programme/week/sessionLayout'
import type { BrokenAt, SessionAsked } from './asked'
import { COMMON_PRACTICE, type Rule } from './rule'

/** A session ends when its minutes do. */
export const sessionMinutes: Rule<'minutes', null, SessionAsked, BrokenAt> = {
  id: 'minutes', scope: 'session', severity: 'warn', title: 'A session fits its minutes', value: null,
  source: COMMON_PRACTICE,
  breaks: ({ session, context }) => {
    const overS = layOutSession(session, context.screen.catalogue).totalS - session.minutes * 60
    return overS > 0
      ? [{
        sessionId: session.id, itemId: null,
        text: `${Math.ceil(overS / 60)} min longer than the ${session.minutes} min there are.`,
      }]
      : []
  },
}
