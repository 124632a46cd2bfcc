import { oddTrial, testFacts, testStops, type Tests } from '~~/core/assessment'
import type { Catalogue } from '~~/core/catalogue'
import { NOT_NOW, UNTIL_CLEARED } from '~~/core/screening'
import { screenOf } from '~~/shared/planningContext'
import type { Athlete, StoredTrial } from '~~/shared/types'
import type { DeskLooks } from './useTestDesk'

/** What the desk knows of (athletes and their trials): whoever may not know why reads only that it is not now. */
export function deskLooks(
  athletes: () => readonly Athlete[], trials: () => readonly StoredTrial[],
  of: { readonly catalogue: () => Catalogue, readonly tests: () => Tests, readonly today: () => string },
): DeskLooks {
  return {
    stop: (athleteId, { test }) => {
      const athlete = athletes().find(one => one.id === athleteId)
      if (!athlete) return null
      const { left } = athlete.health
      const drill = testFacts(test, of.tests()).speaksFor
      if (left && (left.length <= UNTIL_CLEARED.length || (drill && !left.includes(drill)))) return NOT_NOW
      return testStops(test, screenOf(athlete, of.today(), of.catalogue()), of.tests())[0] ?? null
    },
    odd: (athleteId, { test, side }, value) =>
      oddTrial(
        test, value,
        trials()
          .filter(one =>
            one.athleteId === athleteId && one.test === test && one.side === side && one.breakPoint !== 'pain'
          ).map(one => one.value),
        of.tests(),
      ),
  }
}
