import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BREAK_POINTS, TEST_IDS, testFacts, type BreakPoint, type TestId, type Trial } from '.'
import { weakLinks } from './weakLink'
import { findVariation, LADDERS } from '../catalogue'

const man = { sex: 'male', ageYears: 22 } as const
const trial = (test: TestId, value: number, over: Partial<Trial> = {}): Trial => ({
  test, side: null, value, breakPoint: 'none', day: '2026-03-02', ...over,
})

describe('the weak link', () => {
  it('tells the shoulder at full reach from the low back', () => {
    const shoulder = weakLinks([
      trial('rolloutReach', 80, { breakPoint: 'shoulder' }), trial('hollow', 50, { breakPoint: 'shoulder' }),
      trial('plank', 120),
    ], man)
    expect(shoulder.links.map(l => l.place)).toEqual(['shoulder'])
    expect(shoulder.links[0]!.says).toBe(
      'The trunk holds; the shoulder gives out first: wheel rollout reach and hollow hold.',
    )
    expect(shoulder.links[0]!.drills).toContain('carries.overhead')
    const back = weakLinks([
      trial('rolloutReach', 60, { breakPoint: 'lowBack' }), trial('hollow', 15, { breakPoint: 'lowBack' }),
    ], man)
    expect(back.links[0]).toMatchObject({ place: 'antiExtension', ladder: 'front-plank' })
  })

  it('is not named from one trial, nor from the same trial three times in a row', () => {
    expect(weakLinks([trial('plank', 20, { breakPoint: 'trunk' })], man)).toMatchObject({
      links: [], why: expect.stringContaining('Not enough evidence'),
    })
    expect(weakLinks([1, 2, 3].map(() => trial('plank', 20, { breakPoint: 'trunk' })), man).links).toEqual([])
    expect(
      weakLinks([
        trial('plank', 20, { breakPoint: 'trunk' }), trial('plank', 22, { breakPoint: 'trunk', day: '2026-03-09' }),
      ], man).links,
    ).toHaveLength(1)
  })

  it('counts a short time against the trunk only where the trunk ended it', () => {
    const short = (
      breakPoint: BreakPoint,
    ) => [trial('extensor', 40, { breakPoint }), trial('extensor', 45, { breakPoint, day: '2026-03-09' })]
    expect(weakLinks(short('trunk'), man).links[0]!.place).toBe('antiFlexion')
    expect(weakLinks(short('grip'), man).links.map(l => l.place)).toEqual(['grip'])
    expect(weakLinks(short('pain'), man)).toMatchObject({ links: [], why: expect.stringContaining('clinician') })
  })

  it('is not seen in a good hold that the trunk ended: a long hold has to end somewhere', () => {
    const days = ['2026-03-02', '2026-03-09']
    expect(weakLinks(days.map(day => trial('extensor', 150, { breakPoint: 'trunk', day })), man).links).toEqual([])
    expect(weakLinks(days.map(day => trial('plank', 120, { breakPoint: 'trunk', day })), man).links).toEqual([])
    expect(weakLinks(days.map(day => trial('plank', 120, { breakPoint: 'lowBack', day })), man).links[0]!.place).toBe(
      'antiExtension',
    )
    expect(weakLinks(days.map(day => trial('extensor', 100, { breakPoint: 'trunk', day })), man).links[0]!.place).toBe(
      'antiFlexion',
    )
  })

  it('names a side only when both were tested and one broke', () => {
    const left = [
      trial('sideBridge', 30, { side: 'left', breakPoint: 'trunk' }),
      trial('sideBridge', 33, { side: 'left', breakPoint: 'trunk', day: '2026-03-09' }),
    ]
    expect(weakLinks(left, man).links[0]!.side).toBeNull()
    expect(weakLinks([...left, trial('sideBridge', 95, { side: 'right' })], man).links[0]!.side).toBe('left')
  })

  it('names drills there are, ranks heaviest first, and never concludes from nothing', () => {
    const anyTrial = fc.record({
      test: fc.constantFrom(...TEST_IDS), value: fc.integer({ min: 0, max: 300 }),
      breakPoint: fc.constantFrom(...Object.keys(BREAK_POINTS) as BreakPoint[]),
      day: fc.constantFrom('2026-03-02', '2026-03-09', '2026-03-16'),
      side: fc.constantFrom('left' as const, 'right' as const),
    }).map((t): Trial => ({ ...t, side: testFacts(t.test).sides === 'each' ? t.side : null }))
    fc.assert(fc.property(fc.array(anyTrial, { maxLength: 12 }), (trials) => {
      const { links, why } = weakLinks(trials, man)
      expect(links.length > 0).toBe(why === '')
      for (const link of links) {
        expect(link.evidence.length).toBeGreaterThanOrEqual(2)
        expect(link.drills.every(id => findVariation(id))).toBe(true)
        expect(LADDERS.some(l => l.id === link.ladder)).toBe(true)
      }
      expect(links.map(l => l.weight)).toEqual(links.map(l => l.weight).sort((a, b) => b - a))
    }), { seed: 7, numRuns: 200 })
  })
})
