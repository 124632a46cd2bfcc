import { describe, expect, it } from 'vitest'
import { STANDARD_TESTS } from '~~/core/assessment'
import { BREAK_KEYS, freshLane, frontOf, LANE_KEYS, laneAt, stepsOf } from './lane'

const lane = freshLane({ id: 'a', name: 'A' })
const waits = (stoppedAt: number) => ({ ...lane, waiting: { value: 60, stoppedAt } })

describe('a lane of the test desk', () => {
  it('does one-sided tests right then left', () => {
    expect(stepsOf({ name: '', tests: ['sideBridge', 'plank'] }, STANDARD_TESTS)).toEqual([
      { test: 'sideBridge', side: 'right' }, { test: 'sideBridge', side: 'left' }, { test: 'plank', side: null },
    ])
  })

  it('that waits longest comes first; none waits, none comes', () => {
    expect([frontOf([]), frontOf([lane, lane]), frontOf([waits(30), lane, waits(20), waits(20)])])
      .toEqual([null, null, 2])
  })

  it('goes to another step with its watch standing and what was done kept', () => {
    expect(laneAt({ ...waits(5), startedAt: 3, note: 'late' }, 2)).toEqual({ ...lane, at: 2, note: 'late' })
  })

  it('has keys of its own: none starts a watch and ends a trial', () => {
    const ends = BREAK_KEYS.map(([key]) => key)
    expect(new Set([...LANE_KEYS, ...ends]).size).toBe(LANE_KEYS.length + ends.length)
  })
})
