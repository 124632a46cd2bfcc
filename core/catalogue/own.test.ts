import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  catalogueWith, EMPTY_OWN, freshKey, fromSheetRow, importOwn, impliedHazards, LADDERS, MODES, neighboursOf, POSTURES,
  problemsOf, putOwn, removeOwn, rungMoves, STANDARD, toSheetRow, VARIATIONS, type Mode, type OwnCatalogue,
  type Posture, type Variation,
} from '.'
import { FLAG_IDS, flagFacts, removals } from '../screening'
import { context } from '../testing/fixtures'

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

describe('hazards that follow from what a drill is', () => {
  it('stand in the standard catalogue too, without an exception', () => {
    const missing = VARIATIONS.flatMap(v =>
      impliedHazards(v).filter(hazard => !v.hazards.includes(hazard)).map(hazard => `${v.id} ${hazard}`)
    )
    expect(missing).toEqual([])
  })

  it('keep an own drill from whoever must avoid them, whatever its author ticked', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...VARIATIONS), fc.constantFrom(...Object.keys(POSTURES) as Posture[]),
        fc.constantFrom(...Object.keys(MODES) as Mode[]), fc.constantFrom(...FLAG_IDS),
        (from, posture, mode, flag) => {
          const bare: Variation = {
            ...from, id: `${from.ladder}.own-x`, name: 'Bare of cautions', posture, mode, hazards: [],
          }
          const catalogue = catalogueWith({ ladders: [], variations: [bare] })
          const drill = catalogue.find(bare.id)!
          const found = removals(drill, { ...context.screen, catalogue, flags: [flag] })
          const taken = impliedHazards(bare).some(hazard => flagFacts(flag).removes.includes(hazard))
          if (taken) expect(found.map(r => r.rule)).toContain('flag')
        },
      ),
      { seed: 11, numRuns: 400 },
    )
  })
})

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
    ['a level our ladder does not have', 'rung', { ...own, variations: [...own.variations, { ...beside, rung: 40 }] }],
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
    expect(rungMoves(own, putOwn(own, rung('middle', 2)))).toEqual({ 'own-tall': [1, 3] })
    expect(rungMoves(own, removeOwn(own, 'own-tall.own-low'))).toEqual({ 'own-tall': [1, 1] })
    expect(rungMoves(own, removeOwn(own, 'own-tall.own-high'))).toEqual({ 'own-tall': [1, 1] })
    expect(rungMoves(own, own)).toEqual({})
  })
})

describe('the catalogue as a table', () => {
  it('reads back every drill as it was written', () => {
    for (const v of VARIATIONS)
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
