import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { SetLog } from '../assessment'
import { capacitiesOf, type Evidence } from '../capacity'
import { STANDARD } from '../catalogue'
import type { PrescribedWork } from '../programme'
import { context } from '../testing/fixtures'
import { reviewOf, reviewText, stretchOf, type ReviewRequest } from '.'

const DRILL = 'side-plank.feet'
const [FIRST, SECOND] = ['2026-03-02', '2026-03-09']
const planned = (day: string, over: Partial<PrescribedWork> = {}): PrescribedWork => ({
  itemId: day, variationId: DRILL, day, dose: { sets: 3, amount: 30, unit: 'seconds', restS: 30 }, extraSetSide: null,
  slot: 'after', setting: {}, ...over,
})
const set = (day: string, setNumber: number, side: 'left' | 'right' | null, over: Partial<SetLog> = {}): SetLog => ({
  prescribedItemId: day, variationId: DRILL, day, setNumber, side, amount: 30, unit: 'seconds', tempo: null,
  breakPoint: 'none', setting: {}, feltAt: [], effort: 7, painAt: null, ...over,
})
const both = (day: string, count: number, over: Partial<SetLog> = {}): SetLog[] =>
  Array.from({ length: count }, (_, i) => [set(day, i + 1, 'left', over), set(day, i + 1, 'right', over)]).flat()
const request = (over: Partial<ReviewRequest> = {}): ReviewRequest => ({
  context, evidence: { trials: [], sets: [] }, prescribed: [], logs: [], sessions: [], efforts: [], from: FIRST,
  to: '2026-03-15', ...over,
})

