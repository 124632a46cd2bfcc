import { describe, expect, it } from 'vitest'
import { proofText } from './proofWords'

describe('what is known about better weeks', () => {
  it.each([
    [{ goal: 0, bound: 0, proven: true, walled: false }, 'Every target is met: nothing better exists.'],
    [{ goal: 45, bound: 45, proven: true, walled: false }, '45 s off target, and nothing better exists.'],
    [
      { goal: 8.5, bound: 2, proven: false, walled: false },
      '9 s off target; it could be better by up to 7 s: not proven.',
    ],
    [
      { goal: 8, bound: 2, proven: false, walled: true },
      '8 s off target; it could be better by up to 6 s: not proven in the time given.',
    ],
  ])('%o', (proof, text) => {
    expect(proofText(proof)).toBe(text)
  })
})
