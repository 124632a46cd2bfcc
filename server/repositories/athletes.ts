import type { Athlete, AthleteInput } from '~~/shared/types'
import { json, type Tx } from './rows'

interface AthleteRow {
  id: string
  organisation_id: string
  version: number
  archived_at: Date | null
  name: string
  goal: string
  goal_variation_id: string | null
  goal_lift: AthleteInput['goalLift']
  sport: AthleteInput['sport']
  position: string
  sex: AthleteInput['sex']
  height_cm: number
  mass_kg: number
  birth_year: number
  training_age_years: number
  equipment: AthleteInput['equipment']
  available: AthleteInput['available']
  flags: AthleteInput['flags']
  brace_step: number
  rungs: AthleteInput['rungs']
  weak_link: AthleteInput['weakLink']
  weak_side: AthleteInput['weakSide']
  group_ids: string[] | null
  account_email: string | null
}

const toAthlete = (row: AthleteRow): Athlete => ({
  id: row.id,
  version: row.version,
  archived: row.archived_at !== null,
  name: row.name,
  goal: row.goal,
  goalVariationId: row.goal_variation_id,
  goalLift: row.goal_lift,
  sport: row.sport,
  position: row.position,
  sex: row.sex,
  heightCm: row.height_cm,
  massKg: row.mass_kg,
  birthYear: row.birth_year,
  trainingAgeYears: row.training_age_years,
  equipment: row.equipment,
  available: row.available,
  flags: row.flags,
  braceStep: row.brace_step,
  rungs: row.rungs,
  weakLink: row.weak_link,
  weakSide: row.weak_side,
  groupIds: row.group_ids ?? [],
  accountEmail: row.account_email,
})

const toColumns = (athlete: AthleteInput): Record<string, unknown> => ({
  name: athlete.name.trim(),
  goal: athlete.goal,
  goal_variation_id: athlete.goalVariationId,
  goal_lift: athlete.goalLift,
  sport: athlete.sport,
  position: athlete.position,
  sex: athlete.sex,
  height_cm: athlete.heightCm,
  mass_kg: athlete.massKg,
  birth_year: athlete.birthYear,
  training_age_years: athlete.trainingAgeYears,
  equipment: athlete.equipment,
  available: json(athlete.available),
  flags: athlete.flags,
  brace_step: athlete.braceStep,
  rungs: json(athlete.rungs),
  weak_link: athlete.weakLink,
  weak_side: athlete.weakSide,
})

function select(tx: Tx, organisationId: string) {
  return tx('athlete as a')
    .where('a.organisation_id', organisationId)
    .select<AthleteRow[]>(
      'a.*',
      tx.raw(`(select array_agg(m.group_id order by m.group_id) from group_member m
        where m.organisation_id = a.organisation_id and m.athlete_id = a.id) as group_ids`),
      tx.raw(`(select p.email from person p
        where p.organisation_id = a.organisation_id and p.athlete_id = a.id) as account_email`),
    )
}

export async function listAthletes(tx: Tx, organisationId: string): Promise<Athlete[]> {
  const rows = await select(tx, organisationId).orderByRaw('lower(a.name), a.id')
  return rows.map(toAthlete)
}

export async function athleteById(tx: Tx, organisationId: string, id: string): Promise<Athlete | null> {
  const [row] = await select(tx, organisationId).where('a.id', id)
  return row ? toAthlete(row) : null
}

export async function athletesByIds(tx: Tx, organisationId: string, ids: readonly string[]): Promise<Athlete[]> {
  const rows = await select(tx, organisationId).whereIn('a.id', ids as string[]).orderByRaw('lower(a.name), a.id')
  return rows.map(toAthlete)
}

/** Adds an athlete; the key is the sender's, so a repeat changes nothing. */
export async function insertAthlete(tx: Tx, organisationId: string, id: string, athlete: AthleteInput): Promise<boolean> {
  const rows = await tx('athlete').insert({ id, organisation_id: organisationId, ...toColumns(athlete) })
    .onConflict('id').ignore().returning('id')
  if (rows.length === 0) return false
  await setGroups(tx, organisationId, id, athlete.groupIds)
  return true
}

/** Saves over the version that was read; false when another write came first. */
export async function updateAthlete(
  tx: Tx, organisationId: string, id: string, version: number, athlete: AthleteInput,
): Promise<boolean> {
  const changed = await tx('athlete').where({ organisation_id: organisationId, id, version })
    .update({ ...toColumns(athlete), version: version + 1, updated_at: tx.fn.now() })
  if (changed === 0) return false
  await setGroups(tx, organisationId, id, athlete.groupIds)
  return true
}

export async function setArchived(
  tx: Tx, organisationId: string, id: string, version: number, archived: boolean,
): Promise<boolean> {
  const changed = await tx('athlete').where({ organisation_id: organisationId, id, version })
    .update({ archived_at: archived ? tx.fn.now() : null, version: version + 1, updated_at: tx.fn.now() })
  return changed > 0
}

async function setGroups(tx: Tx, organisationId: string, athleteId: string, groupIds: readonly string[]): Promise<void> {
  await tx('group_member').where({ organisation_id: organisationId, athlete_id: athleteId }).delete()
  if (groupIds.length === 0) return
  await tx('group_member')
    .insert(groupIds.map(groupId => ({ organisation_id: organisationId, group_id: groupId, athlete_id: athleteId })))
}
