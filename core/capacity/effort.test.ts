import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bodyOf } from '../anatomy'
import { findVariation, VARIATIONS } from '../catalogue'
import { MAN } from '../testing/poses'
import type { PerCapacity } from './directions'
import { effortOf, type EffortSet } from './effort'
import { pathsOf } from './paths'
import { relativeLoadAt } from './limitTime'

const paths = pathsOf(bodyOf(MAN))
const drill = (id: string) => findVariation(id)!
const hold = (seconds: number, settings = {}): EffortSet => ({ unit: 'seconds', amount: seconds, settings, side: null })
/** The elbow plank held 98 s and the side bridge held 94 s, to the break. */
const C: PerCapacity = {
  arch: 121 / relativeLoadAt(98), fold: 275, sideLeft: 117 / relativeLoadAt(94), sideRight: 117 / relativeLoadAt(94),
  turnLeft: 100, turnRight: 100,
}

// By hand, for a man of 1.80 m and 80 kg: the checks of the design of this measure.
describe('what a set is worth, worked by hand', () => {
  it('knows the capacities that the two holds speak for', () => {
    expect([C.arch, C.sideRight].map(nm => nm.toFixed(1))).toEqual(['230.5', '218.8'])
  })

  it('counts what has no pose by its time where it is counted otherwise than its gate', () => {
    const crab = drill('quadruped.crab')
    const { unit } = crab.doses[0]!
    expect([crab.pose, unit]).toEqual([undefined, 'metres'])
    // As far as the gate asks, walked at 0.8 m/s: metres and their seconds come to the same.
    const metres = effortOf(crab, { unit, amount: crab.gate.amount, settings: {}, side: null }, paths, C)
    const seconds = effortOf(crab, hold(crab.gate.amount / 0.8), paths, C)
    expect(metres.effort).toBeCloseTo(0.75, 2)
    expect(seconds.effort).toBeCloseTo(metres.effort, 6)
  })

  it('of a long-lever plank: r .78, limit 40 s, five of ten seconds 1.25 full sets', () => {
    const { r, limitS, fullSets } = effortOf(drill('front-plank.long-lever'), hold(10), paths, C)
    expect(r).toBeCloseTo(0.78, 2)
    expect(limitS).toBeCloseTo(39.9, 0)
    expect(5 * fullSets.antiExtension!).toBeCloseTo(1.25, 1)
  })

  it('of an elbow plank: three of thirty seconds .92; of one at the wall: nothing', () => {
    expect(3 * effortOf(drill('front-plank.elbows'), hold(30), paths, C).fullSets.antiExtension!).toBeCloseTo(0.92, 2)
    expect(effortOf(drill('front-plank.wall'), hold(30), paths, C).fullSets).toEqual({})
  })

  it('of a side plank with 10 kg: r .654, limit 59.6 s, four of ten seconds .67 a side', () => {
    const { r, limitS, fullSets } = effortOf(drill('side-plank.weight-on-hip'), hold(10, { loadKg: 10 }), paths, C)
    expect(r).toBeCloseTo(0.654, 2)
    expect(limitS).toBeCloseTo(59.6, 0)
    expect(4 * fullSets.antiLateralFlexion!).toBeCloseTo(0.67, 2)
  })

  it('of a suitcase: 24 kg r .289 and half, 48 kg over 40 m r .579 and .64 of the way', () => {
    const walk = (loadKg: number): EffortSet => ({ unit: 'metres', amount: 40, settings: { loadKg }, side: 'right' })
    const light = effortOf(drill('carries.suitcase'), walk(24), paths, C)
    expect(light.r).toBeCloseTo(0.289, 2)
    expect(light.fullSets.antiLateralFlexion).toBeCloseTo(light.effort / 2, 9)
    const heavy = effortOf(drill('carries.suitcase'), walk(48), paths, C)
    expect([heavy.r, heavy.effort, heavy.decides]).toEqual([
      expect.closeTo(0.579, 2), expect.closeTo(0.64, 2), 'sideLeft',
    ])
  })
})

describe('what a set is worth', () => {
  it('is nothing where nothing resists: activation, mobility, the brace course, fast work', () => {
    for (const one of VARIATIONS.filter(v => v.kind !== undefined || v.mode === 'ballistic')) {
      const { fullSets, kind } = effortOf(one, { unit: 'reps', amount: 8, settings: {}, side: null }, paths, C)
      expect([one.id, kind, fullSets]).toEqual([one.id, one.kind ?? 'fast', {}])
    }
  })

  it('grows with time and with load, and never counts more than one full set', () => {
    const seconds = fc.integer({ min: 5, max: 120 })
    const kg = fc.integer({ min: 0, max: 40 })
    const of = (t: number, loadKg: number) =>
      effortOf(drill('side-plank.weight-on-hip'), hold(t, { loadKg }), paths, C)
    fc.assert(fc.property(seconds, seconds, kg, kg, (t, longer, load, heavier) => {
      const [a, b] = [
        of(Math.min(t, longer), Math.min(load, heavier)), of(Math.max(t, longer), Math.max(load, heavier)),
      ]
      expect(b.effort).toBeGreaterThanOrEqual(a.effort)
      expect(b.fullSets.antiLateralFlexion ?? 0).toBeGreaterThanOrEqual(a.fullSets.antiLateralFlexion ?? 0)
      for (const worth of Object.values(b.fullSets)) expect(worth).toBeLessThanOrEqual(1)
    }), { numRuns: 40 })
  })

  it('does not change when moment and capacity grow together', () => {
    const strong = Object.fromEntries(Object.entries(C).map(([id, nm]) => [id, nm * 1.5])) as unknown as PerCapacity
    const heavy = pathsOf(bodyOf({ ...MAN, massKg: 120 }))
    for (const id of ['front-plank.elbows', 'hollow.arms-overhead', 'side-plank.feet']) {
      const [a, b] = [effortOf(drill(id), hold(30), paths, C), effortOf(drill(id), hold(30), heavy, strong)]
      expect(b.effort, id).toBeCloseTo(a.effort, 6)
    }
  })

  it('of a rollout is more than its mean moment says, and less than its end held all the time', () => {
    const set: EffortSet = { unit: 'reps', amount: 5, tempo: '3-0-3-0', settings: {}, side: null }
    const rollout = drill('rollout.wheel-kneeling')
    const { effort } = effortOf(rollout, set, paths, C)
    const path = paths(rollout, {})
    const flat = (nm: number): number => 30 / (22.69 * (nm / C.arch) ** -2.27)
    const mean = path.reduce((sum, p) => sum - p.sagittalNm, 0) / path.length
    expect(effort).toBeGreaterThan(flat(mean))
    expect(effort).toBeLessThan(flat(-path.at(-1)!.sagittalNm))
  })

  it('goes by the gate where there is no pose: whole at the present rung, half one below, nothing lower', () => {
    const still = VARIATIONS.find(v => v.kind === undefined && v.mode !== 'ballistic' && paths(v, {}).length === 0)!
    const set: EffortSet = { unit: still.doses[0]!.unit, amount: still.gate.amount, settings: {}, side: null }
    const [now, below, lower] = [0, 1, 2].map(rungs => effortOf(still, set, paths, C, rungs))
    expect(now!.effort).toBeCloseTo(0.75, 9)
    expect(below!.effort).toBeCloseTo(0.5, 9)
    expect([now, below, lower].map(one => Math.max(0, ...Object.values(one!.fullSets)))).toEqual([
      expect.closeTo(0.75, 9), expect.closeTo(0.25, 9), 0,
    ])
  })
})
