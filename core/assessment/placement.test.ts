import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { place, placeAll } from './placement'
import { TEST_IDS, testFacts, type SetLog, type TestId, type Trial } from '.'
import { findVariation, STANDARD, VARIATIONS } from '../catalogue'
import { removals } from '../screening'
import { anyScreen } from '../testing/arbitraries'
import { context } from '../testing/fixtures'

const trial = (test: TestId, value: number, over: Partial<Trial> = {}): Trial => ({
  test, side: null, value, breakPoint: 'none', day: '2026-03-02', ...over,
})
const sets = (variationId: string, day: string, count: number, amount: number, over: Partial<SetLog> = {}): SetLog[] =>
  Array.from({ length: count }, (_, i) => ({
    prescribedItemId: 'i', variationId, day, setNumber: i + 1, side: null, amount, unit: 'seconds', tempo: null,
    breakPoint: 'none', setting: {}, feltAt: [], effort: null, painAt: null, ...over,
  }))

const TODAY = '2026-03-10'

describe('placement', () => {
  const ground = { ...context.screen, rungs: {} }
  const plank = STANDARD.branch('front-plank')!

  it('is the ground without evidence, and says which gate comes first', () => {
    expect(place(plank, ground, [], [], TODAY)).toMatchObject({
      rung: 1, evidence: [], missing: [expect.stringContaining('Gate of plank at the wall')],
    })
  })

  it('goes past every gate that a test of a higher rung speaks for', () => {
    const gate = findVariation('front-plank.elbows')!.gate.amount
    expect(place(plank, ground, [trial('plank', gate * 1.5)], [], TODAY).rung).toBe(6)
    expect(place(plank, ground, [trial('plank', gate * 1.5 - 1)], [], TODAY).rung).toBe(1)
  })

  it('lets what is older than half a year speak no more, and says so', () => {
    const long = trial('plank', findVariation('front-plank.elbows')!.gate.amount * 2)
    expect(place(plank, ground, [long], [], '2026-08-31').rung).toBe(6)
    expect(place(plank, ground, [long], [], '2026-09-01').rung).toBe(1)
    const wall = findVariation('front-plank.wall')!
    const met = ['2026-03-02', '2026-03-04', '2026-03-06'].flatMap(day => sets(wall.id, day, wall.gate.sets, 600))
    expect(place(plank, ground, [], met, '2026-09-10')).toMatchObject({
      rung: 1, missing: [expect.stringContaining('shown before but over half a year ago')],
    })
  })

  it('lets a test speak only for gates of its own action beneath it', () => {
    const prone = STANDARD.branch('posterior:prone')!
    expect(place(prone, ground, [trial('extensor', 300)], [], TODAY).rung).toBeLessThan(
      findVariation('posterior.bench-extension-hold')!.rung,
    )
  })

  it('takes the weaker side', () => {
    const side = STANDARD.branch('side-plank')!
    const gate = findVariation('side-plank.feet')!.gate.amount * 1.5
    const both = (
      left: number,
    ) => [trial('sideBridge', gate, { side: 'right' }), trial('sideBridge', left, { side: 'left' })]
    expect(place(side, ground, both(gate), [], TODAY).rung).toBe(3)
    expect(place(side, ground, both(gate - 5), [], TODAY).rung).toBe(1)
  })

  it('stops where the brace, a flag or a prerequisite stops, and says so', () => {
    const gate = findVariation('front-plank.elbows')!.gate.amount
    const held = place(plank, { ...ground, braceStep: 2 }, [trial('plank', gate * 2)], [], TODAY)
    expect(held.rung).toBeLessThan(6)
    expect(held.missing.join(' ')).toContain('Brace step')
    expect(place(plank, { ...ground, flags: ['shoulder'] }, [trial('plank', gate * 2)], [], TODAY).missing.join(' '))
      .toContain('Shoulder')
  })

  it('never stands anybody where screening would not let them, whatever the evidence', () => {
    const everything = TEST_IDS.flatMap((id): Trial[] => (testFacts(id).sides === 'each'
      ? [trial(id, 500, { side: 'left' }), trial(id, 500, { side: 'right' })]
      : [trial(id, 500)])
    )
    const logs = VARIATIONS.flatMap(v =>
      ['2026-03-02', '2026-03-04', '2026-03-06'].flatMap(day => (v.sides === 'each'
        ? [
          ...sets(v.id, day, v.gate.sets, 600, { side: 'left' }),
          ...sets(v.id, day, v.gate.sets, 600, { side: 'right' }),
        ]
        : sets(v.id, day, v.gate.sets, 600))
      )
    )
    fc.assert(
      fc.property(anyScreen, fc.boolean(), (screen, all) => {
        const placed = placeAll(screen, everything, all ? logs : [], TODAY)
        const rungs = Object.fromEntries(placed.map(p => [p.branch, p.rung]))
        for (const { variationId, rung } of placed) {
          if (rung === 1) continue
          const variation = findVariation(variationId)!
          expect(removals(variation, { ...screen, rungs }).filter(r => r.rule !== 'equipment'), variation.id).toEqual(
            [],
          )
        }
      }),
      { seed: 9, numRuns: 60 },
    )
  }, 60_000)
})
