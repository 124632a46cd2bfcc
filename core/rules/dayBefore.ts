import type { PlaceAsked } from './asked'
import { competitionDay } from './competitionDay'
import { isActivation, isNear, type NearCompetition } from './nearCompetition'
import { COMMON_PRACTICE, type Rule } from './rule'

const value: NearCompetition = {
  offset: -1, most: 'activation', from: 'C', says: 'The day before a competition is for activation only.',
}

/** No ballistic rotation, nothing but activation. */
export const dayBefore: Rule<'dayBefore', NearCompetition, PlaceAsked> = {
  id: 'dayBefore', scope: 'place', severity: 'warn', title: value.says, value, source: COMMON_PRACTICE,
  breaks: ({ item, variation, session, context: { competitionDays } }) => {
    if (!isNear(session.day, competitionDays, value) || isNear(session.day, competitionDays, competitionDay.value))
      return []
    return isActivation(item, variation) ? [] : [value.says]
  },
}
