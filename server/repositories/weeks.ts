import type { WeekPlan } from '~~/core/programme'
import type { TrainingWeek } from '~~/shared/types'
import { json, type Tx } from './rows'

interface WeekRow {
  organisation_id: string
  athlete_id: string
  starts_on: string
  version: number
  plan: WeekPlan
  assigned_version: number | null
  assigned_at: Date | null
  updated_at: Date
  changed_by: string | null
}

const statusOf = (row: Pick<WeekRow, 'assigned_version'>): TrainingWeek['status'] =>
  row.assigned_version === null ? 'draft' : 'assigned'

const toWeek = (row: WeekRow): TrainingWeek => ({
  athleteId: row.athlete_id,
  startsOn: row.starts_on,
  version: row.version,
  status: statusOf(row),
  changedSinceAssigned: row.assigned_version !== null && row.assigned_version !== row.version,
  plan: row.plan,
  changedBy: row.changed_by,
  changedAt: row.updated_at.toISOString(),
})

function select(tx: Tx, organisationId: string) {
  return tx('training_week as w').where('w.organisation_id', organisationId).select<WeekRow[]>(
    'w.*',
    tx.raw(
      '(select p.name from person p where p.organisation_id = w.organisation_id and p.id = w.updated_by) as changed_by',
    ),
  )
}

export async function weekOf(
  tx: Tx, organisationId: string, athleteId: string, startsOn: string,
): Promise<TrainingWeek | null> {
  const [row] = await select(tx, organisationId).where({ athlete_id: athleteId, starts_on: startsOn })
  return row ? toWeek(row) : null
}

/** Which of some athletes have a week from that Monday on, and how far it is. */
export async function weekStatuses(
  tx: Tx, organisationId: string, athleteIds: readonly string[], startsOn: string,
): Promise<Map<string, TrainingWeek['status']>> {
  const rows = await tx('training_week').where({ organisation_id: organisationId, starts_on: startsOn })
    .whereRaw('athlete_id = any(?)', [athleteIds as string[]])
    .select<Pick<WeekRow, 'athlete_id' | 'assigned_version'>[]>('athlete_id', 'assigned_version')
  return new Map(rows.map(row => [row.athlete_id, statusOf(row)]))
}

/**
 * Saves a plan over the version that was read (0: it was not there) and returns the new version;
 * null when another write came first.
 */
export async function saveWeek(
  tx: Tx, organisationId: string, athleteId: string, startsOn: string, version: number, plan: WeekPlan,
): Promise<number | null> {
  const key = { organisation_id: organisationId, athlete_id: athleteId, starts_on: startsOn }
  if (version === 0) {
    const rows = await tx('training_week').insert({ ...key, plan: json(plan), updated_by: tx.raw('keen_person()') })
      .onConflict(['organisation_id', 'athlete_id', 'starts_on']).ignore().returning('version')
    return rows.length > 0 ? 1 : null
  }
  const changed = await tx('training_week').where({ ...key, version })
    .update({ plan: json(plan), version: version + 1, updated_at: tx.fn.now(), updated_by: tx.raw('keen_person()') })
  return changed > 0 ? version + 1 : null
}

/** Marks the stored version as the assigned one; false when it is no longer that version. */
export async function markAssigned(
  tx: Tx, organisationId: string, athleteId: string, startsOn: string, version: number, personId: string,
): Promise<boolean> {
  const changed = await tx('training_week')
    .where({ organisation_id: organisationId, athlete_id: athleteId, starts_on: startsOn, version })
    .update({ assigned_version: version, assigned_at: tx.fn.now(), assigned_by: personId })
  return changed > 0
}

/** The stored version alone, 0 when nothing is stored: what an open week sheet asks every few seconds. */
export async function weekVersion(
  tx: Tx, organisationId: string, athleteId: string, startsOn: string,
): Promise<number> {
  const row = await tx('training_week').where({
    organisation_id: organisationId, athlete_id: athleteId, starts_on: startsOn,
  })
    .first<{ version: number } | undefined>('version')
  return row?.version ?? 0
}

/** Every week ever planned for an athlete. */
export async function allWeeksOf(tx: Tx, organisationId: string, athleteId: string): Promise<TrainingWeek[]> {
  const rows = await select(tx, organisationId).where({ athlete_id: athleteId }).orderBy('starts_on')
  return rows.map(toWeek)
}

/** Which of some weeks are stored for which of some athletes. */
export async function weeksStored(
  tx: Tx, organisationId: string, athleteIds: readonly string[], mondays: readonly string[],
): Promise<{ athleteId: string, startsOn: string }[]> {
  const rows = await tx('training_week').where({ organisation_id: organisationId }).whereIn(
    'athlete_id', athleteIds as string[],
  ).whereIn('starts_on', mondays as string[])
    .select<Pick<WeekRow, 'athlete_id' | 'starts_on'>[]>('athlete_id', 'starts_on')
  return rows.map(row => ({ athleteId: row.athlete_id, startsOn: row.starts_on }))
}
