import { rollup } from 'd3-array'
import type { TestId } from '~~/core/assessment'
import type { Answers } from '~~/core/screening'
import type { BraceCheckInput, StoredBraceCheck, StoredTrial, TrialInput, TrialTrace } from '~~/shared/types'
import { json, type Tx } from './rows'

interface TrialRow {
  id: string
  athlete_id: string
  day: string
  performed_at: Date
  test: TestId
  side: StoredTrial['side']
  value: number
  break_point: StoredTrial['breakPoint']
  setting: StoredTrial['setting']
  note: string
  reliable: boolean | null
  taken_by_name: string | null
}

const toTrial = (row: TrialRow): StoredTrial => ({
  id: row.id, athleteId: row.athlete_id, day: row.day, performedAt: row.performed_at.toISOString(), test: row.test,
  side: row.side, value: row.value, breakPoint: row.break_point, setting: row.setting, note: row.note,
  reliable: row.reliable, takenBy: row.taken_by_name,
})

/** Trials that stand, of one athlete or of everybody in sight, in the order they were taken. */
export async function trialsSince(
  tx: Tx, organisationId: string, from: string, athleteIds: readonly string[],
): Promise<StoredTrial[]> {
  const rows = await tx('test_trial as t').where({ 't.organisation_id': organisationId }).whereNull('t.withdrawn_at')
    .where('t.day', '>=', from).whereRaw('t.athlete_id = any(?)', [athleteIds as string[]])
    .orderBy(['t.day', 't.performed_at', 't.id'])
    .select<TrialRow[]>('t.id', 't.athlete_id', 't.day', 't.performed_at', 't.test', 't.side', 't.value',
      't.break_point', 't.setting', 't.note',
      tx.raw('(t.trace->>\'reliable\')::boolean as reliable'),
      tx.raw(`(select p.name from person p where p.organisation_id = t.organisation_id and p.id = t.taken_by)
        as taken_by_name`))
  return rows.map(toTrial)
}

/** Stores trials; one that is already there under its key is left as it was. */
export async function insertTrials(
  tx: Tx, organisationId: string, takenBy: string, trials: readonly TrialInput[],
): Promise<void> {
  await tx('test_trial').insert(trials.map(t => ({
    id: t.id, organisation_id: organisationId, athlete_id: t.athleteId, day: t.day, performed_at: t.performedAt,
    test: t.test, side: t.side, value: t.value, break_point: t.breakPoint, setting: json(t.setting), note: t.note,
    taken_by: takenBy,
    trace: t.trace ? json(t.trace) : null,
  }))).onConflict('id').ignore()
}

/** Traces of one athlete's trials since a day, by trial. */
export async function tracesSince(
  tx: Tx, organisationId: string, from: string, athleteId: string,
): Promise<Record<string, TrialTrace>> {
  const rows = await tx('test_trial').where({ organisation_id: organisationId, athlete_id: athleteId }).where(
    'day', '>=', from,
  )
    .whereNull('withdrawn_at').whereNotNull('trace').select<{ id: string, trace: TrialTrace }[]>('id', 'trace')
  return Object.fromEntries(rows.map(row => [row.id, row.trace]))
}

/** Takes trials out of every reckoning; whose they were. */
export async function withdrawTrialRows(tx: Tx, organisationId: string, ids: readonly string[]): Promise<string[]> {
  const rows = await tx('test_trial').where({ organisation_id: organisationId }).whereIn('id', ids as string[])
    .update({ withdrawn_at: tx.raw('coalesce(withdrawn_at, now())') }).returning<{ athlete_id: string }[]>('athlete_id')
  return rows.map(row => row.athlete_id)
}

/** Repeat trials of one person in one test, side and day, by test: what a typical error is reckoned from. */
export async function repeatTrials(tx: Tx, organisationId: string): Promise<Map<TestId, number[][]>> {
  const rows = await tx('test_trial').where({ organisation_id: organisationId }).whereNull('withdrawn_at').whereNot(
    'break_point', 'pain',
  )
    .groupBy('test', 'athlete_id', 'side', 'day').havingRaw('count(*) > 1')
    .select<{ test: TestId, list: number[] }[]>('test', tx.raw('array_agg(value order by performed_at, id) as list'))
  return rollup(rows, own => own.map(({ list }) => list), ({ test }) => test)
}

interface CheckRow {
  id: string
  day: string
  step: number
  swell: StoredBraceCheck['swell']
  breathing: boolean
  count: number
  passed: boolean
  note: string
  checked_by_name: string | null
}

/** Checks of one athlete's brace, first to last. */
export async function braceChecksOf(tx: Tx, organisationId: string, athleteId: string): Promise<StoredBraceCheck[]> {
  const rows = await tx('brace_check as c').where({ 'c.organisation_id': organisationId, 'c.athlete_id': athleteId })
    .orderBy(['c.day', 'c.created_at', 'c.id'])
    .select<CheckRow[]>(
      'c.*',
      tx.raw(
        '(select p.name from person p where p.organisation_id = c.organisation_id and p.id = c.checked_by) as '
        + 'checked_by_name',
      ),
    )
  return rows.map(({ checked_by_name: checkedBy, id, day, step, swell, breathing, count, passed, note }) => ({
    id, day, step, swell, breathing, count, passed, note, checkedBy,
  }))
}

/** Adds a check under the sender's key; false when it is there already. */
export async function insertBraceCheck(
  tx: Tx, organisationId: string, athleteId: string, check: BraceCheckInput & { passed: boolean }, checkedBy: string,
): Promise<boolean> {
  const rows = await tx('brace_check').insert({
    id: check.id, organisation_id: organisationId, athlete_id: athleteId, day: check.day, step: check.step,
    swell: json(check.swell), breathing: check.breathing, count: check.count, passed: check.passed, note: check.note,
    checked_by: checkedBy,
  }).onConflict('id').ignore().returning('id')
  return rows.length > 0
}

/** Sets the brace step that checks have led to. */
export async function setBraceStep(tx: Tx, organisationId: string, athleteId: string, step: number): Promise<void> {
  await tx('athlete').where({ organisation_id: organisationId, id: athleteId })
    .update({
      brace_step: step, version: tx.raw('version + 1'), updated_at: tx.fn.now(), updated_by: tx.raw('keen_person()'),
    })
}

/** Sets where an athlete stands over the version that was read; false when another write came first. */
export async function setStands(
  tx: Tx, organisationId: string, athleteId: string, version: number, stands: readonly string[],
): Promise<boolean> {
  const changed = await tx('athlete').where({ organisation_id: organisationId, id: athleteId, version }).update({
    stands: json(stands), version: version + 1, updated_at: tx.fn.now(), updated_by: tx.raw('keen_person()'),
  })
  return changed > 0
}

/** Answers of the last screening; null when there are none, or not for this reader. */
export async function answersOf(tx: Tx, organisationId: string, athleteId: string): Promise<Answers | null> {
  const row = await tx('athlete_health').where({ organisation_id: organisationId, athlete_id: athleteId }).first<
    { answers: Answers | null } | undefined
  >('answers')
  return row?.answers ?? null
}
