import { mainFacts, type Variation } from '../catalogue'
import type { Slot } from '../programme/week/week'
import { isFixed, type PlaceAsked } from './asked'
import { COMMON_PRACTICE, type Rule } from './rule'

/** What each place is for. */
const FOR: Readonly<Record<Slot, string>> = {
  activation: 'Before the lifts go refreshing drills, and fast ones.',
  paired: 'Between the sets of a lift goes what is light, still and slow.',
  inside: 'It is not done inside a lift.',
  after: 'After the lifts goes work, not waking up.',
  finisher: 'A finisher is steady and does no harm when tired.',
  home: 'Too draining to be done alone at home.',
}

const asksSomething = ({ fatigue, braceStep, shares }: Variation): boolean =>
  fatigue >= 2 || braceStep >= 4 || mainFacts(shares)?.resists === true

/**
 * Whether a drill suits a slot: finishers are steady and harmless when tired, pairing is short and light.
 *
 * @example
 * suits(STANDARD.find('side-plank.feet'), 'after') // => true
 */
export function suits(variation: Variation, slot: Slot): boolean {
  if (variation.insideLift) return slot === 'after' || slot === 'inside'
  switch (slot) {
    case 'activation':
      // What is fast is done while fresh, after waking up; a heavy lift that follows has a rule of its own.
      return variation.fatigue === 1 || variation.mode === 'ballistic'
    case 'paired':
      return variation.fatigue <= 2 && variation.mode !== 'locomotor' && variation.mode !== 'ballistic'
    case 'after':
      return asksSomething(variation)
    case 'inside':
      return false
    case 'home':
      return variation.fatigue <= 3
    case 'finisher':
      return variation.fatigue >= 2 && (variation.mode === 'locomotor' || variation.mode === 'isometric')
  }
}

export const placeSuits: Rule<'slot', typeof FOR, PlaceAsked> = {
  id: 'slot', scope: 'place', severity: 'warn', title: 'A drill suits its place', value: FOR, source: COMMON_PRACTICE,
  breaks: ({ item, variation }) => (isFixed(item) || suits(variation, item.slot) ? [] : [FOR[item.slot]]),
}
