import { expect, it } from 'vitest'
import { equipmentClash } from './facilityWords'

const has = (counts: Record<string, number>, weights: Record<string, number[]> = {}) => ({ counts, weights })
const facility = (counts: Record<string, number>, weights: Record<string, number[]> = {}) =>
  ({ version: 4, counts, weights })

it('lets two coaches count different things', () => {
  const found = equipmentClash(
    has({ band: 1, box: 1 }), has({ band: 2, box: 1 }), facility({ band: 1, box: 3, wheel: 1 }),
  )
  expect(found.rows).toEqual([])
  expect(found.others).toHaveLength(2)
  expect(found.chosen({})).toEqual(has({ band: 2, box: 3, wheel: 1 }))
})

it('asks about what both counted, nothing counted as none', () => {
  const { rows, chosen } = equipmentClash(has({ band: 1 }), has({}), facility({ band: 4 }))
  expect(rows).toMatchObject([{ key: 'band', mine: '0', theirs: '4' }])
  expect([chosen({ band: 'theirs' }).counts, chosen({ band: 'mine' }).counts.band ?? 0]).toEqual([{ band: 4 }, 0])
})

it('keeps counts and weights of one implement apart', () => {
  const start = has({ kettlebell: 4 }, { kettlebell: [8, 16] })
  const { rows, chosen, others } = equipmentClash(
    start, has({ kettlebell: 4 }, { kettlebell: [8, 16, 24] }), facility({ kettlebell: 6 }, { kettlebell: [8, 16] }),
  )
  expect([rows, others]).toEqual([[], ['Kettlebells: 6']])
  expect(chosen({})).toEqual(has({ kettlebell: 6 }, { kettlebell: [8, 16, 24] }))
  expect(equipmentClash(start, has({ kettlebell: 4 }, { kettlebell: [8] }), facility({ kettlebell: 4 })).rows)
    .toMatchObject([{ what: 'Kettlebells, weights', mine: '8', theirs: 'as usual' }])
})
