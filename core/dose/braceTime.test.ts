import { expect, it } from 'vitest'
import { bracedRepS, RAISE_WITHOUT_RELATION_S } from './braceTime'

const rep = { setUpS: 1.5, loweringS: 2, pauseS: 0.5, rangeM: 0.6, relation: null }

it('is set-up, lowering, pause and raise', () => {
  expect(bracedRepS(rep, 80)).toBe(1.5 + 2 + 0.5 + RAISE_WITHOUT_RELATION_S)
})

it('takes longer the heavier it is, where a relation is published, and no less below 30 %', () => {
  const squat = { ...rep, relation: 'squat' as const }
  const times = [30, 50, 70, 90, 100].map(percent => bracedRepS(squat, percent))
  expect(times).toEqual([...times].sort((a, b) => a - b))
  expect(bracedRepS(squat, 10)).toBe(bracedRepS(squat, 30))
})

it.each([['percent1Rm', rep, 0], ['percent1Rm', rep, 101], ['rangeM', { ...rep, rangeM: 0 }, 80]] as const)(
  'refuses a wrong %s',
  (field, profile, percent) => {
    expect(() => bracedRepS(profile, percent)).toThrow(expect.objectContaining({ field }))
  },
)
