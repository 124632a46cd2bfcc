import { openPain, type Raised } from '~~/core/screening'
import type { Athlete, AthleteInput } from '~~/shared/types'
import { PAIN_DECISIONS, PAIN_SETS, type PainColumns } from './health'
import { json, planned, type Tx } from './rows'

interface AthleteRow extends PainColumns {
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
  brace_step: number
  stands: AthleteInput['stands']
  weak_link: AthleteInput['weakLink']
  weak_side: AthleteInput['weakSide']
  group_ids: string[] | null
  health_flags: AthleteInput['flags'] | null
  clearances: Athlete['clearances'] | null
  answered_at: Date | null
  health_version: number | null
  raised: Raised | null
  overruled: Athlete['health']['overruled'] | null
  brace_checked_on: string | null
  account_email: string | null
  account_active: boolean | null
  changed_by: string | null
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
  flags: row.health_flags ?? [],
  braceStep: row.brace_step,
  stands: row.stands,
  weakLink: row.weak_link,
  weakSide: row.weak_side,
  groupIds: row.group_ids ?? [],
  clearances: row.clearances ?? [],
  health: {
    version: row.health_version ?? 1, raised: row.raised ?? {}, overruled: row.overruled ?? [],
    braceCheckedOn: row.brace_checked_on, left: null,
    pain: openPain(row.pain_sets ?? [], row.pain_decisions ?? []),
  },
  screenedOn: row.answered_at ? row.answered_at.toISOString().slice(0, 10) : null,
  accountEmail: row.account_email,
  accountState: row.account_email === null ? 'none' : row.account_active ? 'active' : 'invited',
  changedBy: row.changed_by,
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
  brace_step: athlete.braceStep,
  stands: json(athlete.stands),
  weak_link: athlete.weakLink,
  weak_side: athlete.weakSide,
})

/** Groups, as one column of a query over athletes `a`. */
const GROUP_IDS = `(select array_agg(m.group_id order by m.group_id) from group_member m
  where m.organisation_id = a.organisation_id and m.athlete_id = a.id) as group_ids`

/** Whether athlete `a` is in one of some groups. */
export const IN_GROUPS = `exists (select from group_member m where m.organisation_id = a.organisation_id
  and m.athlete_id = a.id and m.group_id = any(?))`

function select(tx: Tx, organisationId: string) {
  return tx('athlete as a')
    .leftJoin('athlete_health as h', function () {
      this.on('h.organisation_id', 'a.organisation_id').andOn('h.athlete_id', 'a.id')
    })
    .where('a.organisation_id', organisationId)
    .select<AthleteRow[]>(
      'a.*',
      tx.raw(GROUP_IDS),
      // Whoever may not read flags by name gets none here: the wall stands in the database.
      'h.flags as health_flags', 'h.clearances', 'h.answered_at', 'h.version as health_version', 'h.raised',
      'h.overruled',
      tx.raw(
        '(select max(b.day) from brace_check b where b.organisation_id = a.organisation_id and b.athlete_id = '
        + 'a.id) as brace_checked_on',
      ),
      tx.raw(PAIN_SETS), tx.raw(PAIN_DECISIONS),
      tx.raw(`(select p.email from person p
        where p.organisation_id = a.organisation_id and p.athlete_id = a.id and p.closed_at is null) as account_email`),
      tx.raw(`(select p.password_hash is not null from person p
        where p.organisation_id = a.organisation_id and p.athlete_id = a.id and p.closed_at is null)
        as account_active`),
      tx.raw(
        '(select p.name from person p where p.organisation_id = a.organisation_id and p.id = a.updated_by) as '
        + 'changed_by',
      ),
    )
}

/** Who trains in a squad: its athletes in sight who are not in the archive, by name. */
export async function athletesOfGroup(tx: Tx, organisationId: string, groupId: string): Promise<Athlete[]> {
  const rows = await select(tx, organisationId).whereNull('a.archived_at')
    .whereRaw(IN_GROUPS, [[groupId]])
    .orderByRaw('lower(a.name), a.id')
  return rows.map(toAthlete)
}

/** Keys of all athletes in sight. */
export async function athletesInSight(tx: Tx, organisationId: string): Promise<string[]> {
  return tx('athlete').where({ organisation_id: organisationId }).pluck('id')
}

/** What some athletes are called, by key; who is not in sight is not there. */
export async function athleteNames(
  tx: Tx, organisationId: string, ids: readonly string[],
): Promise<Map<string, string>> {
  const rows = await tx('athlete').where({ organisation_id: organisationId })
    .whereRaw('id = any(?)', [ids as string[]]).select<Pick<AthleteRow, 'id' | 'name'>[]>('id', 'name')
  return new Map(rows.map(row => [row.id, row.name]))
}

