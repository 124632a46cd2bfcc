import { describe, expect, it } from 'vitest'
import { gateProgress } from './gate'
import type { SetLog } from '.'
import { findVariation } from '../catalogue'

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
      .toEqual({ sessions: 2, running: 2, met: true })
    const broken = [
      ...sets(plank.id, days[0]!, n, amount), ...sets(plank.id, days[1]!, n - 1, amount),
      ...sets(plank.id, days[2]!, n, amount),
    ]
    expect(gateProgress(plank, broken)).toMatchObject({ sessions: 1, met: false })
    expect(gateProgress(plank, sets(plank.id, days[0]!, n, amount, { breakPoint: 'lowBack' })).sessions).toBe(0)
  })

  it('of a one-sided drill asks it of both sides', () => {
    const side = findVariation('side-plank.knees')!
    const of = (s: 'left' | 'right') =>
      [0, 1].flatMap(d => sets(side.id, days[d]!, side.gate.sets, side.gate.amount, { side: s }))
    expect(gateProgress(side, of('left')).met).toBe(false)
    expect(gateProgress(side, [...of('left'), ...of('right')]).met).toBe(true)
  })

  it('is not met by seconds where it is counted in repeats: a circuit proves no gate of theirs', () => {
    const press = findVariation('press-out.standing')!
    const done = (unit: SetLog['unit']) => days.flatMap(day => (['left', 'right'] as const).flatMap(of =>
      sets(press.id, day, press.gate.sets, 45, { side: of, unit, setting: { bandN: 500 } })))
    expect(gateProgress(press, done('seconds'), 80)).toEqual({ sessions: 0, running: 0, met: false })
    expect(gateProgress(press, done('reps'), 80).met).toBe(true)
  })
})
