import { describe, expect, it } from 'vitest'
import { evaluateSeason, volumeBand } from './evaluateSeason'
import { SEASON_COSTS, type SeasonInstance, type SeasonPlan } from './instance'

const week = (...kinds: SeasonPlan['days']): SeasonPlan['days'] => kinds
const QUIET = week('high', 'off', 'low', 'off', 'low', 'off', 'off')
const instance: SeasonInstance = {
  weeks: 2, competitions: [], deloadEvery: 4,
  phases: [{ id: 'base', least: 1, most: 4, start: 0, volume: 10 }],
}
const plan: SeasonPlan = { days: [...QUIET, ...QUIET], phases: [0, 0], loads: ['usual', 'usual'] }
function told(
  of: Partial<SeasonInstance>, made: Partial<SeasonPlan> = {}, before: SeasonPlan | null = null,
): string[] {
  const { gaveWay, wanting } = evaluateSeason({ ...instance, ...of }, { ...plan, ...made }, before)
  return [...gaveWay, ...wanting].map(one => `${one.rule} ${one.week ?? one.day} ${one.cost}`)
}

describe('a week’s volume', () => {
  it.each([[20, 'usual', 20, 20], [20, 'deload', 12, 12], [20, 'taper', 8, 11]] as const)(
    'of %d units, %s, goes from %d to %d', (volume, load, least, most) => {
      expect(volumeBand(volume, load)).toEqual({ least, most })
    },
  )
})

describe('a season recounted', () => {
  it('costs nothing where everything is as it is wanted', () => {
    expect(evaluateSeason(instance, plan)).toEqual({ cost: 0, volumes: [10, 10], gaveWay: [], wanting: [] })
  })

  it('tells two high days in a row, and a high day away from the hard lifts', () => {
    const days = [...week('high', 'high', 'off', 'off', 'off', 'off', 'off'), ...QUIET]
    expect(told({ volumeRules: false }, { days })).toEqual([`twoHigh 1 ${SEASON_COSTS.dayRule}`])
    expect(told({ hardDays: [1] })).toEqual([
      `highElsewhere 0 ${SEASON_COSTS.highElsewhere}`, `highElsewhere 7 ${SEASON_COSTS.highElsewhere}`,
    ])
  })

  it('tells a day that holds more than it may, by the rule that forbids it', () => {
    expect(told({ closed: [2] })).toEqual([`closed 2 ${SEASON_COSTS.dayRule}`])
    expect(told({ travel: [4] })).toEqual([`travel 4 ${SEASON_COSTS.dayRule}`])
  })

  it('counts units under and over the phase’s volume', () => {
    expect(told({ phases: [{ ...instance.phases[0]!, volume: 12 }] })).toEqual([
      `under 0 ${2 * SEASON_COSTS.under}`, `under 1 ${2 * SEASON_COSTS.under}`,
    ])
    expect(told({ phases: [{ ...instance.phases[0]!, volume: 9 }] })).toEqual([
      `over 0 ${SEASON_COSTS.over}`, `over 1 ${SEASON_COSTS.over}`,
    ])
  })

  it('misses a lighter week, prices one, and tells a taper without a competition', () => {
    expect(told({ deloadEvery: 2 })).toEqual([`noUnload 1 ${SEASON_COSTS.noUnload}`])
    const light = [...QUIET, ...week('high', 'off', 'off', 'off', 'off', 'off', 'off')]
    expect(told({}, { days: light, loads: ['usual', 'deload'] })).toEqual([`deload 1 ${SEASON_COSTS.deload}`])
    expect(told({ volumeRules: false }, { loads: ['usual', 'taper'] })).toEqual([`taper 1 ${SEASON_COSTS.dayRule}`])
  })

  it('prices phases that are too short, begin elsewhere, or are not open', () => {
    const base = instance.phases[0]!
    expect(told({ phases: [{ ...base, least: 3 }] })).toEqual([`phaseLength 0 ${SEASON_COSTS.phaseLength}`])
    expect(told({ phases: [{ ...base, start: 2 }] })).toEqual([`phaseShift 0 ${2 * SEASON_COSTS.phaseShift}`])
    expect(told({ phases: [{ ...base, notBefore: 1 }] })).toEqual([`notOpen 0 ${SEASON_COSTS.notOpen}`])
  })

  it('counts what differs from the plan before: days, lighter weeks, where phases begin', () => {
    const before: SeasonPlan = {
      ...plan, days: [...week('high', 'off', 'low', 'off', 'moderate', 'off', 'off'), ...QUIET],
    }
    expect(told({}, {}, before)).toEqual([`change 4 ${SEASON_COSTS.change}`])
    expect(told({}, {}, { ...plan, loads: ['usual', 'deload'] })).toEqual([
      `deloadFlipped 1 ${SEASON_COSTS.deloadFlipped}`,
    ])
    const two = [instance.phases[0]!, { ...instance.phases[0]!, id: 'next', start: null }]
    expect(told({ phases: two }, { phases: [0, 1] }, { ...plan, phases: [0, 0] })).toEqual([
      `phaseMoved 1 ${SEASON_COSTS.phaseMoved}`,
    ])
  })
})
