import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyWeek, FAMILIES, seeded } from '../testing/instances'
import { day, drill, week } from '../testing/smallWeek'
import { columnsOf } from './columns'
import { evaluatePlan } from './evaluate'
import type { WeekInstance } from './instance'
import { WeekState } from './state'

const stateOf = (instance: WeekInstance): WeekState => new WeekState(instance, columnsOf(instance).columns)

describe('a plan that is changed column by column', () => {
  it('holds no drill twice in a session, nor more of it in a week than it may come', () => {
    const state = stateOf(week({
      sessions: [day('mon', 0), day('wed', 2), day('fri', 4)], variations: [drill('hold', [1, 2], 60, {})],
      limits: { appearances: 2 },
    }))
    const [mon1, mon2, wed, , fri] = state.places
    if (!mon1 || !mon2 || !wed || !fri) throw new Error('Too few columns.')
    state.add(mon1)
    expect([state.has(mon1), state.fits(mon2), state.like(mon2) === mon1, state.like(wed)]).toEqual([
      true, false, true, undefined,
    ])
    state.add(wed)
    expect(state.fits(fri)).toBe(false)
    state.remove(mon1)
    expect([state.fits(fri), state.fits(mon2), state.plan().map(i => i.session)]).toEqual([true, true, ['wed']])
  })

  it('knows which action is furthest below its band, by what it costs', () => {
    const state = stateOf(week({
      bands: { AE: { low: 20, high: 40 }, AL: { low: 15, high: 40, weight: 2 } }, sessions: [day('mon', 0)],
      variations: [drill('side', [1], 60, { AL: 10 }), drill('hold', [1], 60, { AE: 20 })],
    }))
    const worst = () => state.shortest()?.places.map(p => p.column.variation.id)
    expect(worst()).toEqual(['side'])
    state.add(state.places[0]!)
    expect(worst()).toEqual(['hold'])
    state.add(state.places[1]!)
    expect(worst()).toEqual(['side'])
  })

  it('is empty when all was taken out, and costs what it cost', () => {
    const state = stateOf(anyWeek(3, 'tight', 20, 3))
    const before = [state.goal(), state.preference()]
    for (const place of state.places) if (state.fits(place)) state.add(place)
    expect(state.chosen.length).toBeGreaterThan(0)
    state.clear()
    expect([state.plan(), state.goal(), state.preference()]).toEqual([[], ...before])
  })

  it('has the figures of a slow recount after any steps, and breaks no rule', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9999 }), fc.constantFrom(...FAMILIES), (seed, family) => {
        const instance = anyWeek(seed, family, 24, 3)
        const state = stateOf(instance)
        const next = seeded(seed)
        for (let step = 0; step < 120; step++) {
          const place = state.places[Math.floor(next() * state.places.length)]
          if (!place) break
          if (state.has(place)) state.remove(place)
          else if (state.fits(place)) state.add(place)
        }
        const { broken, goal, preference } = evaluatePlan(instance, state.plan())
        expect(broken).toEqual([])
        expect([state.goal(), state.preference()]).toEqual([expect.closeTo(goal, 6), expect.closeTo(preference, 6)])
      }),
      { seed: 5, numRuns: 60 },
    )
  })

  it('refuses whatever the slow recount would call broken, and nothing else', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9999 }), (seed) => {
        const instance = anyWeek(seed, 'hard', 16, 2)
        const state = stateOf(instance)
        for (const place of state.places) if (state.fits(place)) state.add(place)
        for (const place of state.places.filter(p => !state.has(p)).slice(0, 12)) {
          state.add(place)
          expect(evaluatePlan(instance, state.plan()).broken.length, place.column.variation.id).toBeGreaterThan(0)
          state.remove(place)
        }
      }),
      { seed: 6, numRuns: 20 },
    )
  })
})
