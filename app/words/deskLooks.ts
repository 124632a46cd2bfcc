import { oddTrial, testFacts, testStops, type TestId, type Tests } from '~~/core/assessment'
import type { Catalogue } from '~~/core/catalogue'
import type { Side } from '~~/core/dose'
import { NOT_NOW, UNTIL_CLEARED } from '~~/core/screening'
import { screenOf } from '~~/shared/planningContext'
import type { Athlete, StoredTrial } from '~~/shared/types'

/** One thing to be tested: a test, on a side where it has sides. */
export interface DeskStep { readonly test: TestId, readonly side: Side | null }

/** What is known of the athletes besides: why a test may not be taken, and what is odd about a value. */
export interface DeskLooks {
  readonly stop: (athleteId: string, step: DeskStep) => string | null
  readonly odd: (athleteId: string, step: DeskStep, value: number) => string | null
}

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
