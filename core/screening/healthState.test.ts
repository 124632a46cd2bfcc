import { describe, expect, it } from 'vitest'
import { afterAnswers, effectiveMarks, FLAG_IDS, type Answers, type Clearance, type FlagId, type HealthState } from '.'

const day = '2026-03-02'
const answers = (...yes: FlagId[]): Answers => Object.fromEntries(FLAG_IDS.map(flag => [flag, yes.includes(flag)]))
const cleared = (flag: FlagId): Clearance => ({
  id: 'c', flag, extent: 'all', givenBy: 'x', role: 'doctor', from: day, until: null, note: '',
})
const known = (over: Partial<HealthState>): HealthState => ({
  version: 1, answers: null, flags: [], clearances: [], raised: {}, ...over,
})
const after = (state: HealthState, own: boolean, ...yes: FlagId[]) =>
  afterAnswers(state, { own, version: state.version, answers: answers(...yes) }, { day, at: `${day}T10:00:00.000Z` })!
const standing = ({ flags, clearances, raised }: HealthState) => effectiveMarks(flags, clearances, day, raised)

describe('what is known after a form', () => {
  it('lets a word on a complaint end with it: the next one stands until it is cleared itself', () => {
    const first = known({ flags: ['legPain'], clearances: [cleared('legPain')] })
    expect(standing(first)).toEqual([])
    const over = after(first, false)
    expect(over).toMatchObject({ flags: [], clearances: [] })
    expect(standing(after(over, false, 'legPain'))).toEqual(['legPain'])
  })

  it('keeps a clearance while its complaint is answered as before', () => {
    const again = after(known({ flags: ['legPain', 'wrist'], clearances: [cleared('legPain')] }), false, 'legPain')
    expect(again).toMatchObject({ flags: ['legPain'], clearances: [{ flag: 'legPain' }] })
    expect(standing(again)).toEqual([])
  })

  it('raises a red flag anew that was cleared and is reported once more', () => {
    const red = known({ flags: ['chestPain'], clearances: [cleared('chestPain')] })
    expect(standing(after(red, true, 'chestPain'))).toEqual(['chestPain'])
    expect(standing(after(red, false))).toEqual([])
  })

  it('takes an amber flag away by a coach alone, and a red one by nobody', () => {
    const both = known({ flags: ['chestPain', 'wrist'] })
    expect(after(both, true).flags).toEqual(['chestPain', 'wrist'])
    expect(after(both, false).flags).toEqual(['chestPain'])
  })
})
