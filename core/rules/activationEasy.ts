import type { PlaceAsked } from './asked'
import { FATIGUING } from './heavyLiftFirst'
import { COMMON_PRACTICE, type Rule } from './rule'

export const activationEasy: Rule<'activation', number, PlaceAsked> = {
  id: 'activation', scope: 'place', severity: 'warn', title: 'Activation is short and easy', value: FATIGUING,
  source: COMMON_PRACTICE,
  breaks: (
    { item, variation },
  ) => (item.slot === 'activation' && variation.fatigue >= FATIGUING && variation.mode !== 'ballistic'
    ? ['Too tiring for activation: short and easy work belongs here.']
    : []),
}
