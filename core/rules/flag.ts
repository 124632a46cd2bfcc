import { HAZARDS } from '../catalogue'
import { NOT_NOW } from '../screening/flags'
import { flagFacts } from '../screening/marks'
import type { DrillAsked } from './drill'
import { holdsTooLong } from './holdLength'
import { COMMON_PRACTICE, type Rule } from './rule'

/** What an amber flag takes away: hazards, tiring drills, drills that only come in long holds. */
export const flag: Rule<'flag', null, DrillAsked> = {
  id: 'flag', scope: 'drill', severity: 'stop', title: 'A flag takes drills away', value: null, source: COMMON_PRACTICE,
  breaks: ({ variation, screen }) => {
    if (screen.left && !screen.left.includes(variation.id)) return [NOT_NOW]
    return screen.flags.flatMap((mark) => {
      const { name, removes, highestFatigue = 5, longestHoldS } = flagFacts(mark)
      const hit = variation.hazards.filter(hazard => removes.includes(hazard))
      if (hit.length > 0) return [`${name}: no ${hit.map(h => HAZARDS[h]).join(', ')}.`]
      if (variation.fatigue > highestFatigue) return [`${name}: only the easiest drills.`]
      return longestHoldS && variation.doses.every(dose => holdsTooLong(dose, longestHoldS))
        ? [`${name}: holds of ${longestHoldS} s at most.`]
        : []
    })
  },
}
