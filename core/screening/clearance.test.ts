import { describe, expect, it } from 'vitest'
import { clearancesOf, effectiveMarks, endingClearances, extentsFor, type Clearance } from './clearance'
import { FLAG_IDS, FLAGS } from './flags'

const word = (over: Partial<Clearance> = {}): Clearance => ({
  id: 'c', flag: 'herniaSurgery', extent: 'all', givenBy: 'Island practice', role: 'doctor', from: '2026-03-02',
  until: '2026-03-31', note: '', ...over,
})

describe('a clearance', () => {
  it('of a red flag is whole or none; of others it is what the flag speaks of', () => {
    for (const id of FLAG_IDS.filter(one => FLAGS[one].kind === 'red')) expect(extentsFor(id)).toEqual(['all'])
    expect([extentsFor('herniaSurgery'), extentsFor('wrist'), extentsFor('legPain')])
      .toEqual([['training', 'breath', 'all'], ['all'], ['training', 'all']])
  })

  it.each([['2026-03-01', 1], ['2026-03-02', 0], ['2026-03-31', 0], ['2026-04-01', 1]])(
    'stands from its first day to its last: on %s %d flags are left', (day, left) => {
      expect(effectiveMarks(['herniaSurgery'], [word()], day)).toHaveLength(left)
    },
  )

  it('for a part eases the flag, the further extent first, and leaves a red one as it is', () => {
    const eased = (...extents: Clearance['extent'][]) =>
      effectiveMarks(['herniaSurgery'], extents.map(extent => word({ extent })), '2026-03-10')
    expect([eased('training'), eased('training', 'breath'), eased('breath', 'all')])
      .toEqual([['herniaSurgery~training'], ['herniaSurgery~breath'], []])
    expect(effectiveMarks(['chestPain'], [word({ flag: 'chestPain', extent: 'training' })], '2026-03-10'))
      .toEqual(['chestPain'])
  })

  it('of one flag says nothing of another', () => {
    expect(effectiveMarks(['wrist'], [word()], '2026-03-10')).toEqual(['wrist'])
  })

  it('does not reach back before a flag was raised: on those days there is none', () => {
    const raised = { wrist: { day: '2026-03-10', at: '2026-03-10T08:00:00Z' } }
    expect(effectiveMarks(['wrist'], [], '2026-03-09', raised)).toEqual([])
    expect(effectiveMarks(['wrist'], [], '2026-03-10', raised)).toEqual(['wrist'])
  })

  it('ends with its complaint', () => {
    expect(clearancesOf([word(), word({ flag: 'wrist' })], ['wrist']).map(c => c.flag)).toEqual(['wrist'])
  })

  it('that ends is told once for each flag, unless a later one goes on', () => {
    const ends = (...all: Clearance[]) => endingClearances(all, '2026-04-05').map(c => c.until)
    expect(ends(word(), word({ until: '2026-04-02' }))).toEqual(['2026-04-02'])
    expect(ends(word(), word({ until: null }))).toEqual([])
    expect(ends(word({ until: '2026-04-06' }))).toEqual([])
  })
})
