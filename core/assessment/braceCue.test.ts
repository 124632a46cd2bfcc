import { describe, expect, it } from 'vitest'
import { BRACE_CUES, cueForDrill, cueForStep } from './braceCue'

describe('the cue', () => {
  it('is to brace wherever there is load, whatever was chosen, and says why', () => {
    expect([5, 6].map(step => cueForStep('drawIn', step))).toEqual(['drawIn', 'brace'])
    expect(cueForDrill('drawIn', { spineCost: 1 })).toEqual({ cue: 'drawIn', why: null })
    for (const task of [{ spineCost: 2 }, { spineCost: 1, loadKg: 4 }])
      expect(cueForDrill('drawIn', task)).toMatchObject({ cue: 'brace', why: expect.stringContaining('load') })
    expect(cueForDrill('brace', { spineCost: 3 }).why).toBeNull()
    for (const cue of Object.values(BRACE_CUES)) expect(cue.why).toContain('Costs:')
  })
})
