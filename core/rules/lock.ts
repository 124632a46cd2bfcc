import { SLOTS, type Slot } from '../programme/week/week'
import type { PlaceAsked } from './asked'
import { OURS, type Rule } from './rule'

/** What a coach has settled for one drill: never, or only in some places. */
export const lock: Rule<'lock', null, PlaceAsked> = {
  id: 'lock', scope: 'place', severity: 'warn', title: 'What the coach has locked is kept', value: null, source: OURS,
  breaks: ({ item, variation, context: { rules } }) => {
    const only = rules.only[variation.id]
    return [
      ...(rules.never.includes(variation.id) ? ['Locked out: never this drill.'] : []),
      ...(only && !only.includes(item.slot)
        ? [`Locked to its place: ${only.map(slot => SLOTS[slot as Slot] ?? slot).join(' or ')}.`]
        : []),
    ]
  },
}
