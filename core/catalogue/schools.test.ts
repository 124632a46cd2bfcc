import { describe, expect, it } from 'vitest'
import { setSeconds } from '../dose'
import { schoolDose, schoolDoseText, STANDARD } from '.'

const hold = STANDARD.find('front-plank.elbows')!
const moving = STANDARD.find('press-out.standing')!

describe('a drill as a school doses it', () => {
  it('is held as the school holds, never longer than the drill is given for', () => {
    expect(schoolDose(hold, 'stiffnessFirst')).toMatchObject({ sets: 5, amount: 10, restS: 5 })
    const most = Math.max(hold.doses[0]!.amount, hold.gate.amount)
    expect(schoolDose(hold, 'bodyLine').amount).toBe(Math.min(30, most))
  })

  it('by the clock makes as many repeats as fit into thirty seconds', () => {
    const dose = schoolDose(moving, 'intervalCircuit')
    expect(dose.unit).toBe('reps')
    expect(setSeconds(dose)).toBeLessThanOrEqual(30 + setSeconds({ ...dose, amount: 1 }) / 2)
  })

  it('counted in breaths or metres stays as it is', () => {
    const carry = STANDARD.find('carries.suitcase')!
    expect(schoolDose(carry, 'highTension')).toBe(carry.doses[0])
  })

  it('is told in one line', () => {
    expect(schoolDoseText('intervalCircuit')).toBe('holds 2 × 30 s, repeats 2 × 30 s')
    expect(schoolDoseText('highTension')).toBe('holds 5 × 8 s, repeats 5 × 5')
  })
})
