import { expect, it } from 'vitest'
import { chance } from './random'
import { simulateProgress } from './simulateProgress'

it('a season of decisions asks few for too much, fewer than two more every week, and gets to know their trunks', () => {
  const span = { athletes: 10, weeks: 12 }
  const rules = simulateProgress(chance(77), { ...span, decider: 'rules' })
  const always = simulateProgress(chance(77), { ...span, decider: 'always' })
  expect(rules.sets).toBe(always.sets)
  expect(rules.beyond / rules.sets).toBeLessThan(0.08)
  expect(rules.beyond).toBeLessThan(always.beyond / 2)
  expect(rules.errors.at(-1)!).toBeLessThan(0.6 * rules.errors[0]!)
  expect(rules.rungs).toBeGreaterThan(0)
  expect(rules.decisions.more).toBeGreaterThan(0)
}, 120_000)
