import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { SetDone } from '../rules'
import { nextSet } from './nextSet'

const set = (over: Partial<SetDone>): SetDone =>
  ({ unit: 'reps', asked: 8, done: 8, broke: false, effort: 7, ...over })

describe('the next set', () => {
  it.each([
    ['stays after a clean one', {}, 8, ''],
    ['is one fewer after an effort of 9', { effort: 9 }, 7, 'Effort 9'],
    ['is as long as form held', { done: 5, broke: true }, 5, 'Form broke at 5'],
    ['is the less of the two', { done: 5, broke: true, effort: 10 }, 5, 'Effort 10'],
    ['of seconds goes in steps of five', { unit: 'seconds', asked: 30, done: 23, broke: true }, 20, 'Form broke at 23'],
    ['stays after two over, with a word', { done: 10 }, 8, '2 over, clean'],
    ['stays after one over', { done: 9 }, 8, ''],
    ['of metres says two steps over', { unit: 'metres', asked: 20, done: 30 }, 20, '10 over'],
    ['stays where form broke at the very end', { broke: true }, 8, ''],
    ['stays where no effort is said', { effort: null }, 8, ''],
  ] as const)('%s', (_, over, amount, why) => {
    const next = nextSet(set(over))
    expect(next.amount).toBe(amount)
    expect(next.why).toContain(why)
    if (why === '') expect(next.why).toBe('')
  })

  it('never asks for more than was asked, nor for nothing, and never changes silently', () => {
    const any = fc.record({
      unit: fc.constantFrom('reps' as const, 'seconds' as const, 'metres' as const),
      asked: fc.integer({ min: 1, max: 60 }),
      done: fc.integer({ min: 0, max: 80 }), broke: fc.boolean(),
      effort: fc.option(fc.integer({ min: 0, max: 10 }), { nil: null }),
    })
    fc.assert(fc.property(any, (one) => {
      const { amount, why } = nextSet(one)
      expect(amount).toBeGreaterThan(0)
      expect(amount).toBeLessThanOrEqual(one.asked)
      if (amount !== one.asked) expect(why).not.toBe('')
    }), { seed: 11 })
  })
})
