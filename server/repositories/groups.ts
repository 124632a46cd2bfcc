import type { Competition, Group } from '~~/shared/types'
import type { Tx } from './rows'

export async function listGroups(tx: Tx, organisationId: string): Promise<Group[]> {
  return tx('training_group').where({ organisation_id: organisationId }).orderByRaw('lower(name)')
    .select<Group[]>('id', 'name')
}

/** Adds a group; false when the key is already there. */
export async function insertGroup(tx: Tx, organisationId: string, group: Group): Promise<boolean> {
  const rows = await tx('training_group').insert({ ...group, name: group.name.trim(), organisation_id: organisationId })
    .onConflict('id').ignore().returning('id')
  return rows.length > 0
}

/** Lets a coach or assistant see a group. */
export async function addGroupStaff(tx: Tx, organisationId: string, groupId: string, personId: string): Promise<void> {
  await tx('group_staff').insert({ organisation_id: organisationId, group_id: groupId, person_id: personId })
    .onConflict(['organisation_id', 'group_id', 'person_id']).ignore()
}

interface CompetitionRow {
  id: string
  organisation_id: string
  group_id: string
  name: string
  day: string
  importance: Competition['importance']
}

const toCompetition = (row: CompetitionRow): Competition =>
  ({ id: row.id, groupId: row.group_id, name: row.name, day: row.day, importance: row.importance })

/** Competitions of some groups from one day to another, earliest first. */
export async function competitionsBetween(
  tx: Tx, organisationId: string, groupIds: readonly string[] | null, from: string, to: string,
): Promise<Competition[]> {
  const query = tx<CompetitionRow>('competition').where({ organisation_id: organisationId })
    .whereBetween('day', [from, to]).orderBy([{ column: 'day' }, { column: 'id' }])
  const rows = await (groupIds ? query.whereIn('group_id', groupIds as string[]) : query)
  return rows.map(toCompetition)
}

export async function insertCompetition(tx: Tx, organisationId: string, c: Competition): Promise<void> {
  await tx('competition').insert({
    id: c.id, organisation_id: organisationId, group_id: c.groupId, name: c.name, day: c.day, importance: c.importance,
  })
}
