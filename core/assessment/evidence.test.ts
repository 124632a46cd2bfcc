import { describe, expect, it } from 'vitest'
import { stillSpeaks } from './evidence'

describe('evidence', () => {
  it('speaks for half a year to the day, and never from days to come', () => {
    const days = ['2025-12-31', '2026-01-01', '2026-07-02', '2026-07-03'].map(day => ({ day }))
    expect(stillSpeaks(days, '2026-07-02').map(one => one.day)).toEqual(['2026-01-01', '2026-07-02'])
  })
})
