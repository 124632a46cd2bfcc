import type { PlaceAsked } from './asked'
import { competitionDay } from './competitionDay'
import { dayBefore } from './dayBefore'
import { isNear, type NearCompetition } from './nearCompetition'
import { COMMON_PRACTICE, type Rule } from './rule'

const value: NearCompetition = {
  offset: 1, most: 'low', from: 'C', says: 'The day after a competition is for easy work.',
}

/** Breathing, mobility, easy holds. */
export const dayAfter: Rule<'dayAfter', NearCompetition, PlaceAsked> = {
  id: 'dayAfter', scope: 'place', severity: 'warn', title: value.says, value, source: COMMON_PRACTICE,
  breaks: ({ variation, session, context: { competitionDays } }) => {
    const nearer = [competitionDay, dayBefore].some(rule => isNear(session.day, competitionDays, rule.value))
    return isNear(session.day, competitionDays, value) && !nearer && variation.fatigue > 1 ? [value.says] : []
  },
}
