import type { AthleteSeason, SeasonNotice, StoredSeason } from '~~/shared/types'
import { json, planned, type Tx } from './rows'

interface SeasonRow {
  group_id: string
  version: number
  shape: StoredSeason['shape']
  plan: StoredSeason['plan']
  pins: StoredSeason['pins']
  revisions: StoredSeason['revisions']
  changed_at: Date
}
interface AthleteSeasonRow {
  athlete_id: string
  group_id: string
  version: number
  exceptions: AthleteSeason['exceptions']
  plan: AthleteSeason['plan']
}
interface ChangeRow {
  id: string
  group_id: string
  athlete_id: string | null
  changed_at: Date
  by: string | null
  title: string
  days: SeasonNotice['days']
}

const toSeason = (row: SeasonRow): StoredSeason => ({
  groupId: row.group_id, version: row.version, shape: row.shape, plan: row.plan, pins: row.pins,
  revisions: row.revisions, changedAt: row.changed_at.toISOString(),
})
const toAthleteSeason = (row: AthleteSeasonRow): AthleteSeason => ({
  athleteId: row.athlete_id, groupId: row.group_id, version: row.version, exceptions: row.exceptions, plan: row.plan,
})

/** Seasons in sight, of some groups or all. */
export async function seasonsOf(
  tx: Tx, organisationId: string, groupIds: readonly string[] | null,
): Promise<StoredSeason[]> {
  const query = tx('season').where({ organisation_id: organisationId }).orderBy('group_id')
  if (groupIds) query.whereRaw('group_id = any(?)', [groupIds as string[]]).options(planned('seasons of groups'))
  return (await query.select<SeasonRow[]>('*')).map(toSeason)
}

/** Stores a season over the version that was read (0: there was none); false when another write came first. */
export async function saveSeason(
  tx: Tx, organisationId: string, season: Omit<StoredSeason, 'changedAt'>, personId: string | null,
): Promise<boolean> {
  const { groupId, version, shape, plan, pins, revisions } = season
  const row = {
    version: version + 1, shape: json(shape), plan: json(plan), pins: json(pins), revisions: json(revisions),
    changed_by: personId, changed_at: tx.fn.now(),
  }
  if (version > 0)
    return await tx('season').where({ organisation_id: organisationId, group_id: groupId, version }).update(row) > 0
  const added = await tx('season').insert({ ...row, organisation_id: organisationId, group_id: groupId }).onConflict(
    'group_id',
  ).ignore().returning<{ version: number }[]>('version')
  return added.length > 0
}

/** What athletes in sight do otherwise, in some groups or for some athletes. */
export async function athleteSeasons(
  tx: Tx, organisationId: string,
  by: { groupIds?: readonly string[], athleteIds?: readonly string[] } = {},
): Promise<AthleteSeason[]> {
  const query = tx('athlete_season').where({ organisation_id: organisationId }).orderBy(['athlete_id', 'group_id'])
  if (by.groupIds) query.whereRaw('group_id = any(?)', [by.groupIds as string[]])
  if (by.athleteIds) query.whereRaw('athlete_id = any(?)', [by.athleteIds as string[]])
  return (await query.select<AthleteSeasonRow[]>('*')).map(toAthleteSeason)
}

export async function saveAthleteSeason(
  tx: Tx, organisationId: string, own: AthleteSeason, personId: string | null,
): Promise<boolean> {
  const { athleteId, groupId, version, exceptions, plan } = own
  const row = {
    version: version + 1, exceptions: json(exceptions), plan: json(plan), changed_by: personId, changed_at: tx.fn.now(),
  }
  if (version > 0)
    return await tx('athlete_season').where({
      organisation_id: organisationId, athlete_id: athleteId, group_id: groupId, version,
    }).update(row) > 0
  const added = await tx('athlete_season').insert({
    ...row, organisation_id: organisationId, athlete_id: athleteId, group_id: groupId,
  })
    .onConflict(['athlete_id', 'group_id']).ignore().returning<{ version: number }[]>('version')
  return added.length > 0
}

/** Keeps what was changed, for those it is about. */
export async function insertSeasonChange(
  tx: Tx, organisationId: string,
  change: Pick<SeasonNotice, 'id' | 'groupId' | 'athleteId' | 'title' | 'days'>,
  personId: string | null,
): Promise<void> {
  await tx('season_change').insert({
    id: change.id, organisation_id: organisationId, group_id: change.groupId, athlete_id: change.athleteId,
    title: change.title, days: json(change.days), changed_by: personId,
  })
}

/** Changes in sight since a day of the organisation's own clock, newest first. */
export async function seasonChangesSince(
  tx: Tx, organisationId: string, groupIds: readonly string[], day: string, timeZone: string,
): Promise<SeasonNotice[]> {
  const rows = await tx('season_change as c').where('c.organisation_id', organisationId)
    .whereRaw('c.group_id = any(?)', [groupIds as string[]])
    .whereRaw('c.changed_at >= (?::date)::timestamp at time zone ?', [day, timeZone]).orderBy('c.changed_at', 'desc')
    .select<ChangeRow[]>(
      'c.*',
      tx.raw('(select p.name from person p where p.organisation_id = c.organisation_id and p.id = c.changed_by) as by'),
    ).options(planned('season changes'))
  return rows.map(row => ({
    id: row.id, groupId: row.group_id, athleteId: row.athlete_id, at: row.changed_at.toISOString(), by: row.by,
    title: row.title, days: row.days,
  }))
}

/** Everything ever changed for one athlete alone. */
export async function seasonChangesOf(
  tx: Tx, organisationId: string, athleteId: string,
): Promise<Pick<ChangeRow, 'title' | 'days'>[]> {
  return tx('season_change').where({ organisation_id: organisationId, athlete_id: athleteId }).orderBy('changed_at')
    .select<Pick<ChangeRow, 'title' | 'days'>[]>('title', 'days')
}
