import { describe, expect, it } from 'vitest'
import { trialError } from './trialError'

const man = { sex: 'male', ageYears: 22 } as const

describe('the error of a trial', () => {
  it.each([
    ['extensor', null, 51 * Math.sqrt(0.02)], ['flexor', null, 76 * Math.sqrt(0.03)],
    ['sideBridge', 'left', 35 * Math.sqrt(0.01)],
  ] as const)('of %s %s is SD sqrt(1 - reliability), test by test', (test, side, error) => {
    expect(trialError(test, side, man, null, false).error).toBeCloseTo(error, 9)
  })

  it('is the organisation’s own from ten degrees of freedom on, whoever held the watch', () => {
    expect(trialError('extensor', null, man, { error: 3, degreesOfFreedom: 10 }, true)).toMatchObject({
      error: 3, errorFrom: expect.stringContaining('own repeat trials'),
    })
    const nine = trialError('extensor', null, man, { error: 3, degreesOfFreedom: 9 }, true)
    expect(nine.error).toBeCloseTo(51 * Math.sqrt(0.15), 9)
    expect(nine.errorFrom).toContain('two raters')
  })

  it('is not known where nobody has measured it', () => {
    expect(trialError('throwDistance', 'left', man, null, false).error).toBeNull()
  })
})
