import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { EMPTY_OWN, problemsOf, standsAfter, STANDARD, type OwnCatalogue, type Variation } from '.'
import { freshKey, putOwn, removeOwn } from './editOwn'

const like = STANDARD.find('side-plank.feet')!
const ladder = { id: 'own-tall', name: 'Tall holds', aim: 'To stay tall.' }
const rung = (name: string, at: number, over: Partial<Variation> = {}): Variation =>
  ({ ...like, id: `own-tall.${freshKey(name, [])}`, ladder: 'own-tall', rung: at, name: `Tall hold ${name}`, ...over })
const own: OwnCatalogue = { ladders: [ladder], variations: [rung('low', 1), rung('high', 2)] }

describe('changing own drills', () => {
  const anyEdits = fc.array(
    fc.record({ key: fc.integer({ min: 1, max: 6 }), at: fc.integer({ min: 1, max: 6 }), out: fc.boolean() }),
    { maxLength: 12 },
  )

  it('keeps own ladders counted 1, 2, 3 … and leaves nothing that may not be stored', () => {
    fc.assert(fc.property(anyEdits, (edits) => {
      let now: OwnCatalogue = own
      for (const { key, at, out } of edits) {
        if (out) now = removeOwn(now, `own-tall.own-${key}`)
        else if (now.ladders.length > 0) now = putOwn(now, { ...rung(String(key), at), id: `own-tall.own-${key}` })
        expect(problemsOf(now)).toEqual([])
      }
    }), { seed: 5, numRuns: 80 })
  })

  it('puts a drill where it says and the others make room', () => {
    const now = putOwn(own, rung('middle', 2))
    expect([...now.variations].sort((a, b) => a.rung - b.rung).map(v => v.name)).toEqual([
      'Tall hold low', 'Tall hold middle', 'Tall hold high',
    ])
  })

  it('takes a ladder out with its last drill', () => {
    expect(removeOwn(removeOwn(own, 'own-tall.own-low'), 'own-tall.own-high')).toEqual(EMPTY_OWN)
  })

  it('keeps everybody on the drill they stood on, or on the nearest below', () => {
    const high = ['own-tall.own-high']
    expect(standsAfter(high, own, putOwn(own, rung('middle', 2)))).toEqual(high)
    expect(standsAfter(high, own, removeOwn(own, 'own-tall.own-low'))).toEqual(high)
    expect(standsAfter(high, own, removeOwn(own, 'own-tall.own-high'))).toEqual(['own-tall.own-low'])
    expect(standsAfter(['own-tall.own-low'], own, removeOwn(own, 'own-tall.own-low'))).toEqual([])
  })
})
