import { isFixed, isWakingUp, type BrokenAt, type WeekAsked } from './asked'
import { COMMON_PRACTICE, type Rule } from './rule'

/** Appearances of one drill in a week; the brace is a course and practised every time. */
const MOST = 2
const COURSE = 'brace.'

export const weekRepeats: Rule<'weekRepeats', number, WeekAsked, BrokenAt> = {
  id: 'weekRepeats', scope: 'week', severity: 'warn', title: 'A drill comes only so often in a week', value: MOST,
  source: COMMON_PRACTICE,
  breaks: ({ plan }) => {
    const seen = new Map<string, number>()
    return plan.sessions.flatMap(session =>
      session.items.filter(item => !isFixed(item) && !isWakingUp(item) && !item.variationId.startsWith(COURSE)).flatMap(
        (item): BrokenAt[] => {
          const count = (seen.get(item.variationId) ?? 0) + 1
          seen.set(item.variationId, count)
          return count > MOST
            ? [{
              sessionId: session.id, itemId: item.id,
              text: `The same drill for the ${count}. time this week: ${MOST} are enough.`,
            }]
            : []
        },
      )
    )
  },
}
