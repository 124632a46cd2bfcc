import { describe, expect, it } from 'vitest'
import { homeworkLies, homeworkState } from './homework'

describe('homework', () => {
  const set = { timesADay: 3, until: '2026-03-10', note: '' }
  it('counts today, says how long it lay, and ends on its day', () => {
    expect(homeworkState(set, [{ day: '2026-03-01', step: 2 }], '2026-03-04')).toMatchObject({
      done: 0, of: 3, idleDays: 3, remind: true, says: '0 of 3 done today. Last practised 3 days ago.',
    })
    const three = [1, 2, 3].map(() => ({ day: '2026-03-04', step: 2 }))
    expect(homeworkState(set, three, '2026-03-04')).toMatchObject({ remind: false, says: 'Done for today: 3 of 3.' })
    expect(homeworkState(set, [], '2026-03-11').of).toBe(0)
    expect(() => homeworkState({ ...set, timesADay: 0 }, [], '2026-03-04')).toThrow('once to six')
  })

  it('is told to the coach after three days of nothing, from the day it was set', () => {
    expect(homeworkLies(set, [], '2026-03-02', '2026-03-04')).toBe(false)
    expect(homeworkLies(set, [{ day: '2026-02-20', step: 1 }], '2026-03-02', '2026-03-05')).toBe(true)
    expect(homeworkLies(set, [{ day: '2026-03-04', step: 1 }], '2026-03-02', '2026-03-05')).toBe(false)
    expect(homeworkLies(set, [], '2026-03-02', '2026-03-11')).toBe(false)
  })
})
