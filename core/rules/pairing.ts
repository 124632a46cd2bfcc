import { liftFacts } from '../programme/lifts/lifts'
import type { PlaceAsked } from './asked'
import { COMMON_PRACTICE, type Rule } from './rule'

const words = (region: string): string => region.replace(/([A-Z])/g, ' $1').toLowerCase()

/** Work between the sets of a lift leaves alone what the lift is limited by. */
export const pairing: Rule<'pairing', null, PlaceAsked> = {
  id: 'pairing', scope: 'place', severity: 'warn', title: 'Paired work spares what the lift needs', value: null,
  source: COMMON_PRACTICE,
  breaks: ({ item, variation, session }) => {
    if (item.slot !== 'paired' && item.slot !== 'inside') return []
    const partner = session.lifts.find(lift => lift.id === item.pairedWith)
    if (!partner) return ['The lift it was paired with is gone.']
    const { name, limits } = liftFacts(partner.lift)
    const shared = item.slot === 'inside' ? [] : variation.tires.filter(region => limits.includes(region))
    return shared.length > 0 ? [`Tires what the ${name.toLowerCase()} needs: ${shared.map(words).join(', ')}.`] : []
  },
}
