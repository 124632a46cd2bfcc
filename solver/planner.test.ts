import fc from 'fast-check'
import { beforeAll, describe, expect, it } from 'vitest'
import {
  anneal, asItem, checkInstance, columnsOf, evaluatePlan, planWeek, weekModel, type LinearSolver, type PlannerItem,
  type WeekInstance,
} from '../core/planner'
import { anyWeek, FAMILIES } from '../core/testing/instances'
import { day, drill, week } from '../core/testing/smallWeek'
import { highsSolver } from './highs'

let solver: LinearSolver
beforeAll(async () => { solver = await highsSolver() })

const plan = (instance: WeekInstance) => {
  checkInstance(instance)
  return planWeek(instance, { solver })
}
const shown = (items: readonly PlannerItem[]): string[] => items.map(i => `${i.session} ${i.variation}x${i.sets}`)

describe('weeks worked by hand', () => {
  it('300 s and two items: the hold three times and the side plank twice, nothing wanting, 270 s', () => {
    const found = plan(week({
      bands: { AE: { low: 30, high: 40 }, AL: { low: 16, high: 24 } },
      sessions: [day('mon', 0, { capS: 300, items: 2 })],
      variations: [drill('P', [2, 3, 4], 60, { AE: 10 }), drill('S', [2, 3], 45, { AL: 8 })],
    }))
    expect([shown(found.plan), found.evaluation.goal, found.proven]).toEqual([['mon Px3', 'mon Sx2'], 0, true])
  })

  it('before a heavy squat the tiring drill has no place, and three light sets meet the band', () => {
    const found = plan(week({
      bands: { AE: { low: 18, high: 24 } },
      sessions: [day('mon', 0, { items: 1, slots: [{ id: 'before', capS: 180, items: 1, fatigue: 6 }] })],
      variations: [
        drill('Q', [2, 3], 30, { AE: 12 }, { fatigue: 4 }), drill('R', [2, 3], 40, { AE: 6 }, { fatigue: 1 }),
      ],
    }))
    expect([shown(found.plan), found.evaluation.goal]).toEqual([['mon Rx3'], 0])
    expect(found.dropped).toEqual([{ variation: 'Q', rule: 'fatigue', text: 'Too tiring for the place.' }])
  })

  const three = (low: number, restHours: number): WeekInstance =>
    week({
      bands: { AR: { low, high: 120 } }, sessions: [day('mon', 0), day('tue', 1), day('thu', 3)],
      variations: [drill('X', [2, 4], 30, { AR: 10 })], limits: { appearances: 3, highOver: 30, restHours },
    })

  it('48 hours between high doses: four, two, four; ten short when 110 are wanted, the rule named; 120 without', () => {
    const found = plan(three(100, 48))
    expect([shown(found.plan), found.evaluation.goal, found.evaluation.doses.AR]).toEqual([
      ['mon Xx4', 'tue Xx2', 'thu Xx4'], 0, 100,
    ])
    const short = plan(three(110, 48))
    expect([short.evaluation.goal, short.proven, short.explanations[0]!.blame]).toEqual([10, true, ['rest']])
    expect(plan(three(110, 0)).evaluation.doses.AR).toBe(120)
  })

  it('work paired with a lift counts half: two of 200 s fit 200 s', () => {
    const paired = (isPaired: boolean) =>
      plan(week({
        bands: { AE: { low: 20, high: 20 } },
        sessions: [day('mon', 0, { capS: 200, slots: [{ id: 'rests', paired: isPaired }] })],
        variations: [drill('A', [1], 200, { AE: 10 }), drill('B', [1], 200, { AE: 10 })],
      })).evaluation.goal
    expect([paired(true), paired(false)]).toEqual([0, 10])
  })

  it('what the lifts give is not given again, and what they give past the band is not the drills’ fault', () => {
    const of = (lifts: number) =>
      plan(week({
        bands: { AE: { low: 30, high: 40 } }, sessions: [day('mon', 0, { lifts: { AE: lifts } })],
        variations: [drill('A', [1, 2, 3], 60, { AE: 10 })],
      }))
    expect([shown(of(10).plan), of(10).evaluation.goal]).toEqual([['mon Ax2'], 0])
    expect([shown(of(55).plan), of(55).evaluation.goal, of(55).evaluation.doses.AE]).toEqual([[], 0, 55])
  })

  it('the weak link’s shortfall costs half as much again: it is served when only one can be', () => {
    const of = (weak: 'AE' | 'AL') =>
      shown(
        plan(week({
          bands: {
            AE: { low: 10, high: 10, weight: weak === 'AE' ? 1.5 : 1 },
            AL: { low: 10, high: 10, weight: weak === 'AL' ? 1.5 : 1 },
          },
          sessions: [day('mon', 0, { items: 1 })],
          variations: [drill('A', [1], 60, { AE: 10 }), drill('L', [1], 60, { AL: 10 })],
        })).plan,
      )
    expect([of('AE'), of('AL')]).toEqual([['mon Ax1'], ['mon Lx1']])
  })

  it('a drill comes at most twice; among plans as good the one of last week is kept', () => {
    const of = (previous: string[]) =>
      plan(week({
        bands: { AE: { low: 30, high: 30 } }, sessions: [day('mon', 0), day('wed', 2), day('fri', 4)], previous,
        limits: { appearances: 2 },
        variations: [drill('A', [1], 60, { AE: 10 }), drill('B', [1], 60, { AE: 10 }), drill('C', [1], 60, { AE: 15 })],
      }))
    expect(of(['A', 'C']).plan.map(i => i.variation).filter(v => v === 'B')).toEqual([])
    expect(of(['C']).plan.map(i => i.variation)).toEqual(['C', 'C'])
    for (const id of ['A', 'B', 'C'])
      expect(of(['A']).plan.filter(i => i.variation === id).length).toBeLessThanOrEqual(2)
  })

  it('a place that a rule takes away from a drill, or from one of its doses, stays empty', () => {
    const gone = (slot: string, sets?: number) => ({
      session: 'fri', slot, rule: 'dayBefore', text: '', ...(sets ? { sets } : {}),
    })
    const found = plan(week({
      bands: { AR: { low: 100, high: 200 } },
      sessions: [day('fri', 4, { slots: [{ id: 'activation' }, { id: 'after' }] })],
      variations: [
        drill('throw', [1], 60, { AR: 40 }, { not: [gone('activation'), gone('after')] }),
        drill('hold', [1, 2], 60, { AR: 10 }, { not: [gone('after'), gone('activation', 2)] }),
      ],
    }))
    expect(found.plan).toEqual([{ variation: 'hold', session: 'fri', slot: 'activation', sets: 1 }])
    expect(new Set(found.dropped.map(d => d.rule))).toEqual(new Set(['dayBefore']))
  })

  it('what is counted over the week stays under its limit', () => {
    const bends = {
      ...drill('bend', [1], 30, { AE: 10 }),
      doses: [{ sets: 1, seconds: 30, fatigue: 0, demand: { AE: 10 }, cycles: 12 }],
    }
    const found = plan(
      week({
        bands: { AE: { low: 30, high: 30 } }, sessions: [0, 1, 2].map(d => day(`d${d}`, d)), variations: [bends],
        limits: { cycles: 24 },
      }),
    )
    expect([found.plan.length, found.evaluation.goal, found.explanations[0]!.blame]).toEqual([2, 10, ['cycles']])
  })

  it('planes, keeping, and resisting before making are wanted at their price', () => {
    const found = plan(
      week({
        bands: {}, planes: { frontal: 2 }, previous: ['Z'], keep: 1, resisting: ['AE'],
        sessions: [day('mon', 0, { lifts: { AL: 12 } })],
      }),
    )
    expect(found.evaluation.relaxations).toEqual([
      { want: 'plane', of: 'frontal', by: 2, cost: 60 }, { want: 'keep', of: 'last week', by: 1, cost: 10 },
      { want: 'resisting', of: 'resisting before making', by: 12, cost: 12 },
    ])
    expect(found.explanations.map(e => e.kind)).toEqual(['noDrill', 'noDrill', 'noDrill'])
  })
})

