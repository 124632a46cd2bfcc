import { addDays } from '~~/core/calendar'
import { testFacts, type BreakPoint, type TestId } from '~~/core/assessment'
import { findVariation } from '~~/core/catalogue'
import type { Side } from '~~/core/dose'
import type { BraceCheckInput, TrialInput } from '~~/shared/types'
import type { DemoAthlete } from './centre'
import { heldOn, trueEffort } from './hiddenTrunk'
import type { Chance } from './random'

/** Days before today on which the invented squads were tested, and what was run. */
const TESTED = [[64, ['extensor', 'flexor', 'sideBridge']], [16, [
  'extensor', 'flexor', 'sideBridge', 'plank', 'pressOutHold', 'rolloutReach',
]]] as const
/** Drill that a test is a hold of, where the test itself does not say. */
const HOLD_OF: Partial<Record<TestId, string>> = { pressOutHold: 'press-out.standing-hold' }
const PULL_N = 90
/** Spread of one hold around what the trunk can do, of the logarithm. */
const SPREAD = 0.1

/**
 * Tests as they might have gone: each hold is as long as the trunk that the athlete really has holds it, give or take,
 * now and then ended by something else before; all invented.
 */
export function simulateTests(luck: Chance, athlete: DemoAthlete, today: string): TrialInput[] {
  const shoulder = luck.yes(0.2)
  return TESTED.flatMap(([daysAgo, tests]) => {
    const day = addDays(today, -daysAgo)
    if (luck.yes(0.1)) return []
    let minute = 0
    return tests.flatMap((test) => {
      const sides: (Side | null)[] = testFacts(test).sides === 'each' ? ['right', 'left'] : [null]
      return sides.flatMap((side): TrialInput[] =>
        Array.from({ length: luck.yes(0.3) ? 2 : 1 }, (): TrialInput => ({
          id: luck.key(), athleteId: athlete.id, day,
          performedAt: new Date(Date.parse(`${day}T15:00:00Z`) + (minute++) * 60_000).toISOString(),
          test, side, ...oneTrial(luck, athlete, test, side, day, shoulder), note: '',
        })))
    })
  })
}

function oneTrial(
  luck: Chance, athlete: DemoAthlete, test: TestId, side: Side | null, day: string, shoulder: boolean,
): Pick<TrialInput, 'value' | 'breakPoint' | 'setting'> {
  const give = Math.exp(SPREAD * 2 * (luck.next() + luck.next() - 1))
  // How far an athlete reaches is no hold: it goes with the size of the body.
  if (test === 'rolloutReach') {
    return {
      value: Math.round(athlete.input.heightCm * 0.52 * give), breakPoint: shoulder ? 'shoulder' : 'trunk', setting: {},
    }
  }
  const early = earlyEnd(luck, shoulder && test === 'pressOutHold')
  const breakPoint: BreakPoint = early ?? luck.pick(['trunk', 'trunk', 'lowBack'] as const)
  const drill = findVariation(HOLD_OF[test] ?? testFacts(test).speaksFor ?? '')
  if (!drill) return { value: Math.round(publishedMean(test, athlete.input.sex) * give), breakPoint, setting: {} }
  const setting = test === 'pressOutHold' ? { bandN: PULL_N } : {}
  const second = { sets: 1, amount: 1, unit: 'seconds' as const, restS: 0 }
  const limitS = 1 / (trueEffort(athlete.input, heldOn(athlete.hidden, day), drill, second, setting, side) ?? 1 / 60)
  return {
    value: Math.max(4, Math.round(Math.min(400, limitS * give * (early ? 0.75 : 1)) * 10) / 10), breakPoint, setting,
  }
}

/** Now and then something else ends a hold before the trunk does. */
const earlyEnd = (luck: Chance, shoulder: boolean): 'shoulder' | 'breath' | null =>
  (shoulder ? 'shoulder' : luck.yes(0.06) ? 'breath' : null)

/** Where a test is no hold of the trunk alone it lies where the published ones lie, seconds. */
function publishedMean(test: TestId, sex: 'female' | 'male'): number {
  const norm = testFacts(test).norms?.[sex]
  return norm && 'mean' in norm ? norm.mean : 60
}

/** Checks that led an athlete to the brace step they stand on; all invented. */
export function simulateBraceChecks(
  luck: Chance, athlete: Pick<DemoAthlete, 'input'>, today: string,
): BraceCheckInput[] {
  const counts = [5, 4, 18, 5, 12, 5, 5]
  const first = luck.between(4, 44) + (athlete.input.braceStep - 1) * 9
  return Array.from({ length: athlete.input.braceStep }, (_, i): BraceCheckInput => ({
    id: luck.key(), day: addDays(today, -(first - i * 9)), step: i + 1, swell: ['front', 'left', 'right', 'back'],
    breathing: true, count: counts[i]!, note: '',
  }))
}
