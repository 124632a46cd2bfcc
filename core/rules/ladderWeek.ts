import { isFixed, type BrokenAt, type WeekAsked } from './asked'
import { COMMON_PRACTICE, type Rule } from './rule'

/** Appearances of one ladder in a week; the brace is a course and practised every time. */
const MOST = 3
const COURSE = 'brace'

export const ladderWeek: Rule<'ladderWeek', number, WeekAsked, BrokenAt> = {
  id: 'ladderWeek', scope: 'week', severity: 'warn', title: 'A ladder comes only so often in a week', value: MOST,
  source: COMMON_PRACTICE,
  breaks: ({ plan, context: { screen: { catalogue } } }) => {
    const seen = new Map<string, number>()
    return plan.sessions.flatMap(session =>
      session.items.filter(item => !isFixed(item)).flatMap((item): BrokenAt[] => {
        const ladder = catalogue.find(item.variationId)?.ladder
        if (!ladder || ladder === COURSE) return []
        const count = (seen.get(ladder) ?? 0) + 1
        seen.set(ladder, count)
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
