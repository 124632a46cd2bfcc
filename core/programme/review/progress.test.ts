import { describe, expect, it } from 'vitest'
import type { Prescribed, SetLog } from '../../assessment'
import { progressOf } from './progress'

const MONDAY = '2026-03-09'
const planned = (itemId: string, day: string): Prescribed => ({
  itemId, variationId: 'side-plank.feet', day, dose: { sets: 2, amount: 30, unit: 'seconds', restS: 30 },
  extraSetSide: null,
})
const log = (day: string, over: Partial<SetLog> = {}): SetLog => ({
  prescribedItemId: day, variationId: 'side-plank.feet', day, setNumber: 1, side: 'left', amount: 30, unit: 'seconds',
  tempo: null, breakPoint: 'none', setting: {}, feltAt: [], effort: 7, painAt: null, ...over,
})
const [FIRST, SECOND] = ['2026-03-03', '2026-03-06']
const word = (...logs: SetLog[]) =>
  progressOf([planned(FIRST, FIRST), planned(SECOND, SECOND)], logs, MONDAY)['side-plank.feet']

describe('what the sets of a week say', () => {
  it('on, where every set of the last session was clean, whole and not too hard', () => {
    expect(word(log(FIRST, { breakPoint: 'trunk', amount: 20 }), log(SECOND), log(SECOND, { setNumber: 2 }))).toBe('on')
    expect(word(log(SECOND, { effort: null }))).toBe('on')
  })

  it.each([
    ['a set fell short', { amount: 25 }], ['one was an effort of nine', { effort: 9 }],
    ['form broke late', { breakPoint: 'trunk' as const, amount: 28 }], ['it hurt', { painAt: 'lowBack' as const }],
  ])('stay, where %s', (_, over) => { expect(word(log(SECOND), log(SECOND, { ...over, setNumber: 2 }))).toBe('stay') })

  it('back, where form broke before 70 % in two sessions running, and not after one', () => {
    const lost = (day: string) => log(day, { breakPoint: 'lowBack', amount: 20 })
    expect(word(lost(FIRST), lost(SECOND))).toBe('back')
    expect(word(lost(SECOND))).toBe('stay')
    expect(word(lost(FIRST), log(SECOND))).toBe('on')
  })

  it('nothing, where the drill was not done in the week before, or only later', () => {
    expect(progressOf([], [log('2026-03-01')], MONDAY)).toEqual({})
    expect(progressOf([], [log('2026-03-09')], MONDAY)).toEqual({})
    expect(progressOf([], [], MONDAY)).toEqual({})
  })
})
