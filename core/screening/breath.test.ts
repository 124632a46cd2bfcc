import { describe, expect, it } from 'vitest'
import { VARIATIONS } from '../catalogue'
import { breathFor } from './breath'
import { doseRemoval, FLAGS } from '.'

describe('doses and breath under flags', () => {
  it('keeps holds to ten seconds for a back that hurts on bending', () => {
    expect(doseRemoval({ sets: 3, amount: 11, unit: 'seconds', restS: 5 }, ['backPainBending'])).toContain('10 s')
    expect(doseRemoval({ sets: 3, amount: 10, unit: 'seconds', restS: 5 }, ['backPainBending'])).toBeNull()
  })

  it.each(['bloodPressureHeart', 'pregnancy', 'herniaSurgery'] as const)(
    'never holds the breath under %s, and says why',
    (flag) => {
      for (const { breath } of VARIATIONS) expect(breathFor(breath, { flags: [flag], ageYears: 25 }).pattern).not.toBe(
          'holdAndReset',
        )
      expect(breathFor('holdAndReset', { flags: [flag], ageYears: 25 }).why).toContain(FLAGS[flag].name)
    },
  )
})
