import type { PlanRun, PlanRunRequest, PlanRunLine, RunState, WeekOutcome } from '~~/shared/types'
import { json, type Tx } from './rows'

interface RunRow {
  id: string
  starts_on: string
  weeks: number
  request: Omit<PlanRunRequest, 'id' | 'athleteIds'>
  cancelled: boolean
  asked_by: string
  asked_by_name: string
  asked_at: Date
}
interface LineRow {
  athlete_id: string
  athlete_name: string
  state: RunState
  attempts: number
  problem: string
  weeks: WeekOutcome[]
  accepted_by: string | null
}

/** A run as the process that plans it needs it. */
export interface RunRequest {
  readonly id: string
  readonly cancelled: boolean
  readonly askedBy: string
  readonly request: Omit<PlanRunRequest, 'id' | 'athleteIds'>
}

/** Adds a run with a line for each athlete; false when its key is already there. */
export async function insertRun(
  tx: Tx, organisationId: string, { id, athleteIds, ...request }: PlanRunRequest, personId: string,
): Promise<boolean> {
  const rows = await tx('plan_run').insert({
    id, organisation_id: organisationId, starts_on: request.startsOn, weeks: request.weeks, request: json(request),
    asked_by: personId,
  })
    .onConflict('id').ignore().returning<{ id: string }[]>('id')
  if (rows.length === 0) return false
  await tx('plan_run_item').insert(
    athleteIds.map(athleteId => ({
      run_id: id, athlete_id: athleteId, organisation_id: organisationId, state: 'waiting',
    })),
  )
  return true
}

const selectRuns = (tx: Tx, organisationId: string) =>
  tx('plan_run as r').where('r.organisation_id', organisationId)
    .select<RunRow[]>(
      'r.*',
      tx.raw(
        '(select p.name from person p where p.organisation_id = r.organisation_id and p.id = r.asked_by) as '
        + 'asked_by_name',
      ),
    )

/** The last runs, newest first, without their lines. */
export async function latestRuns(tx: Tx, organisationId: string, limit: number): Promise<PlanRun[]> {
  const rows = await selectRuns(tx, organisationId).orderBy('r.asked_at', 'desc').limit(limit)
  return rows.map(row => toRun(row, []))
}

export async function runById(tx: Tx, organisationId: string, id: string): Promise<PlanRun | null> {
  const [row] = await selectRuns(tx, organisationId).where('r.id', id)
  if (!row) return null
  const lines = await tx('plan_run_item as i').join('athlete as a', 'a.id', 'i.athlete_id').where({
    'i.organisation_id': organisationId, 'i.run_id': id,
  })
    .orderByRaw('lower(a.name), a.id').select<LineRow[]>(
      'i.athlete_id', 'a.name as athlete_name', 'i.state', 'i.attempts', 'i.problem', 'i.weeks', 'i.accepted_by',
    )
  return toRun(row, lines)
}

const toRun = (row: RunRow, lines: readonly LineRow[]): PlanRun => ({
  id: row.id, startsOn: row.starts_on, weeks: row.weeks, askedBy: row.asked_by_name,
  askedAt: row.asked_at.toISOString(), cancelled: row.cancelled, sessions: row.request.sessions,
  lines: lines.map((line): PlanRunLine => ({
    athleteId: line.athlete_id, athleteName: line.athlete_name, state: line.state, attempts: line.attempts,
    problem: line.problem, weeks: line.weeks, accepting: line.accepted_by !== null,
  })),
})

export async function runRequest(tx: Tx, organisationId: string, id: string): Promise<RunRequest | null> {
  const row = await tx('plan_run').where({ organisation_id: organisationId, id }).first<RunRow | undefined>()
  return row ? { id: row.id, cancelled: row.cancelled, askedBy: row.asked_by, request: row.request } : null
}

/** Cancels a run: lines that nobody works on yet will not be worked on. */
export async function cancelRun(tx: Tx, organisationId: string, id: string): Promise<void> {
  await tx('plan_run').where({ organisation_id: organisationId, id }).update({ cancelled: true })
  await tx('plan_run_item').where({ organisation_id: organisationId, run_id: id, state: 'waiting' }).update({
    state: 'cancelled', changed_at: tx.fn.now(),
  })
}

/** Puts lines that failed or were cancelled back in the queue; their athletes. */
export async function requeueLines(tx: Tx, organisationId: string, id: string): Promise<string[]> {
  await tx('plan_run').where({ organisation_id: organisationId, id }).update({ cancelled: false })
  const rows = await tx('plan_run_item').where({ organisation_id: organisationId, run_id: id }).whereIn('state', [
    'failed', 'cancelled',
  ])
    .update({ state: 'waiting', problem: '', changed_at: tx.fn.now() }).returning<{ athlete_id: string }[]>(
      'athlete_id',
    )
  return rows.map(row => row.athlete_id)
}

/** One line, held against others until the transaction ends. */
export async function holdLine(
  tx: Tx, organisationId: string, runId: string, athleteId: string,
): Promise<Pick<PlanRunLine, 'state' | 'weeks' | 'attempts'> & { readonly acceptedBy: string | null } | null> {
  const row = await tx('plan_run_item').where({ organisation_id: organisationId, run_id: runId, athlete_id: athleteId })
    .forUpdate().first<LineRow | undefined>()
  return row ? { state: row.state, weeks: row.weeks, attempts: row.attempts, acceptedBy: row.accepted_by } : null
}

/** Marks lines with a planned week that is not assigned as accepted by somebody; their athletes. */
export async function acceptLines(
  tx: Tx, organisationId: string, id: string, athleteIds: readonly string[] | null, personId: string,
): Promise<string[]> {
  const rows = await tx('plan_run_item').where({ organisation_id: organisationId, run_id: id, state: 'done' })
    .whereNull('accepted_by').whereRaw('weeks @> ?::jsonb', [json([{ outcome: 'proposed', assigned: false }])])
    .modify((query) => { if (athleteIds) void query.whereRaw('athlete_id = any(?)', [athleteIds as string[]]) })
    .update({ accepted_by: personId, problem: '', changed_at: tx.fn.now() })
    .returning<{ athlete_id: string }[]>('athlete_id')
  return rows.map(row => row.athlete_id)
}

export async function setLine(
  tx: Tx, organisationId: string, runId: string, athleteId: string,
  change: {
    state?: RunState, problem?: string, weeks?: readonly WeekOutcome[], attempts?: number, acceptedBy?: null
  },
): Promise<void> {
  const { weeks, acceptedBy, ...rest } = change
  await tx('plan_run_item').where({ organisation_id: organisationId, run_id: runId, athlete_id: athleteId })
    .update({ ...rest, ...(weeks ? { weeks: json(weeks) } : {}), ...(acceptedBy === null ? { accepted_by: null } : {}),
      changed_at: tx.fn.now() })
}
