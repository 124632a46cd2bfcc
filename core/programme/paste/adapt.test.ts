import { describe, expect, it } from 'vitest'
import { isAdmissible } from '../../screening'
import { able, day, drill, screened, squat, weekOf } from '../../testing/handMade'
import { adaptItem, addAdapted } from './adapt'

const rungs = able.screen.rungs
const from = { rungs, partner: null }

describe('a drill of one athlete, for another', () => {
  it('is the same for one who stands as high, and the own rung for one who does not', () => {
    const item = drill('side-plank.star')
    expect(adaptItem(item, from, day([]), able)).toMatchObject({ item: { variationId: 'side-plank.star' }, note: null })
    const lower = screened({ rungs: { ...rungs, 'side-plank': 2 } })
    const adapted = adaptItem(item, from, day([]), lower)!
    const given = able.screen.catalogue.find(adapted.item.variationId)!
    expect(given.ladder === 'side-plank' ? given.rung : 0).toBeLessThanOrEqual(2)
    expect(adapted.note).toContain('in place of')
  })

  it('never is one that may not be given', () => {
    const sore = screened({ flags: ['shoulder', 'wrist'] })
    for (const { id } of able.screen.catalogue.variations) {
      const adapted = adaptItem(drill(id), from, day([]), sore)
      if (adapted)
        expect(isAdmissible(able.screen.catalogue.find(adapted.item.variationId)!, sore.screen), id).toBe(true)
    }
  })

  it('follows its lift, or goes after the lifts where there is no such lift', () => {
    const item = drill('press-out.standing', { slot: 'paired', pairedWith: 'x' })
    const partner = { ...squat, id: 'x' }
    const there = adaptItem(item, { rungs, partner }, day([], { lifts: [squat] }), able)!
    expect([there.item.slot, there.item.pairedWith]).toEqual(['paired', 'squat'])
    const gone = adaptItem(item, { rungs, partner }, day([]), able)!
    expect([gone.item.slot, gone.item.pairedWith]).toEqual(['after', null])
    expect(gone.note).toContain('no such lift')
  })

  it('is not there twice', () => {
    const item = drill('side-plank.star')
    expect(adaptItem(item, from, day([drill('side-plank.star')]), able)).toBeNull()
  })
})

it('is added under an id of its own', () => {
  const plan = weekOf(day([drill('side-plank.feet', { id: 'a' })]))
  const twice = addAdapted(
    addAdapted(plan, 'd0', drill('hollow.tuck', { id: 'a' })),
    'd0',
    drill('hollow.tuck', { id: 'a' }),
  )
  const ids = twice.sessions[0]!.items.map(i => i.id)
  expect(new Set(ids).size).toBe(3)
})
