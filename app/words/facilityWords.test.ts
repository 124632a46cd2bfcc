import { expect, it } from 'vitest'
import { equipmentClash } from './facilityWords'

const facility = (counts: Record<string, number>) => ({ version: 4, counts })

it('lets two coaches count different things', () => {
  const found = equipmentClash({ band: 1, box: 1 }, { band: 2, box: 1 }, facility({ band: 1, box: 3, wheel: 1 }))
  expect(found.rows).toEqual([])
  expect(found.others).toHaveLength(2)
  expect(found.chosen({})).toEqual({ band: 2, box: 3, wheel: 1 })
})

it('asks about what both counted, nothing counted as none', () => {
  const { rows, chosen } = equipmentClash({ band: 1 }, {}, facility({ band: 4 }))
  expect(rows).toMatchObject([{ key: 'band', mine: '0', theirs: '4' }])
  expect([chosen({ band: 'theirs' }), chosen({ band: 'mine' }).band ?? 0]).toEqual([{ band: 4 }, 0])
})