describe('what is to blame', () => {
  const A = drill('A', [2], 100, { AE: 10 }, { spineCost: 2, group: 'g', fatigue: 2 })
  const B = drill('B', [2], 100, { AE: 10 }, { spineCost: 2, group: 'g', fatigue: 2 })
  const bands = { AE: { low: 40, high: 40 } }
  it.each(
    [
      ['minutes', week({ bands, variations: [A, { ...B, group: 'h' }], sessions: [day('mon', 0, { capS: 250 })] })],
      ['items', week({ bands, variations: [A, { ...B, group: 'h' }], sessions: [day('mon', 0, { items: 1 })] })],
      [
        'fatigue',
        week({
          bands, variations: [A, { ...B, group: 'h' }],
          sessions: [day('mon', 0, { slots: [{ id: 'before', fatigue: 6 }] })],
        }),
      ],
      ['spineCost', week({ bands, variations: [A, { ...B, group: 'h' }], limits: { spineCost: 3 } })],
      ['distinct', week({ bands, variations: [A, { ...B, group: 'h' }], limits: { distinct: 1 } })],
      ['group', week({ bands, variations: [A, B] })],
      [
        'appearances',
        week({ bands, variations: [A], sessions: [day('mon', 0), day('thu', 3)], limits: { appearances: 1 } }),
      ],
      [
        'rest',
        week({
          bands, variations: [A], sessions: [day('mon', 0), day('tue', 1)], limits: { highOver: 15, restHours: 48 },
        }),
      ],
    ] as const,
  )('is %s and nothing else', (family, instance) => {
    const found = plan(instance)
    expect([
      found.evaluation.goal, found.explanations[0]!.kind, found.explanations[0]!.blame, found.explanations[0]!.minimal,
    ]).toEqual([20, 'rules', [family], true])
  })

  it('is another goal where both cannot be had, and it says which', () => {
    const found = plan(week({
      bands: { AE: { low: 10, high: 10, weight: 1 }, AL: { low: 10, high: 10, weight: 2 } },
      sessions: [day('mon', 0, { items: 1 })],
      variations: [drill('A', [1], 60, { AE: 10 }), drill('L', [1], 60, { AL: 10 })],
    }))
    expect(found.explanations[0]).toMatchObject({ kind: 'tradeOff', relaxation: { of: 'AE' } })
  })

  it('is the rule that took the drills away before anything was chosen', () => {
    const found = plan(week({ bands, variations: [{ ...A, removed: { rule: 'flag', text: 'Hernia.' } }] }))
    expect(found.explanations[0]).toMatchObject({ kind: 'noDrill', droppedBy: ['flag'] })
  })
})

