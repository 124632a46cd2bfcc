import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { TRUNK_ACTIONS } from '../../catalogue'
import { PHASE_IDS } from '../../policy'
import { SPORT_CHARACTERS } from './characters'
import { sportOf, type SportEdit } from './sportOf'
import { SPORT_PROFILE_IDS, SPORT_PROFILES } from './sportProfiles'

const none: SportEdit = { weights: {}, times: {}, faults: null, why: '' }

describe('a sport as it holds in an organisation', () => {
  it('is ours where nothing is said otherwise, and what is not named stays ours', () => {
    for (const id of SPORT_PROFILE_IDS) {
      expect(sportOf(id)).toMatchObject({ weights: SPORT_PROFILES[id].weights, character: SPORT_CHARACTERS[id] })
      expect(sportOf(id, { [id]: none }).times).toEqual(sportOf(id).times)
    }
    const edited = sportOf('running', { running: { ...none, times: { carry: { inSeason: 3 } }, faults: ['breath'] } })
    expect(edited.times.carry).toEqual({ ...sportOf('running').times.carry, inSeason: 3 })
    expect(edited.character).toEqual({ ...SPORT_CHARACTERS.running, faults: ['breath'] })
    expect(sportOf('cycling', { running: { ...none, faults: ['breath'] } })).toEqual(sportOf('cycling'))
  })

  it('leans and has its year as the organisation says', () => {
    const season = { offSeason: 10, preSeason: 6, inSeason: 30, transition: 6 }
    const { character } = sportOf('rowing', { rowing: { ...none, postures: ['standing'], modes: ['dynamic'], season } })
    expect(character).toEqual({ ...SPORT_CHARACTERS.rowing, postures: ['standing'], modes: ['dynamic'], season })
  })

  it('asks for what it did not know once an organisation says so', () => {
    expect(sportOf('cycling').times.carry).toBeUndefined()
    expect(sportOf('cycling', { cycling: { ...none, times: { carry: { preSeason: 1 } } } }).times.carry).toEqual({
      offSeason: 0, preSeason: 1, inSeason: 0, taper: 0, transition: 0,
    })
  })

  it('has weights that sum to 1, each in the order that was written', () => {
    const percents = fc.record(Object.fromEntries(TRUNK_ACTIONS.map(a => [a, fc.integer({ min: 0, max: 60 })])))
    fc.assert(fc.property(fc.constantFrom(...SPORT_PROFILE_IDS), percents, (id, weights) => {
      const sport = sportOf(id, { [id]: { ...none, weights } })
      expect(TRUNK_ACTIONS.reduce((sum, a) => sum + sport.weights[a], 0)).toBeCloseTo(1, 9)
      if (TRUNK_ACTIONS.every(a => weights[a] === 0)) expect(sport.weights).toEqual(SPORT_PROFILES[id].weights)
      else for (const [a, b] of TRUNK_ACTIONS.map((x, i) => [x, TRUNK_ACTIONS[(i + 1) % 8]!] as const))
        expect(Math.sign(sport.weights[a] - sport.weights[b])).toBe(Math.sign(weights[a]! - weights[b]!))
    }), { seed: 4 })
  })

  it('asks at most as often in season as before it, and knows every phase', () => {
    for (const id of SPORT_PROFILE_IDS) {
      for (const [want, times] of Object.entries(sportOf(id).times)) {
        expect(Object.keys(times)).toEqual(PHASE_IDS)
        if (want !== 'fast') expect(times.inSeason, `${id} ${want}`).toBeLessThanOrEqual(times.preSeason)
        expect(times.taper).toBeLessThanOrEqual(times.inSeason)
      }
    }
  })
})
