import { describe, expect, it } from 'vitest'
import { checked } from './check'
import { sportsSchema } from './sports'

const edit = { weights: { rotation: 12 }, times: { carry: { inSeason: 2 } }, faults: null, why: 'Ours turn.' }
const read = (over: object) => checked(sportsSchema, { version: 0, edits: { rowing: { ...edit, ...over } } })

describe('what is said of a sport', () => {
  it('names one sport, one action and one phase without the others', () => {
    expect(read({})).toEqual({ version: 0, edits: { rowing: edit } })
    expect(checked(sportsSchema, { version: 3, edits: {} })).toEqual({ version: 3, edits: {} })
  })

  it.each([
    [{ why: '' }, 'edits.rowing.why'], [{ weights: { rotation: 61 } }, 'edits.rowing.weights.rotation'],
    [{ weights: { spin: 3 } }, 'edits.rowing.weights.spin'],
    [{ times: { carry: { inSeason: 8 } } }, 'edits.rowing.times.carry.inSeason'],
    [{ faults: ['neck', 'neck'] }, 'edits.rowing.faults.1'], [{ postures: ['flying'] }, 'edits.rowing.postures.0'],
    [{ season: { offSeason: 20, preSeason: 20, inSeason: 10, transition: 3 } }, 'edits.rowing.season'],
    [{ season: { offSeason: 60, preSeason: 1, inSeason: 1, transition: 1 } }, 'edits.rowing.season.offSeason'],
  ])('is refused beside its field: %o', (over, field) => {
    expect(() => read(over)).toThrow(expect.objectContaining({ fields: { [field]: expect.any(String) } }))
  })
})
