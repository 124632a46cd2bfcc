import { describe, expect, it } from 'vitest'
import {
  BREATH_PATTERNS, EQUIPMENT, HAZARDS, MODES, MUSCLE_GROUPS, POSTURES, REGIONS, SETTINGS,
} from './vocabulary'
import { VARIATIONS } from './catalogue'

describe('the words of the catalogue', () => {
  it.each(Object.entries({ MODES, POSTURES, EQUIPMENT, MUSCLE_GROUPS, HAZARDS, BREATH_PATTERNS }))(
    '%s say something different each', (_, words) => {
      const all = Object.values(words)
      expect(new Set(all).size).toBe(all.length)
      expect(all.every(word => word.trim().length > 3)).toBe(true)
    },
  )

  it('have units where a setting is a number', () => {
    expect(Object.entries(SETTINGS).filter(([, { unit }]) => unit === '').map(([id]) => id)).toEqual(['stance'])
  })

  it('are all in use: nothing is asked that no drill answers', () => {
    const used = (of: (v: (typeof VARIATIONS)[number]) => readonly string[]): Set<string> =>
      new Set(VARIATIONS.flatMap(of))
    const unused = (words: object, found: ReadonlySet<string>): string[] =>
      Object.keys(words).filter(word => !found.has(word))
    expect(unused(MODES, used(v => [v.mode]))).toEqual([])
    expect(unused(POSTURES, used(v => [v.posture]))).toEqual([])
    expect(unused(MUSCLE_GROUPS, used(v => v.muscles))).toEqual([])
    expect(unused(HAZARDS, used(v => v.hazards))).toEqual([])
    expect(unused(BREATH_PATTERNS, used(v => [v.breath]))).toEqual([])
    expect(unused(Object.fromEntries(REGIONS.map(r => [r, r])), used(v => v.tires))).toEqual([])
  })
})
