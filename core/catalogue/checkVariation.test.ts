import { describe, expect, it } from 'vitest'
import { STANDARD, type Variation } from '.'
import { checkVariation } from './checkVariation'
import { impliedHazards } from './hazards'

const sound = STANDARD.find('side-plank.feet')!

describe('one entry of the catalogue', () => {
  it('is sound as it ships, every one', () => {
    for (const variation of STANDARD.variations) expect(() => checkVariation(variation), variation.id).not.toThrow()
  })

  it.each<[string, Partial<Variation>]>([
    ['shares', { shares: { rotation: 0.5 } }],
    ['shares', { shares: { rotation: 1.5, flexion: -0.5 } }],
    ['shares', { shares: {} }],
    ['shares', { kind: 'activation', shares: { antiRotation: 1 } }],
    ['shares', { kind: 'mobility', shares: { rotation: 0.75, antiExtension: 0.25 } }],
    ['shares', { kind: 'brace', shares: { flexion: 0.5 } }],
    ['id', { id: 'Side plank' }],
    ['name', { name: '   x ' }],
    ['stopSign', { stopSign: '' }],
    ['faults', { faults: [] }],
    ['muscles', { muscles: [] }],
    ['equipment', { equipment: [[]] }],
    ['braceStep', { braceStep: 8 }],
    ['braceStep', { braceStep: 1.5 }],
    ['doses', { doses: [] }],
    ['doses', { doses: [...sound.doses, { sets: 1, amount: 5, unit: 'breaths', restS: 10 }] }],
    ['gate', { gate: { ...sound.gate, sessions: 0 } }],
  ])('names %s when that is wrong', (field, wrong) => {
    expect(() => checkVariation({ ...sound, ...wrong })).toThrow(expect.objectContaining({ field }))
  })

  it('of a kind that wakes, loosens or teaches may do nothing, or bend the spine and be taken away for that', () => {
    for (const kind of ['activation', 'mobility', 'brace'] as const) {
      expect(() => checkVariation({ ...sound, kind, shares: {} })).not.toThrow()
      const bends = { ...sound, kind, shares: { flexion: 1 } }
      expect(() => checkVariation(bends)).not.toThrow()
      expect(impliedHazards(bends)).toContain('flexion')
    }
  })
})
