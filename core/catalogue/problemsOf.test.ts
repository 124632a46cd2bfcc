import { describe, expect, it } from 'vitest'
import { freshKey, problemsOf, STANDARD, type OwnCatalogue, type Variation } from '.'

const like = STANDARD.find('side-plank.feet')!
const ladder = { id: 'own-tall', name: 'Tall holds', aim: 'To stay tall.' }
const rung = (name: string, at: number, over: Partial<Variation> = {}): Variation =>
  ({ ...like, id: `own-tall.${freshKey(name, [])}`, ladder: 'own-tall', rung: at, name: `Tall hold ${name}`, ...over })
const own: OwnCatalogue = { ladders: [ladder], variations: [rung('low', 1), rung('high', 2)] }
const beside: Variation = { ...like, id: 'side-plank.own-mat', name: 'Side plank on a soft mat' }

describe('what may be stored', () => {
  it('is sound entries, alone and together', () => {
    expect(problemsOf(own)).toEqual([])
    expect(problemsOf({ ...own, variations: [...own.variations, beside] })).toEqual([])
  })

  it.each<[string, string, OwnCatalogue]>([
    ['a ladder without its own prefix', 'id', { ladders: [{ ...ladder, id: 'side-plank' }], variations: [] }],
    ['two ladders of one id', 'id', { ...own, ladders: [ladder, { ...ladder, name: 'Another' }] }],
    ['a ladder named like one of ours', 'name', { ...own, ladders: [{ ...ladder, name: 'side PLANK' }] }],
    ['a ladder that is for nothing', 'aim', { ...own, ladders: [{ ...ladder, aim: ' ' }] }],
    ['a gap between rungs', 'rungs', { ...own, variations: [rung('low', 1), rung('high', 3)] }],
    ['a pair on one rung', 'rungs', { ...own, variations: [rung('low', 1), rung('high', 1)] }],
    ['a drill on no ladder', 'ladder', {
      ...own,
      variations: [...own.variations, { ...beside, ladder: 'nowhere', id: 'nowhere.own-x' }],
    }],
    [
      'a level our ladder does not have', 'beside',
      { ...own, variations: [...own.variations, { ...beside, rung: 40 }] },
    ],
    ['an id of the standard catalogue', 'id', {
      ...own,
      variations: [...own.variations, { ...beside, id: 'side-plank.mine' }],
    }],
    ['two drills of one id', 'id', {
      ...own,
      variations: [...own.variations, beside, { ...beside, name: 'Another name' }],
    }],
    ['a name that is taken', 'name', { ...own, variations: [...own.variations, { ...beside, name: like.name }] }],
    ['a drill that comes after none there is', 'prerequisites', {
      ...own,
      variations: [...own.variations, { ...beside, prerequisites: ['no.such'] }],
    }],
    ['a drill that comes before itself', 'prerequisites', {
      ...own,
      variations: [rung('low', 1, { prerequisites: ['own-tall.own-high'] }), rung('high', 2)],
    }],
    ['shares that do not sum to one', 'shares', {
      ...own,
      variations: [...own.variations, { ...beside, shares: { rotation: 0.4 } }],
    }],
    ['a gate below the lightest dose', 'gate', {
      ...own,
      variations: [...own.variations, { ...beside, gate: { ...like.gate, amount: 2 } }],
    }],
    ['a pose there is not', 'pose', {
      ...own,
      variations: [...own.variations, { ...beside, pose: { model: 'flying', set: {}, open: [] } }],
    }],
    ['a pose setting out of range', 'loadKg', {
      ...own,
      variations: [...own.variations, { ...beside, pose: { model: 'elbowPlank', set: { loadKg: 5000 }, open: [] } }],
    }],
    ['a slider the pose has not', 'pose', {
      ...own,
      variations: [...own.variations, { ...beside, pose: { model: 'elbowPlank', set: {}, open: ['wings'] } }],
    }],
  ])('is not %s', (_, field, wrong) => {
    expect(problemsOf(wrong).map(p => p.field)).toContain(field)
  })
})
