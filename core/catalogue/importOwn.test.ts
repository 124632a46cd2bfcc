import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { EMPTY_OWN, freshKey, importOwn, STANDARD, VARIATIONS, type Variation } from '.'

const like = STANDARD.find('side-plank.feet')!
const ladder = { id: 'own-tall', name: 'Tall holds', aim: 'To stay tall.' }
const rung = (name: string, at: number, over: Partial<Variation> = {}): Variation =>
  ({ ...like, id: `own-tall.${freshKey(name, [])}`, ladder: 'own-tall', rung: at, name: `Tall hold ${name}`, ...over })
const beside: Variation = { ...like, id: 'side-plank.own-mat', name: 'Side plank on a soft mat' }

describe('bringing drills in', () => {
  it('adds, replaces, passes over, and refuses what is ours', () => {
    const mine = { ...EMPTY_OWN, variations: [beside] }
    const { own: now, added, changed, unchanged, problems } = importOwn(mine, {
      ladders: [ladder, { id: 'side-plank', name: 'x', aim: 'y' }],
      variations: [{ ...beside, purpose: 'Something else.' }, rung('low', 1), like, {
        ...like, name: 'Changed behind our back',
      }],
    })
    expect([added, changed, unchanged]).toEqual([['Tall hold low'], ['Side plank on a soft mat'], 1])
    expect(problems).toHaveLength(1)
    expect(now.ladders).toEqual([ladder])
    expect(now.variations.map(v => v.purpose)).toContain('Something else.')
  })

  it('gives a drill without id one of its own', () => {
    const { own: now } = importOwn(EMPTY_OWN, {
      ladders: [], variations: [{ ...beside, id: '' }, { ...beside, id: '' }],
    })
    expect(now.variations.map(v => v.id)).toEqual([
      'side-plank.own-side-plank-on-a-soft-mat', 'side-plank.own-side-plank-on-a-soft-mat-2',
    ])
  })

  it('twice is once', () => {
    fc.assert(
      fc.property(fc.subarray(VARIATIONS as Variation[], { maxLength: 5 }), (some) => {
        const incoming = {
          ladders: [],
          variations: some.map(v => ({ ...v, id: v.id.replace('.', '.own-'), name: `Copy of ${v.name}` })),
        }
        const once = importOwn(EMPTY_OWN, incoming).own
        const twice = importOwn(once, incoming)
        expect(twice.own).toEqual(once)
        expect([twice.added, twice.changed]).toEqual([[], []])
      }),
      { seed: 3, numRuns: 40 },
    )
  })
})
