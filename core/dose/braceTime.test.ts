import { expect, it } from 'vitest'
import { bracedRepS } from './braceTime'

const rep = { setUpS: 1.5, loweringS: 2, pauseS: 0.5, rangeM: 0.6, relation: 'hinge' } as const

it('is set-up, lowering, pause and raise', () => {
  // The line of hinges: 0.2 m/s at the full load, 0.95 at 40 %: 0.45 m/s at 80 %.
  expect(bracedRepS(rep, 80)).toBeCloseTo(1.5 + 2 + 0.5 + 0.6 / 0.45, 9)
})

it('takes longer the heavier it is, and no less below 30 %', () => {
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