describe('locks', () => {
  const base = week({
    bands: { AE: { low: 40, high: 40 } }, sessions: [day('mon', 0, { items: 2 }), day('thu', 3)],
    variations: ['A', 'B', 'C'].map(id => drill(id, [1, 2], 100, { AE: 10 })),
  })
  it('keep an item where the coach put it, never bring one back, and hold one to its place', () => {
    const kept = { variation: 'B', session: 'thu', slot: 'after', sets: 1 }
    const found = plan({ ...base, locks: { keep: [kept], never: ['A'] } })
    expect(found.plan).toContainEqual(kept)
    expect([found.plan.some(i => i.variation === 'A'), found.evaluation.goal, found.evaluation.broken]).toEqual([
      false, 0, [],
    ])
    const two = { ...base, sessions: [day('mon', 0, { slots: [{ id: 'early' }, { id: 'late' }] })] }
    for (const item of plan({ ...two, locks: { only: { A: ['late'] } } }).plan)
      if (item.variation === 'A') expect(item.slot).toBe('late')
  })

  it('that break a limit stand all the same, are told, and nothing is added on top', () => {
    const keep = ['A', 'B', 'C'].map(variation => ({ variation, session: 'mon', slot: 'after', sets: 2 }))
    const found = plan({ ...base, locks: { keep } })
    expect(found.plan.filter(i => i.session === 'mon')).toHaveLength(3)
    expect(found.evaluation.broken).toEqual([{ rule: 'items', where: 'mon', by: 1 }])
    expect(found.bound).toBeLessThanOrEqual(found.evaluation.goal)
  })

  it('past the items of a session prove nothing that is not so', () => {
    const close = {
      ...base,
      sessions: [day('mon', 0, { items: 1 }), day('tue', 1, { items: 1 })],
      limits: { highOver: 5, restHours: 48, appearances: 2 }, bands: { AE: { low: 90, high: 90 } },
    }
    const found = plan({
      ...close,
      locks: { keep: ['A', 'B', 'C'].map(variation => ({ variation, session: 'mon', slot: 'after', sets: 2 })) },
    })
    expect([found.bound <= found.evaluation.goal, found.evaluation.goal, found.proven]).toEqual([true, 30, true])
  })

  it('never bring back what may not be given', () => {
    const removed = { ...base, variations: base.variations.map(v => ({ ...v, removed: { rule: 'flag', text: '' } })) }
    expect(plan({ ...removed, locks: { keep: [{ variation: 'A', session: 'mon', slot: 'after', sets: 1 }] } }).plan)
      .toEqual([])
  })
})

/** Every plan there is, judged by the evaluator: for weeks small enough to write all of them down. */
function enumerate(instance: WeekInstance): { goal: number, preference: number } {
  const { columns } = columnsOf(instance)
  let best = { goal: Infinity, preference: Infinity }
  for (let bits = 0; bits < 2 ** columns.length; bits++) {
    const items = columns.filter((_, i) => (bits >> i) & 1).map(asItem)
    const { broken, goal, preference } = evaluatePlan(instance, items)
    if (broken.length === 0 && (goal < best.goal - 1e-9 || (goal < best.goal + 1e-9 && preference < best.preference)))
      best = { goal, preference }
  }
  return best
}

