import { EQUIPMENT } from '~~/core/catalogue'
import { AppError } from '~~/shared/errors'
import type { Group } from '~~/shared/types'
import { equipmentCounts, setEquipmentCounts } from '../repositories/facility'
import { insertGroup, listGroups } from '../repositories/groups'
import { transaction, type Context } from './context'

export function groups(context: Context): Promise<Group[]> {
  return transaction(context, tx => listGroups(tx, context.actor.organisationId))
}

/** Adds a group under the sender's key; a name that is taken is refused beside its field. */
export function addGroup(context: Context, group: Group): Promise<Group[]> {
  const { organisationId } = context.actor
  return transaction(context, async (tx) => {
    const there = await listGroups(tx, organisationId)
    const sameName = there.find(g => g.name.toLowerCase() === group.name.trim().toLowerCase())
    if (sameName && sameName.id !== group.id) {
      throw new AppError('alreadyExists', 'There is a group of this name.', { name: 'There is a group of this name.' })
    }
    await insertGroup(tx, organisationId, group)
    return listGroups(tx, organisationId)
  })
}

export function facility(context: Context): Promise<Record<string, number>> {
  return transaction(context, tx => equipmentCounts(tx, context.actor.organisationId))
}

export async function saveFacility(context: Context, counts: Readonly<Record<string, number>>): Promise<Record<string, number>> {
  const unknown = Object.keys(counts).find(key => !(key in EQUIPMENT))
  if (unknown) throw new AppError('badInput', 'This equipment is not known here.', { [`counts.${unknown}`]: 'This equipment is not known here.' })
  return transaction(context, async (tx) => {
    await setEquipmentCounts(tx, context.actor.organisationId, counts)
    return equipmentCounts(tx, context.actor.organisationId)
  })
}
