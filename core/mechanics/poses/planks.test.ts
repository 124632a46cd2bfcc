import { describe, expect, it } from 'vitest'
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
