import { BREAK_POINTS, testFacts, type BreakPoint, type TestId, type Tests } from '~~/core/assessment'
import { isTrainingDay } from '~~/core/calendar'
import type { Side } from '~~/core/dose'
import { SPORT_PROFILES } from '~~/core/programme'
import type { Athlete, AthleteInput, Group, StoredTrial, TrialInput } from '~~/shared/types'
import { numberIn, oneOfWords, type ImportField } from './tableImport'

/** A trial as a line of a table. */
export interface TrialRow {
  readonly athleteId: string
  readonly test: TestId
  readonly side: Side | null
  readonly value: number
  readonly breakPoint: BreakPoint
  readonly day: string
  readonly note: string
}

/** Plain words up to a length: what the server takes too. */
const words = (most: number) => (text: string) => {
  if (/[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/.test(text)) return { problem: 'Plain words only.' }
  return text.length <= most ? { value: text } : { problem: `${most} characters at most.` }
}

const SIDES: Readonly<Record<string, Side | null>> = {
  '': null, 'left': 'left', 'l': 'left', 'right': 'right', 'r': 'right', 'both': null,
}

/** Columns of tests: an athlete is known by name. */
export function trialFields(athletes: readonly Athlete[], tests: Tests): ImportField<TrialRow>[] {
  const byName = new Map<string, Athlete[]>()
  for (const athlete of athletes)
    byName.set(athlete.name.toLowerCase(), [...(byName.get(athlete.name.toLowerCase()) ?? []), athlete])
  const test = oneOfWords(Object.fromEntries(Object.entries(tests).map(([id, facts]) => [id, facts!.name])), 'The test')
  const ended = oneOfWords(BREAK_POINTS, 'What ended it')
  return [
    {
      key: 'athleteId', label: 'Athlete', also: ['name', 'athlete name'], required: true, read: (text) => {
        const found = byName.get(text.toLowerCase()) ?? []
        if (found.length === 1) return { value: found[0]!.id }
        return {
          problem: found.length === 0
            ? `Nobody here is called “${text}”.`
            : `${found.length} athletes are called “${text}”.`,
        }
      },
    },
    { key: 'test', label: 'Test', also: ['drill', 'measure'], required: true, read: test },
    {
      key: 'side', label: 'Side', also: [], required: false,
      read:
        text => (text.toLowerCase() in SIDES
          ? { value: SIDES[text.toLowerCase()] }
          : { problem: 'Side is left, right, or empty.' }),
    },
    {
      key: 'value', label: 'Value', also: ['result', 'seconds', 's', 'time'], required: true, read: (text) => {
        const value = numberIn(text)
        return value >= 0 && value <= 3600 ? { value } : { problem: 'A number from 0 to 3600.' }
      },
    },
    {
      key: 'breakPoint', label: 'What ended it', also: ['break point', 'ended'], required: false,
      read: text => (text === '' ? { value: 'none' } : ended(text)),
    },
    {
      key: 'day', label: 'Day', also: ['date'], required: true,
      read: text => (isTrainingDay(text) ? { value: text } : { problem: 'A day reads YYYY-MM-DD.' }),
    },
    { key: 'note', label: 'Note', also: ['notes', 'comment'], required: false, read: words(500) },
  ]
}

/** What the cells of a row say together: a one-sided test needs its side. */
export const trialProblem = (tests: Tests) => ({ test, side }: TrialRow): { field: string, text: string } | null => {
  if ((testFacts(test, tests).sides === 'each') === (side !== null)) return null
  return {
    field: 'side',
    text: side === null
      ? 'This test is taken on one side: left or right.'
      : 'This test is taken on both sides at once.',
  }
}

/** A row as it is sent. */
export const toTrial = (row: TrialRow, id: string): TrialInput => ({
  ...row, id, performedAt: `${row.day}T12:00:00.000Z`, setting: {},
})

/** A roster line: what the form asks first; the rest keeps the values of a new athlete. */
export type RosterLine = Pick<
  AthleteInput,
  'name' | 'sex' | 'heightCm' | 'massKg' | 'birthYear' | 'trainingAgeYears' | 'sport' | 'position' | 'goal' | 'groupIds'
>

type Read<T> = { readonly value: T } | { readonly problem: string }

const inRange = (label: string, least: number, most: number) => (text: string): Read<number> => {
  const value = numberIn(text)
  return value >= least && value <= most ? { value } : { problem: `${label} goes from ${least} to ${most}.` }
}

const freshName = (taken: ReadonlySet<string>) => (text: string): Read<string> => {
  if (text.length < 2 || text.length > 80) return { problem: 'A name of 2 to 80 letters.' }
  return taken.has(text.toLowerCase()) ? { problem: 'Already on the roster.' } : { value: text }
}

function birthYear(text: string): Read<number> {
  const value = numberIn(text)
  const good = Number.isInteger(value) && value >= 1930 && value <= 2020
  return good ? { value } : { problem: 'A year from 1930 to 2020.' }
}

const groupsNamed = (groups: readonly Group[]) => (text: string): Read<string[]> => {
  const ids = new Map(groups.map(group => [group.name.toLowerCase(), group.id]))
  const names = text.split(/[;,]/).map(name => name.trim()).filter(Boolean)
  const strange = names.find(name => !ids.has(name.toLowerCase()))
  return strange === undefined
    ? { value: names.flatMap(name => ids.get(name.toLowerCase()) ?? []) }
    : { problem: `There is no group “${strange}”.` }
}

export function rosterFields(groups: readonly Group[], athletes: readonly Athlete[]): ImportField<RosterLine>[] {
  const sex = oneOfWords({ female: 'f', male: 'm', w: 'w' }, 'Sex')
  const taken = new Set(athletes.map(a => a.name.toLowerCase()))
  const sport = oneOfWords(
    Object.fromEntries(Object.entries(SPORT_PROFILES).map(([id, { name }]) => [id, name])),
    'The sport',
  )
  return [
    {
      key: 'name', label: 'Name', also: ['athlete', 'athlete name'], required: true,
      read: freshName(taken),
    },
    {
      key: 'sex', label: 'Sex for body scaling', also: ['sex', 'gender'], required: true,
      read: text => {
        const found = sex(text)
        return 'value' in found && found.value === 'w' ? { value: 'female' } : found
      },
    },
    {
      key: 'heightCm', label: 'Height, cm', also: ['height', 'height cm'], required: true,
      read: inRange('Height in cm', 120, 230),
    },
    {
      key: 'massKg', label: 'Body mass, kg', also: ['mass', 'weight', 'mass kg', 'weight kg', 'body mass'],
      required: true, read: inRange('Body mass in kg', 25, 220),
    },
    {
      key: 'birthYear', label: 'Birth year', also: ['born', 'year of birth'], required: true, read: birthYear,
    },
    {
      key: 'trainingAgeYears', label: 'Training age', also: ['training age years', 'training years'], required: false,
      read: text => (text === '' ? { value: 0 } : inRange('Training age', 0, 60)(text)),
    },
    {
      key: 'sport', label: 'Sport profile', also: ['sport'], required: true, read: sport,
    },
    { key: 'position', label: 'Position', also: [], required: false, read: words(60) },
    { key: 'goal', label: 'Goal', also: [], required: false, read: words(200) },
    {
      key: 'groupIds', label: 'Groups', also: ['group', 'squad', 'team'], required: false,
      read: groupsNamed(groups),
    },
  ]
}

/** Tests and roster as tables, in the columns that come back in. */
export const trialTable = (
  trials: readonly StoredTrial[], athletes: readonly Athlete[], tests: Tests,
): Record<string, string | number>[] => {
  const names = new Map(athletes.map(a => [a.id, a.name]))
  return trials.map(t => ({
    'Athlete': names.get(t.athleteId) ?? '', 'Test': testFacts(t.test, tests).name, 'Side': t.side ?? '',
    'Value': t.value, 'What ended it': BREAK_POINTS[t.breakPoint], 'Day': t.day, 'Note': t.note,
  }))
}
export const rosterTable = (
  athletes: readonly Athlete[], groups: readonly Group[],
): Record<string, string | number>[] =>
  athletes.map(a => ({
    'Name': a.name, 'Sex for body scaling': a.sex, 'Height, cm': a.heightCm, 'Body mass, kg': a.massKg,
    'Birth year': a.birthYear, 'Training age': a.trainingAgeYears, 'Sport profile': SPORT_PROFILES[a.sport].name,
    'Position': a.position, 'Goal': a.goal,
    'Groups': a.groupIds.map(id => groups.find(g => g.id === id)?.name ?? '').join('; '),
  }))

/** Whether a row is among the trials that are here: the same file brought in twice adds nothing. */
export function isThere(trials: readonly StoredTrial[]): (row: TrialRow) => boolean {
  const key = (t: Pick<TrialRow, 'athleteId' | 'test' | 'side' | 'value' | 'day'>): string =>
    [t.athleteId, t.test, t.side, t.value, t.day].join('/')
  const here = new Set(trials.map(key))
  return row => here.has(key(row))
}

/** An athlete as a file may hold them: nothing about health leaves by the way of the roster. */
export function withoutHealth(
  { flags: _f, clearances: _c, health: _h, screenedOn: _s, ...athlete }: Athlete,
): Omit<Athlete, 'flags' | 'clearances' | 'health' | 'screenedOn'> {
  return athlete
}
