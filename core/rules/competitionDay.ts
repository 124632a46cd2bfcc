import type { PlaceAsked } from './asked'
import { isNear, type NearCompetition } from './nearCompetition'
import { COMMON_PRACTICE, type Rule } from './rule'

const value: NearCompetition = { offset: 0, most: 'off', from: 'C', says: 'Competition day: no trunk work.' }

export const competitionDay: Rule<'competition', NearCompetition, PlaceAsked> = {
  id: 'competition', scope: 'place', severity: 'warn', title: value.says, value, source: COMMON_PRACTICE,
  breaks: ({ session, context }) => (isNear(session.day, context.competitionDays, value) ? [value.says] : []),
}
