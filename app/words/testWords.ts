import { testFacts, type Battery, type TestId, type Tests } from '~~/core/assessment'
import type { Side } from '~~/core/dose'
import type { DeskStep } from './deskLooks'

export const TEST_UNITS = {
  s: 's', cm: 'cm', m: 'm', kg: 'kg', kgm: 'kg·m', deg: '°', reps: 'reps', points: 'points',
} as const

/** "Side bridge hold, left". */
export function testName(test: TestId, side: Side | null, tests: Tests): string {
  return `${testFacts(test, tests).name}${side ? `, ${side}` : ''}`
}

/** "Endurance: trunk flexor hold, side bridge hold, left". */
export function batteryInWords({ name }: Battery, steps: readonly DeskStep[], tests: Tests): string {
  return `${name}: ${steps.map(step => testName(step.test, step.side, tests).toLowerCase()).join(', ')}`
}

/** "62 s", "1:24" from a minute on. */
export function testValue(test: TestId, value: number, tests: Tests): string {
  const { unit } = testFacts(test, tests)
  if (unit === 's') return clockText(value)
  return unit === 'deg' ? `${value}°` : `${value} ${TEST_UNITS[unit]}`
}

/** Seconds as they are read on a watch: "48.2 s", "1:24.0". */
export function clockText(seconds: number): string {
  if (seconds < 60) return `${seconds.toFixed(1)} s`
  const tenths = Math.round(seconds * 10)
  return `${Math.floor(tenths / 600)}:${String(Math.floor((tenths % 600) / 10)).padStart(2, '0')}.${tenths % 10}`
}
