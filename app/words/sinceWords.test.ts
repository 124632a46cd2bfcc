import { describe, expect, it } from 'vitest'
import type { PrescribedItem } from '~~/shared/types'
import { sinceText } from './sinceWords'

const KG = { mass: 'kg', length: 'cm' } as const
const last = {
  day: '2026-03-02', variationId: 'v', name: 'Press-out', rungs: 0, sets: 3, amount: 6, unit: 'reps', tempo: null,
  setting: { bandN: 110 }, broke: null, effort: 7,
} as const
const text = (over: Partial<PrescribedItem>, units: Parameters<typeof sinceText>[1] = KG): string => sinceText({
  dose: { sets: 3, amount: 6, unit: 'reps', restS: 60 }, setting: { bandN: 120 }, last, ...over,
} as PrescribedItem, units)

describe('what is different from last time', () => {
  it('is the load, the amount, the sets; or nothing', () => {
    expect(text({})).toBe('Last time, 2 Mar: 3 × 6, pull of 110 N, effort 7. Now 10 N more.')
    expect(text({ setting: { bandN: 110 } })).toMatch(/The same again\.$/)
    expect(text({ dose: { sets: 2, amount: 8, unit: 'reps', restS: 60 }, setting: { bandN: 110 } })).toMatch(
      /Now 2 more, 1 set less\.$/)
  })

  it('is neither more nor less where it is counted otherwise', () => {
    expect(text({ dose: { sets: 3, amount: 45, unit: 'seconds', restS: 0 } })).toMatch(/effort 7\.$/)
  })

  it('is said in the own units', () => {
    const heavier = { setting: { loadKg: 20 }, last: { ...last, setting: { loadKg: 15 } } }
    expect(text(heavier, { mass: 'lb', length: 'in' })).toMatch(/, 33.1 lb, effort 7. Now 11 lb more\.$/)
  })

  it('says what ended a set, and never what is not known', () => {
    const broke = text({ last: { ...last, broke: 'hipsTurned', effort: null } })
    expect(broke).toContain('3 × 6, pull of 110 N, hips turned.')
    expect([text({ last: null }), sinceText({} as PrescribedItem, KG)]).toEqual([
      'New, or not done for 6 weeks.', '',
    ])
  })

  it('of another rung is a step up or back', () => {
    expect(text({ last: { ...last, rungs: 1 } })).toMatch(/^A step up from press-out, 2 Mar: 3 × 6/)
    expect(text({ last: { ...last, rungs: -2 } })).toMatch(/^A step back from press-out/)
  })
})
