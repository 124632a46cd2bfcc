import { describe, expect, it } from 'vitest'
import { along, posed } from '../../testing/poses'

const falling = (values: readonly number[]): number[] => [...values].sort((a, b) => b - a)

describe('planks and hands and knees with something off the floor', () => {
  it.each(['plankTwoPoint', 'plankArmUp', 'plankLegUp', 'quadrupedOpposite', 'quadrupedLeg', 'crawl'])(
    '%s twists less the more the weight is shifted over what stays', (id) => {
      const twist = [10, 25, 50, 75].map(shiftPercent => Math.abs(posed(id, { shiftPercent }).transverseNm))
      expect(twist).toEqual(falling(twist))
    },
  )

  // The reference of our own prototype: not shifted, feet wide, 92 N·m of twist; shifted over, none to speak of.
  it('a two-point plank twists by 92 N·m with wide feet and no shift, and hardly shifted over', () => {
    expect(posed('plankTwoPoint', { shiftPercent: 0, feetApartCm: 90 }).transverseNm).toBeCloseTo(92, -1)
    expect(Math.abs(posed('plankTwoPoint', { shiftPercent: 100 }).transverseNm)).toBeLessThan(10)
  })

  it('two points stand in balance on the line between them, wherever it is', () => {
    for (const shiftPercent of [0, 40, 100]) {
      for (const id of ['plankTwoPoint', 'quadrupedOpposite', 'crawl', 'crawlKnees']) {
        expect([id, posed(id, { shiftPercent }).balanced]).toEqual([id, true])
      }
    }
  })

  it('crawling is not hovering: each step twists, and the knees on the floor take the sag away', () => {
    expect(posed('quadrupedHover').transverseNm).toBeCloseTo(0, 6)
    expect(Math.abs(posed('crawl').transverseNm)).toBeGreaterThan(15)
    expect(Math.abs(posed('crawlKnees').sagittalNm)).toBeLessThan(Math.abs(posed('crawl').sagittalNm) / 3)
  })

  it('a weight on the back sags a hover', () => {
    const nm = along('quadrupedHover', 'loadKg', [0, 10, 20])
    expect(nm).toEqual(falling(nm).reverse())
  })
})
