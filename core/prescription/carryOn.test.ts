import { describe, expect, it } from 'vitest'
import { bodyOf } from '../anatomy'
import { pathsOf } from '../capacity'
import { EQUIPMENT, findVariation, type Equipment } from '../catalogue'
import { MAN } from '../testing/poses'
import { carriedOn, type Given } from './carryOn'
import type { PrescribeFor } from './prescribe'
import { windowOf } from './window'

const of: PrescribeFor = {
  paths: pathsOf(bodyOf(MAN)), landing: windowOf(null, false), massKg: MAN.massKg, heightM: MAN.heightM,
  capacities: { arch: 300, fold: 360, sideLeft: 190, sideRight: 190, turnLeft: 130, turnRight: 130 },
  equipment: Object.keys(EQUIPMENT) as Equipment[], rungs: {},
}
const suitcase = findVariation('carries.suitcase')!
const carry = (amount: number, loadKg: number): Given => ({
  dose: { sets: 3, amount, unit: 'metres', restS: 60 }, setting: { loadKg },
})

describe('a drill carried on', () => {
  it('goes on by its amount up to the gate’s, then by its load, one of them at a time', () => {
    const { amount } = suitcase.gate
    expect(carriedOn(suitcase, carry(amount - 10, 40), 'on', 'amount', of)).toMatchObject({
      dose: { amount: amount - 5 }, setting: { loadKg: 40 },
    })
    // 2-10 % more, or the next that there is (ACSM 2009 position stand, recalled).
    const heavier = carriedOn(suitcase, carry(amount, 40), 'on', 'amount', of)!
    expect(heavier.dose.amount).toBe(amount)
    expect(heavier.setting.loadKg! / 40).toBeGreaterThan(1)
    expect(heavier.setting.loadKg! / 40).toBeLessThanOrEqual(1.1)
    expect(carriedOn(suitcase, carry(amount - 10, 40), 'on', 'load', of)).toMatchObject({
      dose: { amount: amount - 10 }, setting: { loadKg: heavier.setting.loadKg },
    })
  })

  it('stays as it was, goes a step back, and is given one set at a time', () => {
    expect(carriedOn(suitcase, carry(30, 40), 'stay', 'amount', of)!.dose).toEqual({
      sets: 1, amount: 30, unit: 'metres', restS: 60,
    })
    expect(carriedOn(suitcase, carry(30, 40), 'back', 'amount', of)!.dose.amount).toBe(25)
  })

  it('is not carried on where it went too far, or too little, or with a load that is not there', () => {
    const long = findVariation('front-plank.long-lever')!
    const hold = (amount: number): Given => ({ dose: { sets: 3, amount, unit: 'seconds', restS: 30 }, setting: {} })
    expect(carriedOn(long, hold(59), 'stay', 'amount', { ...of, landing: windowOf(null, true) })).toBeNull()
    expect(carriedOn(long, hold(2), 'stay', 'amount', of)).toBeNull()
    expect(carriedOn(suitcase, carry(30, 150), 'stay', 'amount', of)).toBeNull()
  })

  it('does not go on where the step would go past where a set is to land', () => {
    const { effort } = carriedOn(suitcase, carry(30, 40), 'stay', 'amount', of)!.effort
    const limit = { ...of.landing, effort: [0.3, effort + 0.01] as const }
    expect(carriedOn(suitcase, carry(30, 40), 'on', 'amount', { ...of, landing: limit })).toMatchObject({
      dose: { amount: 30 }, setting: { loadKg: 40 },
    })
  })
})
