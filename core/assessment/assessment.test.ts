import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  BATTERIES, BRACE_STEPS, braceLacks, braceReached, BREAK_POINTS, gateProgress, holdRatios, marchCounts, place,
  placeAll, QUADRANTS, sideDifferences, standingOf, TEST_IDS, testFacts, weakLinks, type BraceCheck, type BreakPoint,
  type Quadrant, type SetLog, type TestId, type Trial,
} from '.'
import { findVariation, LADDERS, STANDARD, VARIATIONS } from '../catalogue'
import { removals } from '../screening'
import { anyScreen } from '../testing/arbitraries'
import { context } from '../testing/fixtures'

const man = { sex: 'male', ageYears: 22 } as const
const woman = { sex: 'female', ageYears: 22 } as const
const trial = (test: TestId, value: number, over: Partial<Trial> = {}): Trial => ({
  test, side: null, value, breakPoint: 'none', day: '2026-03-02', ...over,
})
const four = (extensor: number, flexor: number, right: number, left: number): Trial[] => [
  trial('extensor', extensor), trial('flexor', flexor), trial('sideBridge', right, { side: 'right' }),
  trial('sideBridge', left, { side: 'left' }),
]

describe('the tests of the desk', () => {
  it('speak for rungs there are, and are run in batteries of tests there are', () => {
    for (const id of TEST_IDS) {
      const { speaksFor } = testFacts(id)
      if (speaksFor) expect(findVariation(speaksFor), id).toBeDefined()
    }
    for (const { tests } of Object.values(BATTERIES)) for (const test of tests) expect(TEST_IDS).toContain(test)
  })
})

describe('published values (McGill, Childs & Liebenson 1999, recalled)', () => {
  it.each(
    [
      ['extensor', null, 146, man, 0], ['extensor', null, 197, man, 1], ['extensor', null, 129, woman, -1],
      ['flexor', null, 68, man, -1], ['sideBridge', 'right', 128, man, 1], ['sideBridge', 'left', 62, man, -1],
      ['sideBridge', 'left', 112, woman, 1], ['sideBridge', 'right', 41, woman, -1],
    ] as const,
  )('%s %s %f s is z for %o: %f', (test, side, value, person, z) => {
    expect(standingOf(test, side, value, person)).toMatchObject({ known: true, z })
  })

  it('are told to nobody but the people who were measured', () => {
    expect(standingOf('extensor', null, 100, { sex: 'male', ageYears: 17 })).toMatchObject({
      known: false, why: expect.stringContaining('under 18'),
    })
    expect(standingOf('extensor', null, 100, { sex: 'male', ageYears: 48 })).toMatchObject({
      known: false, why: expect.stringContaining('over 34'),
    })
    expect(standingOf('extensor', null, 100, { sex: 'male', ageYears: null })).toMatchObject({ known: false })
    expect(standingOf('hollow', null, 100, man)).toMatchObject({
      known: false, why: expect.stringContaining('No published values'),
    })
  })
})

describe('ratios of the four holds', () => {
  it('of the published means themselves: the men’s flexor to extensor is 0.99, and not flagged', () => {
    const found = holdRatios(four(146, 144, 94, 97))
    expect(found.map(r => [r.id, Number(r.ratio.toFixed(2)), r.flagged])).toEqual([
      ['rightLeft', 0.97, false], ['flexorExtensor', 0.99, false], ['rightExtensor', 0.64, false],
      ['leftExtensor', 0.66, false],
    ])
  })

  it.each([
    [four(100, 100, 70, 70), []], [four(100, 101, 70, 70), ['flexorExtensor']], [four(100, 90, 63, 60), []],
    [four(100, 90, 64, 60), ['rightLeft']], [four(100, 90, 57, 60), []], [four(100, 90, 56, 60), ['rightLeft']],
    [four(100, 90, 76, 76), ['rightExtensor', 'leftExtensor']], [four(100, 90, 75, 75), []],
  ])('are flagged past their lines only', (trials, flags) => {
    expect(holdRatios(trials).filter(r => r.flagged).map(r => r.id)).toEqual(flags)
  })

  it('take the best trial, leave out what was not taken, and no trial that pain ended', () => {
    expect(
      holdRatios([
        trial('extensor', 80), trial('extensor', 100), trial('flexor', 50), trial('flexor', 90, { breakPoint: 'pain' }),
      ]),
    )
      .toEqual([expect.objectContaining({ id: 'flexorExtensor', ratio: 0.5 })])
  })
})

