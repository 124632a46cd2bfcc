import type { Group } from '~~/shared/types'
import type { Tx } from './rows'

export async function listGroups(tx: Tx, organisationId: string): Promise<Group[]> {
  return tx('training_group').where({ organisation_id: organisationId }).orderByRaw('lower(name)')
    .select<Group[]>('id', 'name')
}

/** How many who are not in the archive each group in sight has. */
export async function sizesOfGroups(tx: Tx, organisationId: string): Promise<Map<string, number>> {
  const rows = await tx('group_member as m').join('athlete as a', 'a.id', 'm.athlete_id')
    .where('m.organisation_id', organisationId).whereNull('a.archived_at').groupBy('m.group_id')
    .select<{ group_id: string, athletes: number }[]>('m.group_id', tx.raw('count(*)::int as athletes'))
  return new Map(rows.map(row => [row.group_id, row.athletes]))
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
