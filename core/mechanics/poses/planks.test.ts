import { describe, expect, it } from 'vitest'
import { poseOf, settingsFor } from '../links'
import { along, MAN, posed } from '../../testing/poses'

const rising = (values: readonly number[]): number[] => [...values].sort((a, b) => a - b)

describe('planks', () => {
  it('arch harder the further the elbows reach and the more weight lies on the back', () => {
    const reach = along('elbowPlank', 'elbowReachCm', [0, 10, 20, 30])
    const load = along('elbowPlank', 'loadKg', [0, 10, 20])
    expect([reach, load]).toEqual([rising(reach), rising(load)])
  })

  it('are easier on the knees, with the hands raised and with the hips high', () => {
    const feet = Math.abs(posed('elbowPlank').sagittalNm)
    expect(Math.abs(posed('elbowPlankKnees').sagittalNm)).toBeLessThan(feet)
    const hands = along('handPlank', 'handsRaisedCm', [0, 45, 90])
    expect(hands).toEqual(rising(hands).reverse())
    const hips = along('elbowPlank', 'hipsHighDeg', [0, 10, 20])
    expect(hips).toEqual(rising(hips).reverse())
  })

  it('are much easier piked, on the elbows, on the hands and with the feet on a ball', () => {
    for (const [id, name, high, rest] of [
      ['elbowPlank', 'hipsHighDeg', 30, {}], ['handPlank', 'hipsHighDeg', 30, {}],
      ['handPlank', 'hipsHighDeg', 60, { feetRaisedCm: 55, feetRoll: 1 }],
    ] as const) {
      const hips = along(id, name, [0, high / 6, high / 3, high / 2, high], rest)
      expect(hips).toEqual(rising(hips).reverse())
      expect((hips.at(-1) ?? 0) / (hips[0] ?? 0)).toBeLessThan(0.8)
    }
  })

  it('grow harder the farther the hands walk out, and no hand ever pushes more than the body weighs', () => {
    const walk = along('handPlank', 'handsAheadCm', [0, 5, 10, 15, 20, 30, 40, 50])
    expect(walk).toEqual(rising(walk))
    for (const handsAheadCm of [0, 10, 30, 50]) {
      const { handsShare, axialN } = posed('handPlank', { handsAheadCm })
      expect(handsShare).toBeLessThan(0.75)
      expect(Math.abs(axialN)).toBeLessThan(80 * 9.81)
    }
  })

  it('against a wall fold nobody, however short', () => {
    const link = poseOf({ id: 'front-plank.wall' })
    for (const heightM of [1.5, 1.6, 1.8, 2.05]) {
      const settings = settingsFor(link!, { heightM })
      for (const sex of ['female', 'male'] as const)
        expect(posed('handPlank', settings, { sex, heightM, massKg: 70 }).sagittalNm).toBeLessThan(0)
    }
  })

  it('stand on the ground with all that they weigh, and turn no way while both sides hold', () => {
    const { contacts, frontalNm, transverseNm, residualNm } = posed('elbowPlank')
    expect(contacts.reduce((sum, { forceN }) => sum + forceN[2], 0)).toBeCloseTo(80 * 9.81, 0)
    expect([frontalNm, transverseNm, residualNm].map(v => Math.abs(v) < 1e-6)).toEqual([true, true, true])
  })

  it('twist as soon as one limb leaves the ground', () => {
    expect(Math.abs(posed('plankArmUp').transverseNm)).toBeGreaterThan(1)
  })

  it('ask of a heavier body in proportion, of a shorter one less', () => {
    const base = posed('elbowPlank').sagittalNm
    expect(posed('elbowPlank', {}, { ...MAN, massKg: 96 }).sagittalNm / base).toBeCloseTo(1.2, 6)
    expect(Math.abs(posed('elbowPlank', {}, { ...MAN, heightM: 1.6 }).sagittalNm)).toBeLessThan(Math.abs(base))
  })

  it('name the setting that no body can take', () => {
    expect(() => posed('elbowPlank', { loadKg: 61 })).toThrow(expect.objectContaining({ field: 'loadKg' }))
  })
})
