import { describe, expect, it } from 'vitest'
import { anyWeek } from '../testing/instances'
import { day, drill, week } from '../testing/smallWeek'
import { planWeek } from './planWeek'

const instance = week({
  bands: { AE: { low: 20, high: 30 } }, sessions: [day('mon', 0), day('thu', 3)],
  variations: [drill('hold', [1, 2], 60, { AE: 10 })],
})
const tooMuch = { ...instance, bands: { AE: { low: 100, high: 120 } } }

describe('a week without a solver', () => {
  it('is proven best where nothing is wanting, whoever looks', () => {
    expect(planWeek(instance)).toMatchObject({ proven: true, proof: 'nothing is wanting', bound: 0, walled: false })
  })

  it('that leaves something wanting proves nothing, and says what it did not look into', () => {
    const short = planWeek(tooMuch)
    expect(short).toMatchObject({ proven: false, proof: 'none', bound: 0 })
    expect(short.explanations.map(e => e.kind)).toEqual(['notProven'])
    expect(planWeek(tooMuch, { explains: () => false }).explanations).toEqual([])
  })

  it('begins at the plan that was, and leaves out what has no place any more', () => {
    const stood = { variation: 'hold', session: 'thu', slot: 'after', sets: 2 }
    const budget = { steps: 0, restarts: 1, preferenceSteps: 0 }
    expect(planWeek(instance, { start: [stood, { ...stood, variation: 'gone' }], budget }).plan).toEqual([stood])
  })

  it('is the same each time', () => {
    const one = anyWeek(7, 'normal', 30, 3)
    expect(planWeek(one, { explains: () => false }).plan).toEqual(planWeek(one, { explains: () => false }).plan)
  })
})
