import { isFixed, isWakingUp, type BrokenAt, type WeekAsked } from './asked'
import { COMMON_PRACTICE, type Rule } from './rule'

/** Appearances of one branch of a ladder in a week; the brace is a course and practised every time. */
const MOST = 3
const COURSE = 'brace'

export const ladderWeek: Rule<'ladderWeek', number, WeekAsked, BrokenAt> = {
  id: 'ladderWeek', scope: 'week', severity: 'warn', title: 'A ladder comes only so often in a week', value: MOST,
  source: COMMON_PRACTICE,
  breaks: ({ plan, context: { screen: { catalogue } } }) => {
    const seen = new Map<string, number>()
    return plan.sessions.flatMap(session =>
      session.items.filter(item => !isFixed(item) && !isWakingUp(item)).flatMap((item): BrokenAt[] => {
        const branch = catalogue.find(item.variationId)?.branch
        if (!branch || branch === COURSE) return []
        const count = (seen.get(branch) ?? 0) + 1
        seen.set(branch, count)
        return count > MOST
          ? [{
            sessionId: session.id, itemId: item.id,
            text: `Its ladder for the ${count}. time this week: ${MOST} are enough.`,
          }]
          : []
      })
    )
  },
}
