import { describe, expect, it } from 'vitest'
import { STANDARD_TESTS } from '~~/core/assessment'
import { STANDARD } from '~~/core/catalogue'
import { larkholm } from '~~/demo'
import { NO_HEALTH, type Athlete, type StoredTrial } from '~~/shared/types'
import { clearedReds } from './clearedReds'
import { deskLooks } from './deskLooks'

const TODAY = '2026-03-04'
const athlete = (over: Partial<Athlete>): Athlete => ({
  ...larkholm(TODAY).athletes[0]!.input, id: 'a', version: 1, archived: false, clearances: [], health: NO_HEALTH,
  screenedOn: null, accountEmail: null, accountState: 'none', changedBy: null, flags: [], ...over,
})
const looks = (one: Athlete, trials: readonly StoredTrial[] = []) =>
  deskLooks(() => [one], () => trials, { catalogue: () => STANDARD, tests: () => STANDARD_TESTS, today: () => TODAY })
const plank = { test: 'plank' as const, side: null }

describe('what the desk knows of an athlete', () => {
  it('offers no hold to somebody who fainted, and says why', () => {
    expect(looks(athlete({ flags: ['fainting'] })).stop('a', plank)).toContain('Fainting on effort')
    expect(looks(athlete({})).stop('a', plank)).toBeNull()
  })

  it('tells whoever may not know why only that it is not now', () => {
    const left = STANDARD.variations.map(v => v.id).filter(id => !id.startsWith('front-plank.elbows'))
    expect(looks(athlete({ health: { ...NO_HEALTH, left } })).stop('a', plank)).toBe('Not for this athlete now.')
    expect(
      looks(athlete({ health: { ...NO_HEALTH, left: ['brace.find-it'] } })).stop('a', { test: 'hinge', side: 'left' }),
    ).toBe('Not for this athlete now.')
  })

  it('finds a value far from the athlete’s own odd, and not from another’s', () => {
    const trial = { athleteId: 'a', test: 'plank', side: null, value: 60, breakPoint: 'trunk' } as StoredTrial
    expect(looks(athlete({}), [trial]).odd('a', plank, 200)).toContain('usual 60')
    expect(looks(athlete({}), [{ ...trial, athleteId: 'b' }]).odd('a', plank, 200)).toBeNull()
    expect(looks(athlete({}), [{ ...trial, breakPoint: 'pain' }]).odd('a', plank, 200)).toBeNull()
  })
})

describe('red flags that were cleared', () => {
  it('are asked about anew; those that stand and amber ones are not', () => {
    const word = {
      id: 'c', flag: 'chestPain' as const, extent: 'all' as const, givenBy: 'x', role: 'doctor' as const,
      from: '2026-03-01', until: '2026-03-10', note: '',
    }
    expect(clearedReds(['chestPain', 'fainting', 'wrist'], [word], {}, TODAY)).toEqual(['chestPain'])
    expect(clearedReds(['chestPain'], [word], {}, '2026-03-11')).toEqual([])
  })
})
