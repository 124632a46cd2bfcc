import { describe, expect, it } from 'vitest'
import { proofText } from './proofWords'

describe('what is known about better weeks', () => {
  it.each([
    [{ goal: 0, bound: 0, proven: true, walled: false }, 'Every target is met: nothing better exists.'],
    [{ goal: 0.45, bound: 0.45, proven: true, walled: false }, '0.5 full sets off target, and nothing better exists.'],
    [
      { goal: 1.5, bound: 0.24, proven: false, walled: false },
      '1.5 full sets off target; it could be better by up to 1.3: not proven.',
    ],
    [
      { goal: 1.5, bound: 0.5, proven: false, walled: true },
      '1.5 full sets off target; it could be better by up to 1.0: not proven in the time given.',
    ],
  ])('%o', (proof, text) => {
    expect(proofText(proof)).toBe(text)
  })
})
