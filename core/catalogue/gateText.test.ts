import { describe, expect, it } from 'vitest'
import { findVariation, VARIATIONS } from './catalogue'
import { gateLoadKg, gateText } from './gateText'

const of = (id: string, massKg?: number): string => gateText(findVariation(id)!, massKg)

describe('a gate in words', () => {
  it('says the load it holds at, for a body or as a part of one', () => {
    expect(of('carries.suitcase-heavy', 62)).toContain('at 25 kg or more')
    expect(of('carries.suitcase-heavy')).toContain('at 40 % of body mass or more')
    // 12 % of 80 kg is a pull of 94 N.
    expect(of('press-out.standing', 80)).toContain('at 95 N or more')
  })

  it('says what is held at the end, and nothing that is not asked', () => {
    expect(of('compression.both-thighs')).toContain('the last repeat held for 10 s')
    expect(of('side-plank.feet', 80)).toBe('3 × 30 s, 2 sessions running')
  })

  it('of every drill that takes a load or a band holds at a load, and of no other', () => {
    const takes = VARIATIONS.filter(v => v.settings.includes('loadKg') || v.settings.includes('bandN'))
    const weightless = VARIATIONS.filter(v => !takes.includes(v) && gateLoadKg(v.gate, 80) !== null
      && !v.equipment.flat().some(e => ['band', 'plate', 'dumbbell', 'medicineBall', 'kettlebell'].includes(e)))
    expect(takes.filter(v => gateLoadKg(v.gate, 80) === null).map(v => v.id)).toEqual([])
    expect(weightless.map(v => v.id)).toEqual([])
    // A suitcase carry with two kilos meets no gate.
    expect(gateLoadKg(findVariation('carries.suitcase')!.gate, 80)).toBe(20)
  })
})