describe('left against right', () => {
  const sides = (left: number[], right: number[]): Trial[] => [
    ...left.map(value => trial('sideBridge', value, { side: 'left' as const })),
    ...right.map(value => trial('sideBridge', value, { side: 'right' as const })),
  ]

  it('worked by hand: error 4.808 s from published reliability, 13.33 s worth believing between single trials', () => {
    const [found] = sideDifferences(sides([80], [94]), man, {})
    expect(found).toMatchObject({ difference: 14, weaker: 'left', believable: true })
    expect(found!.smallest).toBeCloseTo(1.96 * Math.SQRT2 * 34 * Math.sqrt(0.02), 9)
    expect(sideDifferences(sides([81], [94]), man, {})[0]!.believable).toBe(false)
  })

  it('is believed sooner with more trials, and by own repeats once there are enough', () => {
    expect(sideDifferences(sides([84, 86], [93, 97]), man, {})[0]!.believable).toBe(true)
    expect(sideDifferences(sides([84], [94]), man, { sideBridge: { error: 2, degreesOfFreedom: 9 } })[0]!.believable)
      .toBe(false)
    expect(sideDifferences(sides([84], [94]), man, { sideBridge: { error: 2, degreesOfFreedom: 10 } })[0]!.believable)
      .toBe(true)
  })

  it('without any known error is a size and no verdict', () => {
    const trials = [trial('hinge', 10, { side: 'left' }), trial('hinge', 20, { side: 'right' })]
    expect(sideDifferences(trials, man, {})[0]).toMatchObject({ share: 0.5, believable: null, smallest: null })
  })
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

const sets = (variationId: string, day: string, count: number, amount: number, over: Partial<SetLog> = {}): SetLog[] =>
  Array.from({ length: count }, (_, i) => ({
    prescribedItemId: 'i', variationId, day, setNumber: i + 1, side: null, amount, unit: 'seconds', tempo: null,
    breakPoint: 'none', setting: {}, feltAt: [], effort: null, painAt: null, ...over,
  }))

describe('a gate', () => {
  const plank = findVariation('front-plank.elbows')!
  const { sets: n, amount, sessions } = plank.gate
  const days = ['2026-03-02', '2026-03-04', '2026-03-06', '2026-03-09']

  it('is met by every set in so many sessions running, and a session that falls short begins anew', () => {
    expect(sessions).toBe(2)
    expect(gateProgress(plank, [...sets(plank.id, days[0]!, n, amount), ...sets(plank.id, days[1]!, n, amount)]))
      .toEqual({ sessions: 2, met: true })
    const broken = [
      ...sets(plank.id, days[0]!, n, amount), ...sets(plank.id, days[1]!, n - 1, amount),
      ...sets(plank.id, days[2]!, n, amount),
    ]
    expect(gateProgress(plank, broken)).toEqual({ sessions: 1, met: false })
    expect(gateProgress(plank, sets(plank.id, days[0]!, n, amount, { breakPoint: 'lowBack' })).sessions).toBe(0)
  })

  it('of a one-sided drill asks it of both sides', () => {
    const side = findVariation('side-plank.knees')!
    const of = (s: 'left' | 'right') =>
      [0, 1].flatMap(d => sets(side.id, days[d]!, side.gate.sets, side.gate.amount, { side: s }))
    expect(gateProgress(side, of('left')).met).toBe(false)
    expect(gateProgress(side, [...of('left'), ...of('right')]).met).toBe(true)
  })
})

describe('placement', () => {
  const ground = { ...context.screen, rungs: {} }
  const plank = LADDERS.find(l => l.id === 'front-plank')!

  it('is the ground without evidence, and says which gate comes first', () => {
    expect(place(plank, ground, [], [])).toMatchObject({
      rung: 1, evidence: [], missing: [expect.stringContaining('Gate of plank at the wall')],
    })
  })

  it('goes past every gate that a test of a higher rung speaks for', () => {
    const gate = findVariation('front-plank.elbows')!.gate.amount
    expect(place(plank, ground, [trial('plank', gate * 1.5)], []).rung).toBe(6)
    expect(place(plank, ground, [trial('plank', gate * 1.5 - 1)], []).rung).toBe(1)
  })

  it('lets a test speak only for gates of its own action beneath it', () => {
    const ladder = LADDERS.find(l => l.id === 'posterior')!
    expect(place(ladder, ground, [trial('extensor', 300)], []).rung).toBeLessThan(
      findVariation('posterior.bench-extension-hold')!.rung,
    )
  })

  it('takes the weaker side', () => {
    const ladder = LADDERS.find(l => l.id === 'side-plank')!
    const gate = findVariation('side-plank.feet')!.gate.amount * 1.5
    const both = (
      left: number,
    ) => [trial('sideBridge', gate, { side: 'right' }), trial('sideBridge', left, { side: 'left' })]
    expect([place(ladder, ground, both(gate), []).rung, place(ladder, ground, both(gate - 5), []).rung]).toEqual([3, 1])
  })

  it('stops where the brace, a flag or a prerequisite stops, and says so', () => {
    const gate = findVariation('front-plank.elbows')!.gate.amount
    const held = place(plank, { ...ground, braceStep: 2 }, [trial('plank', gate * 2)], [])
    expect(held.rung).toBeLessThan(6)
    expect(held.missing.join(' ')).toContain('Brace step')
    expect(place(plank, { ...ground, flags: ['shoulder'] }, [trial('plank', gate * 2)], []).missing.join(' '))
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
        const placed = placeAll(screen, everything, all ? logs : [])
        const rungs = Object.fromEntries(placed.map(p => [p.ladder, p.rung]))
        for (const { ladder, rung } of placed) {
          if (rung === 1) continue
          const variation = STANDARD.ladders.find(l => l.id === ladder)!.rungs[rung - 1]!
          expect(removals(variation, { ...screen, rungs }).filter(r => r.rule !== 'equipment'), variation.id).toEqual(
            [],
          )
        }
      }),
      { seed: 9, numRuns: 60 },
    )
  }, 60_000)
})

