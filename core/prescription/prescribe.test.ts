import { describe, expect, it } from 'vitest'
import { bodyOf } from '../anatomy'
import { EQUIPMENT, findVariation, kindOf, VARIATIONS, type Equipment } from '../catalogue'
import { pathsOf } from '../capacity'
import { MAN } from '../testing/poses'
import { loadSteps, nearestStep } from './loads'
import { gateSetting, prescribe, type PrescribeFor } from './prescribe'
import { AMBER_EFFORT, EFFORT_LIMITS, windowOf } from './window'

const C = { arch: 240, fold: 290, sideLeft: 225, sideRight: 225, turnLeft: 105, turnRight: 105 }
const of = (over: Partial<PrescribeFor> = {}): PrescribeFor => ({
  paths: pathsOf(bodyOf(MAN)), capacities: C, landing: windowOf(null, false), massKg: MAN.massKg, heightM: MAN.heightM,
  equipment: Object.keys(EQUIPMENT) as Equipment[], rungs: {}, ...over,
})
const given = (id: string, over: Partial<PrescribeFor> = {}) => prescribe(findVariation(id)!, of(over))

describe('a prescription', () => {
  it('of every drill is work within what may be planned, with a load that there is, or none at all', () => {
    for (const variation of VARIATIONS) {
      const one = prescribe(variation, of())
      if (!one) continue
      expect(kindOf(variation), variation.id).toBe('work')
      expect(one.effort.effort, variation.id).toBeGreaterThanOrEqual(EFFORT_LIMITS[0])
      expect(one.effort.effort, variation.id).toBeLessThanOrEqual(EFFORT_LIMITS[1])
      const load = one.setting.loadKg ?? one.setting.bandN
      const steps = loadSteps(variation, of().equipment)
      if (steps.length > 0) expect(steps, variation.id).toContain(load)
      else expect(load).toBeUndefined()
      expect(Number.isInteger(one.dose.amount), variation.id).toBe(true)
    }
  })

  it('is none for what loads nothing, and none where even the whole of it is too light to be work', () => {
    expect([given('brace.low-breath'), given('posterior.shell'), given('front-plank.wall')]).toEqual([null, null, null])
  })

  it('gives a stronger trunk more load, and a weaker one less', () => {
    const load = (factor: number): number => given('carries.suitcase', {
      capacities: Object.fromEntries(Object.entries(C).map(([id, nm]) => [id, nm * factor])) as typeof C,
    })!.setting.loadKg!
    expect([load(0.5), load(0.75)].sort((a, b) => a - b)).toEqual([load(0.5), load(0.75)])
    expect(load(0.5)).toBeLessThan(load(0.75))
  })

  it('never goes far past the load of the gate, however strong the trunk: arms and grip end it there', () => {
    const strong = { arch: 900, fold: 900, sideLeft: 900, sideRight: 900, turnLeft: 900, turnRight: 900 }
    for (const variation of VARIATIONS) {
      const one = prescribe(variation, of({ capacities: strong }))
      const { ofBody } = variation.gate
      if (one?.setting.loadKg === undefined || ofBody === undefined) continue
      const least = loadSteps(variation, of().equipment)[0]!
      expect(one.setting.loadKg, variation.id).toBeLessThanOrEqual(Math.max(least, 2.5 * ofBody * MAN.massKg))
    }
  })

  it('loads nobody under 16 past the gate itself', () => {
    const { ofBody } = findVariation('carries.suitcase')!.gate
    const young = given('carries.suitcase', { young: true })
    expect(young?.setting.loadKg ?? 0).toBeLessThanOrEqual(ofBody! * MAN.massKg)
  })

  it('uses the weights of the facility, and the nearest of them', () => {
    const weights = { kettlebell: [12, 20], dumbbell: [] }
    const one = given('carries.suitcase', { equipment: ['kettlebell'], weights })
    expect([12, 20, undefined]).toContain(one?.setting.loadKg)
    expect(nearestStep([12, 20], 17)).toBe(20)
    expect(nearestStep([], 17)).toBeNull()
    expect(gateSetting(findVariation('carries.suitcase')!, of({ equipment: [] }))).toEqual({})
  })

  it('goes less far under an amber flag, and is given in fewer sets in a taper', () => {
    const calm = of({ landing: windowOf(null, true) })
    for (const variation of VARIATIONS) {
      const one = prescribe(variation, calm)
      if (one) expect(one.effort.effort, variation.id).toBeLessThanOrEqual(AMBER_EFFORT)
    }
    expect(windowOf(null, false, true)).toMatchObject({ sets: [2, 3], r: windowOf(null, false).r })
  })
})
