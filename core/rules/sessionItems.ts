import { isFixed, type BrokenAt, type SessionAsked } from './asked'
import { COMMON_PRACTICE, type Rule } from './rule'

/** Few drills, placed well. */
const MOST = 5

export const sessionItems: Rule<'sessionItems', number, SessionAsked, BrokenAt> = {
  id: 'sessionItems', scope: 'session', severity: 'warn', title: 'A session holds only so many drills', value: MOST,
  source: COMMON_PRACTICE,
  breaks: ({ session }) => {
    const count = session.items.filter(item => !isFixed(item)).length
    return count > MOST
      ? [{ sessionId: session.id, itemId: null, text: `${count} drills in one session: ${MOST} are enough.` }]
      : []
  },
}
