import { addDays } from '~~/core/calendar'
import { testFacts, type BreakPoint, type Norm, type TestId } from '~~/core/assessment'
import type { Side } from '~~/core/dose'
import type { AthleteInput, BraceCheckInput, TrialInput } from '~~/shared/types'
import type { Chance } from './random'

/** Days before today on which the invented squads were tested, and what was run. */
const TESTED = [[64, ['extensor', 'flexor', 'sideBridge']], [16, [
  'extensor', 'flexor', 'sideBridge', 'plank', 'pressOutHold', 'rolloutReach',
]]] as const
const USUAL: Readonly<Partial<Record<TestId, Norm>>> = {
  plank: { mean: 95, sd: 30 }, pressOutHold: { mean: 34, sd: 9 }, rolloutReach: { mean: 92, sd: 16 },
}

/**
 * Tests as they might have gone: around the published means, the weak link and the weaker side below them; all
 * invented.
 */
export function simulateTests(luck: Chance, athlete: { id: string, input: AthleteInput }, today: string): TrialInput[] {
  const { sex, weakLink, weakSide } = athlete.input
  const shoulder = luck.yes(0.25)
  return TESTED.flatMap(([daysAgo, tests]) => {
    if (luck.yes(0.12)) return []
    let minute = 0
    return tests.flatMap((test) => {
      const facts = testFacts(test)
      const sides: (Side | null)[] = facts.sides === 'each' ? ['right', 'left'] : [null]
      const form = (luck.next() + luck.next() + luck.next() - 1.5) * 1.2
      return sides.flatMap((side): TrialInput[] => {
        const { mean, sd } = normOf(test, sex, side)
        const weak = facts.action === weakLink && (side === null || weakSide === null || side === weakSide)
        const value = mean + sd * (form - (weak ? 0.9 : 0)) * 0.6
        const breakPoint: BreakPoint = weak
          ? luck.pick(['trunk', 'lowBack'] as const)
          : shoulder && (test === 'rolloutReach' || test === 'pressOutHold')
          ? 'shoulder'
          : luck.pick(['none', 'trunk', 'trunk', 'none', 'trunk', 'breath'] as const)
        const trials = luck.yes(0.3) ? 2 : 1
        return Array.from({ length: trials }, (): TrialInput => ({
          id: luck.key(), athleteId: athlete.id, day: addDays(today, -daysAgo),
          performedAt: new Date(Date.parse(`${addDays(today, -daysAgo)}T15:00:00Z`) + (minute++) * 60_000)
            .toISOString(),
          test, side,
          value: Math.max(4, Math.round((value + (luck.next() - 0.5) * sd * 0.25) * 10) / 10),
          breakPoint, setting: test === 'pressOutHold' ? { bandN: 90 } : {}, note: '',
        }))
      })
    })
  })
}

function normOf(test: TestId, sex: 'female' | 'male', side: Side | null): Norm {
  const norms = testFacts(test).norms?.[sex]
  if (!norms) return USUAL[test] ?? { mean: 30, sd: 8 }
  return 'mean' in norms ? norms : norms[side ?? 'right']
}

/** Checks that led an athlete to the brace step they stand on; all invented. */
export function simulateBraceChecks(
  luck: Chance, athlete: { id: string, input: AthleteInput }, today: string,
): BraceCheckInput[] {
  const counts = [5, 4, 18, 5, 12, 5, 5]
  const first = luck.between(4, 44) + (athlete.input.braceStep - 1) * 9
  return Array.from({ length: athlete.input.braceStep }, (_, i): BraceCheckInput => ({
    id: luck.key(), day: addDays(today, -(first - i * 9)), step: i + 1, swell: ['front', 'left', 'right', 'back'],
    breathing: true, count: counts[i]!, note: '',
  }))
}
