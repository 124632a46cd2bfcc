import { describe, expect, it } from 'vitest'
import { catalogueWith, type OwnCatalogue } from './own'
import { freshKey, LADDERS, neighboursOf, STANDARD, VARIATIONS, type Variation } from '.'

const like = STANDARD.find('side-plank.feet')!
const ladder = { id: 'own-tall', name: 'Tall holds', aim: 'To stay tall.' }
const rung = (name: string, at: number, over: Partial<Variation> = {}): Variation =>
  ({ ...like, id: `own-tall.${freshKey(name, [])}`, ladder: 'own-tall', rung: at, name: `Tall hold ${name}`, ...over })
const own: OwnCatalogue = { ladders: [ladder], variations: [rung('low', 1), rung('high', 2)] }
const beside: Variation = { ...like, id: 'side-plank.own-mat', name: 'Side plank on a soft mat' }

describe('a catalogue with drills of an organisation', () => {
  it('holds ours, the own ladder, and what stands beside our rungs', () => {
    const all = catalogueWith({ ...own, variations: [...own.variations, beside] })
    expect(all.variations).toHaveLength(VARIATIONS.length + 3)
    expect(all.ladders.map(l => l.id)).toEqual([...LADDERS.map(l => l.id), 'own-tall'])
    expect(all.find(beside.id)?.name).toBe('Side plank on a soft mat')
    expect(STANDARD.find(beside.id)).toBeUndefined()
  })

  it('gives what stands beside a rung that rung\'s neighbours', () => {
    const all = catalogueWith({ ladders: [], variations: [beside] })
    expect(neighboursOf(beside, all)).toEqual(neighboursOf(like, all))
  })

  it('leaves a ladder without a drill out', () => {
    expect(catalogueWith({ ladders: [ladder], variations: [] }).ladders).toHaveLength(LADDERS.length)
  })
})
