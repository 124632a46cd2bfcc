import { describe, expect, it } from 'vitest'
import { LADDERS, STANDARD, VARIATIONS, type OwnVariation } from '.'
import { fromSheetRow, toSheetRow } from './sheet'

const like = STANDARD.find('side-plank.feet')!
const ladder = { id: 'own-tall', name: 'Tall holds', aim: 'To stay tall.' }
const { branch: _, after: __, ...plain } = like
const beside: OwnVariation = {
  ...plain, id: 'side-plank.own-mat', name: 'Side plank on a soft mat', beside: 'side-plank.feet',
}

describe('the catalogue as a table', () => {
  it('reads back every drill as it was written', () => {
    for (const { branch: ___, after: ____, ...v } of VARIATIONS)
      expect(fromSheetRow(toSheetRow(v, LADDERS.find(l => l.id === v.ladder)!)), v.id).toEqual(v)
    const posed = {
      ...beside,
      pose: { model: 'elbowPlank', set: { loadKg: 7.5 }, open: ['loadKg', 'elbowReachCm'] },
      prerequisites: ['press-out.tall-kneeling'],
    }
    expect(fromSheetRow(toSheetRow(posed, ladder))).toEqual(posed)
  })

  it.each([
    ['rung', { rung: 'two' }], ['shares', { shares: 'rotation' }], ['faults', { faults: 'Sags' }],
    ['doses', { doses: '3 times ten' }], ['pose', { pose: 'elbowPlank; loadKg=much' }], ['gateSets', { gateSets: '' }],
  ])('names the column %s when it cannot be read', (field, wrong) => {
    expect(() => fromSheetRow({ ...toSheetRow(like, ladder), ...wrong })).toThrow(expect.objectContaining({ field }))
  })
})
