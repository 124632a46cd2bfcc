import { expect, it } from 'vitest'
import { able } from '../../testing/handMade'
import { goalLadders } from './goal'

it('is nothing without a goal', () => {
  expect([...goalLadders(able)]).toEqual([])
})

it('of a drill is its ladder and those of all that must come first', () => {
  const { catalogue } = able.screen
  for (const variation of catalogue.variations.filter(v => v.prerequisites?.length)) {
    const found = goalLadders({ ...able, goal: { variationId: variation.id, lift: null } })
    expect(found.has(variation.ladder)).toBe(true)
    for (const id of variation.prerequisites!) expect(found.has(catalogue.find(id)!.ladder), id).toBe(true)
  }
})

it('of a lift are the ladders that resist what the lift resists, and work inside it', () => {
  const found = goalLadders({ ...able, goal: { variationId: null, lift: 'backSquat' } })
  expect(found.has('inside-lift')).toBe(true)
  expect(found.size).toBeGreaterThan(1)
})
