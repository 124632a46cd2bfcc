import { describe, expect, it } from 'vitest'
import { able, day, drill, screened, weekOf } from '../testing/handMade'
import { itemConflicts, laterRounds, weekConflicts } from './weekConflicts'

const plank = drill('side-plank.feet')

describe('what is wrong with a week', () => {
  it('is nothing for a sound one, and each finding says where it is', () => {
    expect(weekConflicts(weekOf(day([plank])), able)).toEqual([])
    const found = weekConflicts(weekOf(day([plank])), screened({ flags: ['chestPain'] }))
    expect(found.every(c => c.sessionId === 'd0' && c.itemId === plank.id && c.blocks)).toBe(true)
  })

  it('of one drill is what the week says of it', () => {
    const twice = [plank, drill('side-plank.feet')]
    const session = day(twice)
    const own = weekConflicts(weekOf(session), able).filter(c => c.itemId === plank.id)
    expect(itemConflicts(plank, session, able)).toEqual(own)
  })

  it('a drill that is gone, also of a later round, stops', () => {
    const gone = weekConflicts(weekOf(day([{ ...plank, variationId: 'no.drill' }])), able)
    expect(gone.map(c => [c.rule, c.blocks])).toEqual([['unknown', true]])
    const round = { ...plank, rounds: [{ variationId: 'no.drill', fallbackId: null }] }
    expect(weekConflicts(weekOf(day([round])), able).map(c => c.rule)).toContain('unknown')
  })
})

it('later rounds are every other drill and what stands in for it, once', () => {
  const rounds = [
    { variationId: 'a.b', fallbackId: plank.variationId }, { variationId: 'a.b', fallbackId: 'c.d' },
  ]
  expect(laterRounds({ ...plank, rounds })).toEqual(['a.b', 'c.d'])
  expect(laterRounds(plank)).toEqual([])
})