const tiny = fc.record({
  capS: fc.integer({ min: 60, max: 400 }), items: fc.integer({ min: 1, max: 3 }), low: fc.integer({ min: 0, max: 60 }),
  lowB: fc.integer({ min: 0, max: 60 }), width: fc.integer({ min: 0, max: 15 }),
  drills: fc.array(
    fc.record({
      a: fc.integer({ min: 0, max: 12 }), b: fc.integer({ min: 0, max: 12 }), s: fc.integer({ min: 20, max: 70 }),
      two: fc.boolean(), cost: fc.integer({ min: 0, max: 4 }), spine: fc.integer({ min: 0, max: 2 }),
    }),
    { minLength: 1, maxLength: 3 },
  ),
  highOver: fc.integer({ min: 5, max: 30 }), spineCost: fc.integer({ min: 1, max: 6 }),
  distinct: fc.integer({ min: 1, max: 3 }), gap: fc.integer({ min: 1, max: 2 }), keep: fc.integer({ min: 0, max: 1 }),
}).map((r): WeekInstance =>
  week({
    actions: ['AE', 'AL'],
    bands: { AE: { low: r.low, high: r.low + r.width, weight: 1.5 }, AL: { low: r.lowB, high: r.lowB + r.width } },
    sessions: [
      day('mon', 0, { capS: r.capS, items: r.items }),
      day('next', r.gap, { capS: r.capS, items: r.items, lifts: { AE: 3 } }),
    ],
    variations: r.drills.map((d, i) =>
      drill(`v${i}`, d.two ? [1, 3] : [2], d.s, { AE: d.a, AL: d.b }, {
        cost: d.cost, spineCost: d.spine, planes: [i === 0 ? 'frontal' : 'sagittal'],
      })
    ),
    limits: {
      highOver: r.highOver, restHours: 48, appearances: 2, cycles: 4, spineCost: r.spineCost, distinct: r.distinct,
    },
    planes: { frontal: 1 }, previous: ['v1'], keep: r.keep, resisting: ['AE'], penalties: { plane: 7, keep: 5 },
  })
)

describe('weeks of chance', () => {
  it('small ones are as good as the best of all plans there are, on both levels', () => {
    fc.assert(fc.property(tiny, (instance) => {
      const found = plan(instance)
      const best = enumerate(instance)
      expect(found.evaluation.broken).toEqual([])
      expect([found.evaluation.goal, found.proven]).toEqual([expect.closeTo(best.goal, 6), true])
      expect(found.evaluation.preference).toBeCloseTo(best.preference, 6)
    }), { seed: 11, numRuns: 60 })
  }, 120_000)

  it.each(FAMILIES)(
    '%s ones break no rule by an evaluator of its own, and the program agrees with the annealer',
    (family) => {
      for (let seed = 1; seed <= 3; seed++) {
        const instance = anyWeek(seed, family, 18, 3)
        const found = planWeek(instance, { solver, explains: () => false, walls: { searchS: 1, explainS: 1 } })
        expect(found.evaluation.broken, `seed ${seed}`).toEqual([])
        expect(found.bound).toBeLessThanOrEqual(found.evaluation.goal + 1e-6)
        const { columns } = columnsOf(instance)
        const whole = solver({ model: weekModel(instance, columns).model, whole: true, grain: 0.5, wallS: 2 })
        if (found.proven) expect(whole.cost, `seed ${seed}`).toBeGreaterThan(found.evaluation.goal - 1e-4)
        if (whole.status === 'optimal') expect(found.evaluation.goal, `seed ${seed}`).toBeGreaterThan(whole.cost - 0.5)
      }
    },
    120_000,
  )

  it('hundreds more, by annealing alone: no hard rule is ever broken, and its own figures are the evaluator’s', () => {
    for (let seed = 1; seed <= 300; seed++) {
      const instance = anyWeek(seed, FAMILIES[seed % 3]!, 20 + (seed % 30), 2 + (seed % 3))
      const { columns } = columnsOf(instance)
      const found = anneal(instance, columns, { bound: 0, budget: { steps: 1500, restarts: 1, preferenceSteps: 500 } })
      const { broken, goal, preference } = evaluatePlan(instance, found.chosen.map(asItem))
      expect([seed, broken, goal, preference]).toEqual([
        seed, [], expect.closeTo(found.goal, 6), expect.closeTo(found.preference, 6),
      ])
    }
  }, 120_000)

  it('are planned the same each time', () => {
    const instance = anyWeek(5, 'normal', 30, 3)
    expect(planWeek(instance, { solver }).plan).toEqual(planWeek(instance, { solver }).plan)
  })
})