/** Who trains: everybody in sight who is not in the archive, or those of some groups, in short, by name. */
export async function athletesTraining(
  tx: Tx, organisationId: string, groupIds: readonly string[] | null = null,
): Promise<Pick<Athlete, 'id' | 'name' | 'groupIds' | 'braceStep'>[]> {
  const rows = await tx('athlete as a').where('a.organisation_id', organisationId).whereNull('a.archived_at')
    .modify((query) => { if (groupIds) void query.whereRaw(IN_GROUPS, [groupIds as string[]]) })
    .orderByRaw('lower(a.name), a.id')
    .select<Pick<AthleteRow, 'id' | 'name' | 'brace_step' | 'group_ids'>[]>(
      'a.id', 'a.name', 'a.brace_step', tx.raw(GROUP_IDS),
    )
  return rows.map(row => ({ id: row.id, name: row.name, braceStep: row.brace_step, groupIds: row.group_ids ?? [] }))
}

export async function athleteById(tx: Tx, organisationId: string, id: string): Promise<Athlete | null> {
  return (await athletesByIds(tx, organisationId, [id]))[0] ?? null
}

export async function athletesByIds(tx: Tx, organisationId: string, ids: readonly string[]): Promise<Athlete[]> {
  const rows = await select(tx, organisationId).whereRaw('a.id = any(?)', [ids as string[]])
    .orderByRaw('lower(a.name), a.id').options(planned('athletes'))
  return rows.map(toAthlete)
}

/**
 * Keeps other writes to an athlete waiting until the transaction ends. The athlete's row is locked before any that
 * hangs on it.
 */
export async function lockAthlete(tx: Tx, organisationId: string, id: string): Promise<void> {
  await tx('athlete').where({ organisation_id: organisationId, id }).forUpdate().select('id')
}

/** Adds an athlete; the key is the sender's, so a repeat changes nothing. Flags stand from the given moment. */
export async function insertAthlete(
  tx: Tx, organisationId: string, id: string, athlete: AthleteInput, raised: Raised,
): Promise<boolean> {
  const rows = await tx('athlete')
    .insert({ id, organisation_id: organisationId, ...toColumns(athlete), updated_by: tx.raw('keen_person()') })
    .onConflict('id').ignore().returning('id')
  if (rows.length === 0) return false
  await tx('athlete_health').insert({
    organisation_id: organisationId, athlete_id: id, flags: athlete.flags as string[], raised: json(raised),
  })
  await setGroups(tx, organisationId, id, athlete.groupIds)
  return true
}

/** Saves over the version that was read, all but the flags; false when another write came first. */
export async function updateAthlete(
  tx: Tx, organisationId: string, id: string, version: number, athlete: AthleteInput,
): Promise<boolean> {
  const changed = await tx('athlete').where({ organisation_id: organisationId, id, version })
    .update({
      ...toColumns(athlete), version: version + 1, updated_at: tx.fn.now(), updated_by: tx.raw('keen_person()'),
    })
  if (changed === 0) return false
  await setGroups(tx, organisationId, id, athlete.groupIds)
  return true
}

export async function setArchived(
  tx: Tx, organisationId: string, id: string, version: number, archived: boolean,
): Promise<boolean> {
  const changed = await tx('athlete').where({ organisation_id: organisationId, id, version })
    .update({
      archived_at: archived ? tx.fn.now() : null, version: version + 1, updated_at: tx.fn.now(),
      updated_by: tx.raw('keen_person()'),
    })
  return changed > 0
}

async function setGroups(
  tx: Tx, organisationId: string, athleteId: string, groupIds: readonly string[],
): Promise<void> {
  // Added before removed: a coach who moves an athlete between own groups never loses sight on the way.
  if (groupIds.length > 0) {
    await tx('group_member')
      .insert(groupIds.map(groupId => ({ organisation_id: organisationId, group_id: groupId, athlete_id: athleteId })))
      .onConflict(['organisation_id', 'group_id', 'athlete_id']).ignore()
  }
  await tx('group_member').where({ organisation_id: organisationId, athlete_id: athleteId })
    .whereNotIn('group_id', groupIds as string[]).delete()
}

/** Removes every row about an athlete, by the one function of the database that may. */
export async function eraseAthleteRows(tx: Tx, id: string): Promise<void> {
  await tx.raw('select keen_erase_athlete(?)', [id])
}

/** Athletes that were archived before a time. */
export function archivedBefore(tx: Tx, organisationId: string, before: Date): Promise<string[]> {
  return tx('athlete').where({ organisation_id: organisationId }).where('archived_at', '<', before).orderBy('id')
    .pluck('id')
}
