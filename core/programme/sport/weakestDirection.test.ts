import { describe, expect, it } from 'vitest'
import { CAPACITY_IDS, type Capacities, type CapacityId } from '../../capacity'
import { STANDARD } from '../../catalogue'
import { context } from '../../testing/fixtures'
import { sportOf } from './sportOf'
import { weakestDirection } from './weakestDirection'

/** Everything measured: so much of what people of this kind hold, a tenth sure either way. */
const holding = (parts: Partial<Record<CapacityId, number>>, measured = true): Capacities =>
  Object.fromEntries(CAPACITY_IDS.map((id) => {
    const nm = context.trunk.known[id].nm * (parts[id] ?? 1)
    return [id, { nm, low: nm * 0.9, high: nm * 1.1, measured, from: [] }]
  })) as unknown as Capacities
const of = (known: Capacities, sport: Parameters<typeof sportOf>[0] = 'general') =>
  weakestDirection({ ...context.trunk, known }, sportOf(sport), STANDARD)

describe('the weakest direction', () => {
  it('is where least of what people of this kind hold is there, certain where its band lies under the others', () => {
    expect(of(holding({ sideRight: 0.7 }))).toMatchObject({
      id: 'sideRight', action: 'antiLateralFlexion', part: expect.closeTo(0.7, 6), certain: true,
    })
    expect(of(holding({ fold: 0.95 }))!.certain).toBe(false)
  })

  it('leans to what the sport asks most', () => {
    const weights = sportOf('striking').weights
    expect(weights.antiRotation + weights.rotation).toBeGreaterThan(weights.antiFlexion + weights.extension)
    expect(of(holding({ fold: 0.92, turnLeft: 0.92 }), 'striking')!.id).toBe('turnLeft')
  })

  it('is not named of what nobody measured', () => {
    expect(of(holding({ arch: 0.5 }, false))).toBeNull()
  })
})
