import { describe, expect, it } from 'vitest'
import { along, posed } from '../../testing/poses'

describe('hanging, levers and supports', () => {
  it('a lever is easier tucked, with legs apart, and with the body above level', () => {
    const straight = Math.abs(posed('frontLever', { hipDeg: 0, kneeDeg: 0 }).dominantNm)
    const easiers: Record<string, number>[] = [
      { hipDeg: 110, kneeDeg: 120 }, { hipDeg: 0, kneeDeg: 0, straddleDeg: 50 },
      { hipDeg: 0, kneeDeg: 0, bodyDeg: 60 }]
    for (const easier of easiers)
      expect(Math.abs(posed('frontLever', easier).dominantNm), JSON.stringify(easier)).toBeLessThan(straight)
  })

  it('a front lever and a back lever ask of opposite sides', () => {
    const of = (id: string) => Math.sign(posed(id, { hipDeg: 0, kneeDeg: 0 }).sagittalNm)
    expect(of('frontLever')).toBe(-of('backLever'))
  })

  it('legs raised while hanging ask more straight than bent, and most at level', () => {
    const at = (hipDeg: number, kneeDeg = 0): number => Math.abs(posed('hangingRaise', { hipDeg, kneeDeg }).dominantNm)
    expect(at(90)).toBeGreaterThan(at(90, 90))
    expect([at(90) > at(30), at(90) > at(150)]).toEqual([true, true])
  })

  it('a ball between the feet adds its share', () => {
    const [none, five, ten] = along('hangingRaise', 'ballKg', [0, 5, 10], { hipDeg: 90, kneeDeg: 0 })
    expect((ten ?? 0) - (five ?? 0)).toBeGreaterThan(0)
    expect((five ?? 0) - (none ?? 0)).toBeGreaterThan(0)
  })

  it('two legs raised from the seat ask more than one', () => {
    const [one, two] = along('seatedRaise', 'legs', [1, 2])
    expect(two ?? 0).toBeGreaterThan(one ?? Infinity)
  })
})
