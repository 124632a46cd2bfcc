import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { STANDARD_TESTS, TEST_IDS, TESTS, testFacts } from '~~/core/assessment'
import { larkholm } from '~~/demo'
import { athleteSchema, fieldMessages, trialSchema } from '~~/shared/schemas'
import { NO_HEALTH, type Athlete, type StoredTrial } from '~~/shared/types'
import {
  isThere, rosterFields, rosterTable, toTrial, trialFields, trialProblem, trialTable, withoutHealth, type RosterLine,
  type TrialRow,
} from './importKinds'
import { readTable, writeTable } from './tableFile'
import { matchColumns, readRows } from './tableImport'
import { blankAthlete } from '~/composables/useAthleteForm'

const centre = larkholm('2026-03-04')
const athletes = centre.athletes.map(({ id, input }): Athlete => ({
  ...input, id, version: 1, archived: false, clearances: [], health: NO_HEALTH, screenedOn: null, accountEmail: null,
  accountState: 'none', changedBy: null,
}))
const together = trialProblem(STANDARD_TESTS)
const fields = trialFields(athletes, STANDARD_TESTS)
const key = '01890a5d-ac96-774b-bcce-b302099a8057'
const read = (rows: readonly Record<string, string>[]) => {
  const headings = Object.keys(rows[0]!)
  return readRows<TrialRow>(rows, fields, matchColumns(headings, fields, {}))
}

describe('columns', () => {
  it('are matched by name in whatever writing, and as they were last time', () => {
    expect(matchColumns(['ATHLETE NAME', 'Test ', 'seconds', 'Shoe size'], fields, {})).toEqual({
      'ATHLETE NAME': 'athleteId', 'Test ': 'test', 'seconds': 'value', 'Shoe size': null,
    })
    expect(matchColumns(['Shoe size'], fields, { 'Shoe size': 'note' })).toEqual({ 'Shoe size': 'note' })
  })

  it('feed each field once', () => {
    expect(Object.values(matchColumns(['Value', 'Seconds'], fields, {}))).toEqual(['value', null])
  })
})

describe('rows of tests', () => {
  const good = {
    'Athlete': athletes[0]!.name.toUpperCase(), 'Test': 'side bridge hold', 'Side': 'L', 'Value': '62,5',
    'What ended it': 'Trunk gave out', 'Day': '2026-03-02',
  }

  it('are read in the words a coach writes', () => {
    const [{ row } = { row: null }] = read([good])
    expect(row).toEqual({
      athleteId: athletes[0]!.id, test: 'sideBridge', side: 'left', value: 62.5, breakPoint: 'trunk', day: '2026-03-02',
      note: '',
    })
    expect(fieldMessages(trialSchema, toTrial(row!, key))).toBeNull()
  })

  it.each([
    ['athleteId', { Athlete: 'Nobody At All' }, 'Nobody here'], ['test', { Test: 'juggling' }, 'not known'],
    ['value', { Value: 'long' }, 'A number'], ['value', { Value: '' }, 'missing'],
    ['day', { Day: '2/3/26' }, 'YYYY-MM-DD'], ['side', { Side: 'middle' }, 'left, right'],
    ['breakPoint', { 'What ended it': 'boredom' }, 'not known'],
  ])('say beside the cell what is wrong with %s', (field, wrong, words) => {
    const [row] = read([{ ...good, ...wrong }])
    expect(row!.row).toBeNull()
    expect(Object.keys(row!.problems)).toEqual([field])
    expect(row!.problems[field]).toContain(words)
  })

  it('ask for the side of a one-sided test and of no other', () => {
    const row = read([good])[0]!.row!
    expect([together(row), together({ ...row, side: null })?.field, together({ ...row, test: 'plank' })?.field])
      .toEqual([null, 'side', 'side'])
  })

  it('written out come back the same, and brought in twice are known', async () => {
    const trials = TEST_IDS.map((test, i): StoredTrial => ({
      id: key, athleteId: athletes[i % athletes.length]!.id, day: '2026-03-02', performedAt: '2026-03-02T12:00:00.000Z',
      test, side: testFacts(test).sides === 'each' ? 'right' : null, value: 10 + i / 2, breakPoint: 'none', setting: {},
      note: i === 0 ? '=1+1, "quoted"; and more' : '', takenBy: null, reliable: null,
    }))
    const table = await readTable(await writeTable(trialTable(trials, athletes, STANDARD_TESTS)))
    const rows = readRows<TrialRow>(table.rows, fields, matchColumns(table.headings, fields, {})).map(r => r.row!)
    expect(rows.map(row => toTrial(row, key))).toEqual(trials.map(({ takenBy: _, reliable: _r, ...trial }) => trial))
    expect(rows.every(isThere(trials))).toBe(true)
    expect(isThere(trials)({ ...rows[0]!, value: 999 })).toBe(false)
  })

  it('never give a value that the server would refuse', () => {
    const cell = fc.oneof(
      fc.string({ maxLength: 12 }),
      fc.constantFrom('', '12', '-3', '1e9', 'left', '2026-03-02', athletes[0]!.name, TESTS.plank.name),
    )
    fc.assert(
      fc.property(fc.record({ Athlete: cell, Test: cell, Side: cell, Value: cell, Day: cell, Note: cell }), (cells) => {
        const [{ row } = { row: null }] = read([cells])
        if (row) expect(fieldMessages(trialSchema, toTrial(row, key))).toBeNull()
      }),
      { seed: 12, numRuns: 300 },
    )
  })
})

describe('rows of the roster', () => {
  const groups = centre.groups
  it('written out come back the same, without a word about health', async () => {
    const table = await readTable(await writeTable(rosterTable(athletes, groups)))
    const own = rosterFields(groups, [])
    const rows = readRows<RosterLine>(table.rows, own, matchColumns(table.headings, own, {}))
    expect(rows.filter(r => r.row === null)).toEqual([])
    for (const [i, { row }] of rows.entries()) {
      expect(athletes[i]).toMatchObject(row!)
      expect(fieldMessages(athleteSchema, { ...blankAthlete(), ...row! })).toBeNull()
    }
    expect(JSON.stringify(athletes.map(withoutHealth))).not.toMatch(/flags|clearances/)
  })

  it('know who is there already', () => {
    const own = rosterFields(groups, athletes)
    const table = {
      'Name': athletes[0]!.name, 'Sport': 'general', 'Sex': 'f', 'Height': '170', 'Weight': '65', 'Born': '2001',
    }
    const [row] = readRows(([table]), own, matchColumns(Object.keys(table), own, {}))
    expect(row!.problems).toEqual({ name: 'Already on the roster.' })
  })
})
