import { describe, expect, it } from 'vitest'
import { larkholm } from '~~/demo'
import { effectiveMarks, type Clearance } from '~~/core/screening'
import { NO_HEALTH, type Athlete, type RosterRow } from '~~/shared/types'
import { toLookAt } from './toLookAt'

const TODAY = '2026-03-04'
const athlete = {
  ...larkholm(TODAY).athletes[0]!.input, id: 'a', version: 1, archived: false, clearances: [],
  health: { ...NO_HEALTH, braceCheckedOn: TODAY },
  screenedOn: null, accountEmail: null, accountState: 'none', changedBy: null,
} as Athlete
const clearance = (until: string | null): Clearance => ({
  id: 'c', flag: 'herniaSurgery', extent: 'all', givenBy: 'Surgeon', role: 'specialist', from: '2026-01-01', until,
  note: '',
})
const row = (over: Partial<Athlete>, rest: Partial<RosterRow> = {}): RosterRow => ({
  athlete: { ...athlete, flags: [], ...over },
  marks: effectiveMarks(over.flags ?? [], over.clearances ?? [], TODAY),
  nextCompetition: null, thisWeek: 'none', adherence: null, lastLogDay: null, painInLastDays: false, screened: true,
  homeworkLies: false, ...rest,
})
const braced = (braceCheckedOn: string | null) => ({ health: { ...NO_HEALTH, braceCheckedOn } })
const texts = (one: RosterRow): string[] => toLookAt(one, TODAY).map(t => t.text)

describe('what waits about an athlete', () => {
  it('is nothing when there is nothing', () => {
    expect(texts(row({}))).toEqual([])
  })

  it('names flags that stand, what is urgent first', () => {
    expect(texts(row({ flags: ['wrist', 'chestPain'] }, { painInLastDays: true, lastLogDay: '2026-03-03' }))).toEqual([
      'Refer: Chest pain', 'Pain logged, last on Tue 3', 'Wrist complaint',
    ])
  })

  it.each([
    ['2026-09-01', []], ['2026-03-10', ['Clearance ends in 6 days: hernia or recent abdominal surgery']],
    ['2026-03-04', ['Clearance ends today: hernia or recent abdominal surgery']],
    ['2026-03-01', [
      'Clearance ended on 1 Mar: hernia or recent abdominal surgery', 'Hernia or recent abdominal surgery',
    ]],
    [null, []],
  ])('warns about a clearance until %s', (until, words) => {
    expect(texts(row({ flags: ['herniaSurgery'], clearances: [clearance(until)] }))).toEqual(words)
  })

  it('says where it hurt, how often running and what waits, and who was never screened', () => {
    const pain = [{
      variationId: 'side-plank.feet', day: '2026-03-03', at: '', place: 'lowBack' as const, times: 2,
      state: 'locked' as const,
    }]
    expect(texts(row({ health: { ...athlete.health, pain } }, { painInLastDays: true }))).toEqual([
      'Pain Tue 3: low back, 2 times running: locked: refer',
    ])
    expect(texts(row({}, { screened: false }))).toEqual(['Never screened'])
    expect(toLookAt(row(braced(null), { screened: false }), TODAY).map(one => one.page)).toEqual(
      ['screen', 'brace'])
    const health = { ...athlete.health, left: [] }
    expect(texts(row({ health }))).toEqual(['Some drills are not for this athlete now'])
  })

  it('reminds of the brace in everybody, after four weeks', () => {
    expect(texts(row(braced('2026-02-05')))).toEqual([])
    expect(texts(row(braced('2026-02-04')))).toEqual(['Brace re-check due since 4 Mar'])
    expect(texts(row(braced(null)))).toEqual(['Brace never checked'])
  })
})