describe('the brace course', () => {
  const all = Object.keys(QUADRANTS) as Quadrant[]
  const passing = (step: number): BraceCheck => ({
    step, swell: all, breathing: true, count: BRACE_STEPS[step - 1]!.atLeast,
  })

  it('has seven steps in order', () => {
    expect(BRACE_STEPS.map(s => s.step)).toEqual([1, 2, 3, 4, 5, 6, 7])
  })

  it('says what a check lacks', () => {
    expect(braceLacks(passing(3))).toEqual([])
    expect(braceLacks({ step: 2, swell: ['front', 'left', 'right'], breathing: false, count: 1 })).toEqual([
      'No swell yet: back.', 'The breath was held.', '1 of 3 correct repeats.',
    ])
  })

  it('leads on step by step, skips none, and a failed re-check leads back', () => {
    expect(braceReached([passing(1), passing(2), passing(3)], 0)).toBe(3)
    expect(braceReached([passing(1), passing(3)], 0)).toBe(1)
    expect(braceReached([{ ...passing(2), count: 0 }], 4)).toBe(1)
    expect(braceReached([{ ...passing(5), count: 0 }], 3)).toBe(3)
  })

  it('grows the march by two a side a week to its gate', () => {
    expect([0, 1, 2, 3, 9].map(marchCounts)).toEqual([6, 8, 10, 12, 12])
  })
})