describe('a review', () => {
  it('counts asked and done by week: four of six sets are two thirds of everything', () => {
    const { weeks } = reviewOf(request({
      prescribed: [planned(FIRST), planned(SECOND)], logs: [...both(FIRST, 2), ...both(SECOND, 3)],
    }))
    expect(weeks.map(week => [week.sets, week.adherence])).toEqual([
      [{ asked: 6, done: 4 }, 4 / 6], [{ asked: 6, done: 6 }, 1],
    ])
    const [first, second] = weeks
    expect(first!.fullSets.done.frontal).toBeCloseTo(first!.fullSets.asked.frontal * 2 / 3, 6)
    expect(second!.fullSets.done.frontal).toBeCloseTo(second!.fullSets.asked.frontal, 6)
    expect(first!.fullSets.asked.frontal).toBeGreaterThan(0)
    // 3 sets a side of 30 s: 180 s of work and the rests between.
    expect(first!.minutes.asked).toBeGreaterThan(3)
    expect(first!.minutes.done).toBeCloseTo(first!.minutes.asked * 2 / 3, 6)
    expect(first!.byPlane.frontal.minutes).toEqual(first!.minutes)
    expect(first!.byPlane.sagittal.minutes).toEqual({ asked: 0, done: 0 })
  })

  it('counts fast repeats apart, and the lifts of sessions that were trained', () => {
    const throws = 'rotation.throw-to-wall'
    const dose = { sets: 2, amount: 5, unit: 'reps' as const, restS: 60 }
    const lift = { id: 'l', lift: 'backSquat' as const, sets: 4, reps: 4, percent1Rm: 82 }
    const { weeks: [week] } = reviewOf(request({
      prescribed: [planned(FIRST, { variationId: throws, dose })],
      logs: [set(FIRST, 1, 'left', { variationId: throws, amount: 5, unit: 'reps' })],
      sessions: [{ day: FIRST, lifts: [lift] }, { day: '2026-03-04', lifts: [lift] }],
    }))
    expect(week!.contacts).toEqual({ asked: 20, done: 5 })
    expect(week!.byPlane.transverse.contacts).toEqual({ asked: 20, done: 5 })
    expect(week!.fullSets.done.transverse).toBe(0)
    expect(week!.lifts).toBeGreaterThan(0)
    const twice = reviewOf(request({
      logs: [set(FIRST, 1, 'left'), set('2026-03-04', 1, 'left')],
      sessions: [{ day: FIRST, lifts: [lift] }, { day: '2026-03-04', lifts: [lift] }],
    })).weeks[0]!
    expect(twice.lifts).toBeCloseTo(2 * week!.lifts, 9)
  })

  it('draws the capacity line as it was known each week, with what moved it', () => {
    const evidence: Evidence = {
      trials: [{ test: 'plank', side: null, value: 150, breakPoint: 'trunk', day: '2026-03-10' }], sets: [],
    }
    const { arch } = reviewOf(request({ evidence })).capacities
    expect(arch.map(point => point.day)).toEqual(['2026-03-08', '2026-03-15'])
    const known = capacitiesOf(context.trunk.trunk, evidence, STANDARD, '2026-03-15').arch
    expect(arch[1]).toMatchObject({ nm: known.nm, low: known.low, high: known.high, measured: true })
    expect([arch[0]!.from.length, arch[1]!.from.map(one => one.day)]).toEqual([0, ['2026-03-10']])
    expect(arch[1]!.high - arch[1]!.low).toBeLessThan(arch[0]!.high - arch[0]!.low)
  })

  it('says what moved: the rung before the load, and nothing of sets that broke', () => {
    const of = (...logs: SetLog[]) => reviewOf(request({ logs })).moved.map(({ what, up }) => [what, up])
    const above = STANDARD.branch(STANDARD.find(DRILL)!.branch)!.rungs[STANDARD.find(DRILL)!.rung]!
    expect(of(set(FIRST, 1, 'left'), set(SECOND, 1, 'left', { variationId: above.id }))).toEqual([['rung', true]])
    expect(of(set(FIRST, 1, 'left', { setting: { loadKg: 5 } }), set(SECOND, 1, 'left'))).toEqual([['load', false]])
    expect(of(set(FIRST, 1, 'left'), set(SECOND, 1, 'left', { amount: 40 }))).toEqual([['amount', true]])
    expect(of(set(FIRST, 1, 'left'), set(SECOND, 1, 'left', { amount: 40, breakPoint: 'trunk' }))).toEqual([])
    expect(of(set(FIRST, 1, 'left'))).toEqual([])
  })

  it('counts what broke first and where it was felt, week by week', () => {
    const { broke, felt } = reviewOf(request({
      logs: [
        ...both(FIRST, 1, { breakPoint: 'lowBack', feltAt: ['sides'] }), set(SECOND, 1, 'left', { breakPoint: 'grip' }),
      ],
    }))
    expect(broke).toEqual([
      { what: 'lowBack', weeks: [2, 0], total: 2 }, { what: 'grip', weeks: [0, 1], total: 1 },
    ])
    expect(felt).toEqual([{ what: 'sides', weeks: [2, 0], total: 2 }])
  })

  it('reckons load, monotony and strain of a week by hand', () => {
    // 6 x 60, 4 x 45, 8 x 50 and four days of rest, as worked in core/load.
    const efforts = [
      { day: '2026-03-02', effort: 6, minutes: 60 }, { day: '2026-03-04', effort: 4, minutes: 45 },
      { day: '2026-03-06', effort: 8, minutes: 50 },
    ]
    const { loads } = reviewOf(request({ efforts }))
    expect(loads[0]!.total).toBe(940)
    expect(loads[0]!.monotony).toBeCloseTo(0.7434, 3)
    expect(loads[1]).toMatchObject({ total: 0, monotony: null, strain: null })
    expect(loads[1]!.lately).toBeLessThan(loads[0]!.lately)
    // Averages begin with the week's own day, so that one hard first day is not what somebody is used to.
    expect(loads[0]!.usual).toBeCloseTo(940 / 7, -1)
  })

  it('is a stretch in a few figures, and two are held side by side', () => {
    const good = stretchOf(reviewOf(request({ prescribed: [planned(FIRST)], logs: both(FIRST, 3) })))
    const half = stretchOf(reviewOf(request({
      prescribed: [planned(FIRST)], logs: [...both(FIRST, 1), set(FIRST, 2, 'left', { breakPoint: 'trunk' })],
    })))
    expect([good.adherence, half.adherence]).toEqual([1, 0.5])
    expect([good.brokeOfHundred, half.brokeOfHundred]).toEqual([0, 100 / 3])
    expect(good.fullSets.frontal).toBeGreaterThan(half.fullSets.frontal)
  })

  it('says in words what grew and who was behind', () => {
    const line = (...nms: number[]) =>
      nms.map(nm => ({ day: FIRST, nm, low: nm, high: nm, measured: true, from: [] }))
    expect(reviewText({
      capacities: {
        arch: line(200, 204), fold: line(200, 180), sideLeft: line(106, 132), sideRight: line(124, 140),
        turnLeft: line(90, 90), turnRight: line(90, 91),
      },
    })).toBe('Resist folding fell from about 200 to about 180 N·m. '
      + 'Resist side bend grew from about 115 to about 136 N·m. '
      + 'Resist side bend: the left was behind by 15 % and is by 6 %.')
  })

  it('takes getting to know somebody for no growth', () => {
    const guess = { day: FIRST, nm: 180, low: 90, high: 320, measured: false, from: [] }
    const known = { ...guess, nm: 130, measured: true }
    const none = { fold: [], sideLeft: [], sideRight: [], turnLeft: [], turnRight: [] }
    expect(reviewText({ capacities: { arch: [guess, known], ...none } })).toBe('')
    expect(reviewText({ capacities: { arch: [guess, known, { ...known, nm: 143 }], ...none } }))
      .toBe('Resist arching grew from about 130 to about 143 N·m.')
  })

  it('never changes with the order of the sets', () => {
    const logs = [...both(FIRST, 2), ...both(SECOND, 3, { effort: 9, breakPoint: 'trunk' })]
    const whole = reviewOf(request({ logs, prescribed: [planned(FIRST)] }))
    fc.assert(fc.property(fc.shuffledSubarray(logs, { minLength: logs.length }), (shuffled) => {
      const again = reviewOf(request({ logs: shuffled, prescribed: [planned(FIRST)] }))
      expect({ ...again, weeks: [], sides: [] }).toEqual({ ...whole, weeks: [], sides: [] })
      again.weeks.forEach((week, i) =>
        expect(week.fullSets.done.frontal).toBeCloseTo(whole.weeks[i]!.fullSets.done.frontal, 9))
    }), { seed: 8, numRuns: 20 })
  })
})
