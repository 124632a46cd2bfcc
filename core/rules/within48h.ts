import type { PlaceAsked } from './asked'
import { competitionDay } from './competitionDay'
import { dayAfter } from './dayAfter'
import { dayBefore } from './dayBefore'
import { FATIGUING } from './heavyLiftFirst'
import { isNear, type NearCompetition } from './nearCompetition'
import { COMMON_PRACTICE, type Rule } from './rule'

const value: NearCompetition = {
  offset: -2, most: 'low', from: 'A',
  says: 'Within 48 h of an A-competition nothing moderate or high.',
}

/** Soreness peaks 24-72 h later. */
export const within48h: Rule<'within48h', NearCompetition, PlaceAsked> = {
  id: 'within48h', scope: 'place', severity: 'warn', title: 'Nothing draining within 48 h of a competition.', value,
  source: COMMON_PRACTICE,
  breaks: ({ variation, session, context: { competitionDays } }) => {
    const nearer = [competitionDay, dayBefore, dayAfter].some(rule => isNear(session.day, competitionDays, rule.value))
    return isNear(session.day, competitionDays, value) && !nearer && variation.fatigue >= FATIGUING
      ? [within48h.title]
      : []
  },
}
