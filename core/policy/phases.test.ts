import { describe, expect, it } from 'vitest'
import { PHASE_IDS, PHASES } from './phases'

describe('phases of a season', () => {
  it('come in the order of the year', () => {
    expect(PHASE_IDS).toEqual(['offSeason', 'preSeason', 'inSeason', 'taper', 'transition'])
  })

  it('ask for most in the off-season, and take up nothing new when it counts', () => {
    const most = Math.max(...PHASE_IDS.map(id => PHASES[id].volume))
    expect(PHASES.offSeason.volume).toBe(most)
    expect(PHASE_IDS.filter(id => PHASES[id].nothingNew)).toEqual(['inSeason', 'taper'])
  })

  it('taper by 41 to 60 % of the volume (Bosquet et al. 2007)', () => {
    expect(PHASES.taper.volume).toBeGreaterThanOrEqual(0.4)
    expect(PHASES.taper.volume).toBeLessThanOrEqual(0.59)
  })
})
