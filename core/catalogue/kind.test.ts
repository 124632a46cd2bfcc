import { describe, expect, it } from 'vitest'
import { findVariation, VARIATIONS } from './catalogue'
import { DRILL_KINDS, kindOf, mainLabel } from './kind'

const labelOf = (id: string): string => mainLabel(findVariation(id)!)

describe('what a drill is there for', () => {
  it('is said by its author, else fast where it is ballistic, else work', () => {
    expect([kindOf({ mode: 'ballistic' }), kindOf({ mode: 'isometric' }), kindOf({ mode: 'ballistic', kind: 'brace' })])
      .toEqual(['fast', 'work', 'brace'])
  })

  it('is none but what is known, and each kind has its drills', () => {
    const kinds = new Set(VARIATIONS.map(kindOf))
    expect([...kinds].sort()).toEqual(Object.keys(DRILL_KINDS).sort())
  })

  it('of every brace step is the course', () => {
    expect(VARIATIONS.filter(v => (kindOf(v) === 'brace') !== (v.ladder === 'brace'))).toEqual([])
  })

  it('names an action, or what it is there for where it has none', () => {
    expect(labelOf('side-plank.feet')).toBe('resist side bend')
    expect(labelOf('posterior.shell')).toBe('activation')
    expect(labelOf('rotation.lunge-turn')).toBe('mobility')
    expect(mainLabel({ shares: { flexion: 1 }, kind: 'activation', mode: 'dynamic' })).toBe('activation')
  })
})
