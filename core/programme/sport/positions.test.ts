import { expect, it } from 'vitest'
import { TRUNK_ACTIONS } from '../../catalogue'
import { POSITIONS, positionOf } from './positions'

it('is read from an entry by its word, whatever stands around it', () => {
  expect(positionOf('fieldCourt', 'LIBERO, second year')?.name).toBe('Libero')
  expect(positionOf('striking', 'épée')?.name).toBe('Épée')
  expect(positionOf('paddling', 'left-side paddler (bow)')?.name).toBe('Left-side paddler')
})

it('is not found inside another word, in another sport, or in nothing', () => {
  expect([
    positionOf('striking', 'foils'),
    positionOf('striking', 'libero'),
    positionOf('general', 'libero'),
    positionOf('fieldCourt', ''),
  ]).toEqual([null, null, null, null])
})

it('shifts what there is, by a believable factor, and says why', () => {
  for (const { name, shifts, why } of Object.values(POSITIONS).flat()) {
    for (const [action, factor] of Object.entries(shifts)) {
      expect(TRUNK_ACTIONS).toContain(action)
      expect(factor, name).toBeGreaterThan(1)
      expect(factor, name).toBeLessThanOrEqual(1.3)
    }
    expect(why).toMatch(/\.$/)
  }
})
