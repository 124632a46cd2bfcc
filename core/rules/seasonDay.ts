import type { SeasonDayKind } from '../season/instance'
import type { PlaceAsked } from './asked'
import { competitionDay } from './competitionDay'
import { dayAfter } from './dayAfter'
import { dayBefore } from './dayBefore'
import { FATIGUING } from './heavyLiftFirst'
import { isActivation } from './nearCompetition'
import { COMMON_PRACTICE, type Rule } from './rule'
import { within48h } from './within48h'

const SAYS = {
  off: 'The season keeps this day free of trunk work.',
  activation: 'The season has this day for activation only.',
  low: 'The season has this as a low day: nothing tiring.',
} as const

/** What the season wants of a day. What a competition forbids is said by its own rule. */
export const seasonDay: Rule<'season', typeof SAYS, PlaceAsked> = {
  id: 'season', scope: 'place', severity: 'warn', title: 'The season’s kind of day is kept', value: SAYS,
  source: COMMON_PRACTICE,
  breaks: (asked) => {
    if ([competitionDay, dayBefore, within48h, dayAfter].some(rule => rule.breaks(asked).length > 0)) return []
    const kind: SeasonDayKind | null = asked.context.seasonDays?.[asked.session.day] ?? null
    if (kind === 'off') return [SAYS.off]
    if (kind === 'activation') return isActivation(asked.item, asked.variation) ? [] : [SAYS.activation]
    return kind === 'low' && asked.variation.fatigue >= FATIGUING ? [SAYS.low] : []
  },
}
