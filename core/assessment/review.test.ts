import { describe, expect, it } from 'vitest'
import { STANDARD } from '../catalogue'
import { adherenceOf, breakPointsOf, compareSides, type Prescribed, type SetLog } from '.'

const planned: Prescribed = {
  itemId: 'a', variationId: 'side-plank.feet', day: '2026-03-02',
  dose: { sets: 3, amount: 10, unit: 'seconds', restS: 5 },
  extraSetSide: null,
}
const log = (over: Partial<SetLog>): SetLog => ({
  prescribedItemId: 'a', variationId: 'side-plank.feet', day: '2026-03-02', setNumber: 1, side: 'left', amount: 10,
  unit: 'seconds', tempo: null, breakPoint: 'none', setting: {}, feltAt: [], effort: null, painAt: null, ...over,
})

describe('planned against done', () => {
  // By hand: 3 sets a side planned = 6 sets; two done.
  it('counts sets', () => {
    const result = adherenceOf([planned], [log({}), log({ side: 'right', amount: 6, breakPoint: 'trunk' })], STANDARD)
    expect(result).toMatchObject({ plannedSets: 6, doneSets: 2 })
    expect(result.adherence).toBeCloseTo(2 / 6)
  })

  it('does not count extra sets as adherence', () => {
    const many = Array.from({ length: 9 }, (_, i) => log({ setNumber: i + 1 }))
    expect(adherenceOf([planned], many, STANDARD).adherence).toBe(1)
  })

  it('has no adherence without a plan', () => {
    expect(adherenceOf([], [log({})], STANDARD).adherence).toBeNull()
  })
})

describe('left against right', () => {
  it('compares the mean of the last sets a side', () => {
    const logs = [log({ amount: 30, day: '2026-02-01' }), log({ amount: 20 }), log({ side: 'right', amount: 25 })]
    expect(compareSides(logs, 1)).toEqual([
      { variationId: 'side-plank.feet', unit: 'seconds', left: 20, right: 25, difference: 0.2, weaker: 'left' },
    ])
  })

  it('says nothing about a drill done on one side only', () => {
    expect(compareSides([log({})], 3)).toEqual([])
  })
})

describe('break points', () => {
  it('lists them latest first with their count', () => {
    const logs = [log({ breakPoint: 'trunk', day: '2026-03-01' }), log({ breakPoint: 'grip', day: '2026-03-03' }),
      log({ breakPoint: 'trunk', day: '2026-03-02' }), log({})]
    expect(breakPointsOf(logs).map(b => [b.breakPoint, b.count, b.lastDay]))
      .toEqual([['grip', 1, '2026-03-03'], ['trunk', 2, '2026-03-02']])
  })
})
