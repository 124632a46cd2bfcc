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
}

const toWeek = (row: WeekRow): TrainingWeek => ({
  athleteId: row.athlete_id,
  startsOn: row.starts_on,
  version: row.version,
  status: row.assigned_version === null ? 'draft' : 'assigned',
  changedSinceAssigned: row.assigned_version !== null && row.assigned_version !== row.version,
  plan: row.plan,
})

export async function weekOf(
  tx: Tx, organisationId: string, athleteId: string, startsOn: string,
): Promise<TrainingWeek | null> {
  const row = await tx<WeekRow>('training_week')
    .where({ organisation_id: organisationId, athlete_id: athleteId, starts_on: startsOn }).first()
  return row ? toWeek(row) : null
}

export async function weeksStarting(tx: Tx, organisationId: string, startsOn: string): Promise<TrainingWeek[]> {
  const rows = await tx<WeekRow>('training_week').where({ organisation_id: organisationId, starts_on: startsOn })
  return rows.map(toWeek)
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
    const rows = await tx('training_week').insert({ ...key, plan: json(plan) })
      .onConflict(['organisation_id', 'athlete_id', 'starts_on']).ignore().returning('version')
    return rows.length > 0 ? 1 : null
  }
  const changed = await tx('training_week').where({ ...key, version })
    .update({ plan: json(plan), version: version + 1, updated_at: tx.fn.now() })
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
