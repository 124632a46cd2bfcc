import type { PlaceAsked } from './asked'
import { dayBefore } from './dayBefore'
import { isNear } from './nearCompetition'
import { COMMON_PRACTICE, type Rule } from './rule'
import { within48h } from './within48h'

/**
 * Soreness from what is unfamiliar peaks 24-72 h later: in the two days before a competition only easy work may be new.
 */
export const nothingNew: Rule<'nothingNew', null, PlaceAsked> = {
  id: 'nothingNew', scope: 'place', severity: 'warn', title: 'Nothing new within 48 h of a competition.', value: null,
  source: COMMON_PRACTICE,
  breaks: ({ variation, session, context: { competitionDays }, before }) => {
    const near = isNear(session.day, competitionDays, within48h.value)
      || isNear(session.day, competitionDays, dayBefore.value)
    const known = before === null || before.sessions.some(s => s.items.some(i => i.variationId === variation.id))
    return near && !known && variation.fatigue > 1 ? [nothingNew.title] : []
  },
}
