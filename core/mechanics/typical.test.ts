import { describe, expect, it } from 'vitest'
import { posed } from '../testing/poses'
import { askOf, TYPICAL_NM } from './typical'

describe('what a position asks of a trunk', () => {
  // Hand-worked, trunk curve T = 22.69 r^-2.27 (Frey-Law & Avin 2010): a side bridge of 117.0 N·m held 94 s is .534 of
  // 218.9; an elbow plank of 121.0 N·m held 98 s is .525 of 230.6 (our own check values).
  it('is measured by what the published battery says a man holds', () => {
    const share = (seconds: number): number => (seconds / 22.69) ** (-1 / 2.27)
    expect(posed('sidePlank').frontalNm / share(94) / TYPICAL_NM.side).toBeCloseTo(1, 1)
    expect(-posed('elbowPlank').sagittalNm / share(98) / TYPICAL_NM.arch).toBeCloseTo(1, 1)
    expect(posed('benchExtension').sagittalNm / share(146) / TYPICAL_NM.fold).toBeCloseTo(1, 1)
  })

  it('names a press-out by its turning, bent and extended', () => {
    expect([0, 50, 100].map(reachPercent => posed('pressOut', { reachPercent }).dominant))
      .toEqual(['transverse', 'transverse', 'transverse'])
  })

  it('has no sign but for arching and folding, which exclude each other', () => {
    const ask = askOf({ sagittalNm: 55, frontalNm: -22, transverseNm: -10 })
    expect(Object.values(ask).map(v => Number(v.toFixed(3)))).toEqual([0, 0.2, 0.1, 0.1])
  })
})
