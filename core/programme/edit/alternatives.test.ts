import { describe, expect, it } from 'vitest'
import { kindOf, mainAction } from '../../catalogue'
import { isAdmissible } from '../../screening'
import { context, item, session } from '../../testing/fixtures'
import { alternatives } from './alternatives'

describe('alternatives', () => {
  it('are admissible, differ from the drill and come nearest first', () => {
    const found = alternatives(item, { ...session, items: [item] }, context)
    expect(found.length).toBeGreaterThan(3)
    expect(found.every(a => a.variation.id !== item.variationId && isAdmissible(a.variation, context.screen))).toBe(
      true,
    )
    expect(mainAction(found[0]!.variation.shares)).toBe('antiLateralFlexion')
  })

  it('offer work for work before any drill that only wakes up or teaches', () => {
    const kinds = alternatives(item, { ...session, items: [item] }, context).slice(0, 5).map(a => kindOf(a.variation))
    expect(kinds).toEqual(['work', 'work', 'work', 'work', 'work'])
  })

  it('never offer a drill that is already in the session', () => {
    const other = { ...item, id: 'o', variationId: 'side-plank.knees' }
    expect(alternatives(item, { ...session, items: [item, other] }, context).map(a => a.variation.id)).not.toContain(
      'side-plank.knees',
    )
  })
})
