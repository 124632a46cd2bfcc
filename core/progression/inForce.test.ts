import { describe, expect, it } from 'vitest'
import type { Step } from './decision'
import { inForce, type Taken } from './inForce'

const step = (variationId: string, amount: number, sets = 3): Step =>
  ({ variationId, dose: { sets, amount, unit: 'reps', restS: 45 }, setting: { bandN: 100 }, effort: 0.5 })
const FROM = step('press-out.standing', 5)
const MONDAY = '2026-03-09'
const taken = (over: Partial<Taken> = {}): Taken => ({
  variationId: FROM.variationId, kind: 'more', day: '2026-03-08', from: FROM, to: step(FROM.variationId, 7), ...over,
})
const given = (...all: Taken[]) => inForce(all, [], MONDAY)

describe('what was decided', () => {
  it('more is given as it was decided; who stays keeps what was given', () => {
    const { dose, setting } = taken().to!
    expect(given(taken())).toEqual({ [FROM.variationId]: { dose, setting, firm: false } })
    expect(given(taken({ kind: 'stay', to: null }))[FROM.variationId]).toMatchObject({ dose: FROM.dose })
  })

  it('a rung that is left is not given any more, and the next begins with its few sets', () => {
    const above = step('press-out.standing-hold', 6, 2)
    expect(given(taken({ kind: 'up', to: above }))).toEqual({
      [FROM.variationId]: null, [above.variationId]: { dose: above.dose, setting: above.setting, firm: true },
    })
    expect(given(taken({ kind: 'refer', to: null }))).toEqual({ [FROM.variationId]: null })
  })

  it('holds until what it gives was done, and no longer than two weeks', () => {
    const logs = [{ variationId: FROM.variationId, day: '2026-03-08' }]
    expect(inForce([taken()], logs, MONDAY)).not.toEqual({})
    expect(inForce([taken()], [{ ...logs[0]!, day: '2026-03-10' }], '2026-03-16')).toEqual({})
    expect(inForce([taken()], [], '2026-03-16')).not.toEqual({})
    expect(inForce([taken()], [], '2026-03-23')).toEqual({})
  })

  it('within the week counts for its days to come; later it is not known yet', () => {
    expect(given(taken({ day: '2026-03-11' }))).not.toEqual({})
    expect(given(taken({ day: '2026-03-16' }))).toEqual({})
  })

  it('the newest word counts', () => {
    expect(given(taken(), taken({ kind: 'stay', to: null, day: '2026-03-10' }))[FROM.variationId]).toMatchObject({
      dose: { amount: 5 },
    })
  })
})
