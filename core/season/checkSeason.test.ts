import { describe, expect, it } from 'vitest'
import { checkSeason } from './checkSeason'
import type { SeasonInstance } from './instance'

const phase = { id: 'base', least: 1, most: 4, start: null, volume: 20 }
const good: SeasonInstance = { weeks: 4, phases: [phase], competitions: [] }
const but = (over: Partial<SeasonInstance>): SeasonInstance => ({ ...good, ...over })
const phases = (over: Partial<SeasonInstance['phases'][number]>): SeasonInstance =>
  but({ phases: [{ ...phase, ...over }] })

describe('a season', () => {
  it('that can be planned passes, at both ends of its ranges', () => {
    for (const one of [good, but({ weeks: 1 }), but({ weeks: 60 }), phases({ least: 0, most: 60, volume: 200 })])
      expect(() => { checkSeason(one) }).not.toThrow()
  })

  it.each<[string, SeasonInstance]>([
    ['weeks', but({ weeks: 0 })], ['weeks', but({ weeks: 61 })], ['weeks', but({ weeks: 1.5 })],
    ['phases', but({ phases: [] })], ['phases', but({ phases: Array.from({ length: 13 }, () => phase) })],
    ['phases.0.least', phases({ least: 5 })], ['phases.0.least', phases({ most: 61 })],
    ['phases.0.start', phases({ start: 60 })], ['phases.0.notBefore', phases({ notBefore: -1 })],
    ['phases.0.volume', phases({ volume: 201 })], ['phases.0.volume', phases({ volume: NaN })],
    ['deloadEvery', but({ deloadEvery: 61 })], ['matches.0', but({ matches: [0.5] })],
    ['competitions.0', but({ competitions: [{ day: NaN, importance: 'A' }] })],
    ['hardDays.1', but({ hardDays: [0, 7] })],
    ['weekdays.0', but({ weekdays: [-1] })],
  ])('is refused with %s named', (field, season) => {
    expect(() => { checkSeason(season) }).toThrow(expect.objectContaining({ name: 'DomainError', field }))
  })
})
