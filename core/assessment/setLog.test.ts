import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { testsWith, weakLinks, type TestId, type Trial } from '.'
import type { BreakPoint, SetLog } from './setLog'
import { STANDARD, VARIATIONS } from '../catalogue'

const man = { sex: 'male', ageYears: 22 } as const
const trial = (test: TestId, value: number, over: Partial<Trial> = {}): Trial => ({
  test, side: null, value, breakPoint: 'none', day: '2026-03-02', ...over,
})
const log = (variationId: string, day: string, breakPoint: BreakPoint, side: SetLog['side'] = null): SetLog => ({
  prescribedItemId: 'p', variationId, day, setNumber: 1, side, amount: 10, unit: 'seconds', tempo: null, breakPoint,
  setting: {}, feltAt: [], effort: null, painAt: null,
})

describe('weak links from sets', () => {
  const around = (logs: SetLog[]) => ({ tests: testsWith([]), catalogue: STANDARD, logs })

  it('two drills that broke at the shoulder on two days each name it; one, or one day, does not', () => {
    const logs = ['2026-03-02', '2026-03-04'].flatMap(
      day => [log('rollout.wheel-to-wall', day, 'shoulder'), log('front-plank.long-lever', day, 'shoulder')]
    )
    const known = logs.filter(l => STANDARD.find(l.variationId))
    expect(new Set(known.map(l => l.variationId)).size, 'both drills are in the catalogue').toBe(2)
    expect(weakLinks([], man, around(known)).links[0]).toMatchObject({
      place: 'shoulder', says: expect.stringContaining('trunk holds'),
    })
    expect(weakLinks([], man, around(known.filter(l => l.variationId === known[0]!.variationId))).links).toEqual([])
    expect(weakLinks([], man, around(known.filter(l => l.day === '2026-03-02'))).links).toEqual([])
  })

  it('add to a trial that says the same', () => {
    const logs = ['2026-03-02', '2026-03-04'].map(day => log('side-plank.feet', day, 'lowBack', 'left'))
    expect(weakLinks([trial('sideBridge', 80, { side: 'left', breakPoint: 'lowBack' })], man, around(logs)).links[0])
      .toMatchObject({ place: 'antiLateralFlexion' })
  })

  it('never come from sets that the trunk ended, or none broke', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.constantFrom(...VARIATIONS.map(v => v.id)), fc.integer({ min: 1, max: 28 }),
            fc.constantFrom<BreakPoint>('trunk', 'none', 'pain'),
          ),
          { maxLength: 60 },
        ),
        (sets) => {
          expect(
            weakLinks(
              [], man,
              around(
                sets.map(([id, day, breakPoint]) => log(id, `2026-02-${String(day).padStart(2, '0')}`, breakPoint)),
              ),
            ).links,
          ).toEqual([])
        },
      ),
      { seed: 9 },
    )
  })
})
