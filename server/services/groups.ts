import { AppError } from '~~/shared/errors'
import type { Group } from '~~/shared/types'
import { asSystem } from '../database/connection'
import { addGroupStaff, insertGroup, listGroups } from '../repositories/groups'
import { transaction, writing, type Context } from './context'
import { record } from './record'

export function groups(context: Context): Promise<Group[]> {
  return transaction(context, tx => listGroups(tx, context.actor.organisationId))
}

/**
 * Adds a group under the sender's key; a name that is taken is refused beside its field. A coach sees the own group.
 */
export function addGroup(context: Context, group: Group): Promise<Group[]> {
  const { organisationId, personId, role } = context.actor
  return writing(context, async (tx) => {
    await asSystem(tx, context.actor, async () => {
      const there = await listGroups(tx, organisationId)
      const sameName = there.find(g => g.name.toLowerCase() === group.name.trim().toLowerCase())
      if (sameName && sameName.id !== group.id) {
        throw new AppError('alreadyExists', 'There is a group of this name.', {
          name: 'There is a group of this name.',
        })
      }
      const isNew = await insertGroup(tx, organisationId, group)
      if (isNew && role === 'coach') await addGroupStaff(tx, organisationId, group.id, personId)
    })
    await record(tx, context, 'group.add', { subjectId: group.id, after: { name: group.name.trim() } })
    return listGroups(tx, organisationId)
  })
}
