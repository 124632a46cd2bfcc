import { EQUIPMENT } from '~~/core/catalogue'
import { AppError } from '~~/shared/errors'
import type { Facility, Group } from '~~/shared/types'
import { asSystem } from '../database/connection'
import { claimFacilityVersion, equipmentCounts, facilityVersion, setEquipmentCounts } from '../repositories/facility'
import { addGroupStaff, insertGroup, listGroups } from '../repositories/groups'
import type { Tx } from '../repositories/rows'
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

async function present(tx: Tx, organisationId: string): Promise<Facility> {
  return { version: await facilityVersion(tx, organisationId), counts: await equipmentCounts(tx, organisationId) }
}

export function facility(context: Context): Promise<Facility> {
  return transaction(context, tx => present(tx, context.actor.organisationId))
}

/** Saves the counts over the version that was read. */
export async function saveFacility(
  context: Context, { version, counts }: { version: number, counts: Readonly<Record<string, number>> },
): Promise<Facility> {
  const unknown = Object.keys(counts).find(key => !Object.hasOwn(EQUIPMENT, key))
  if (unknown)
    throw new AppError('badInput', 'This equipment is not known here.', { counts: 'This equipment is not known here.' })
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    const before = await present(tx, organisationId)
    if (!await claimFacilityVersion(tx, organisationId, version)) {
      throw new AppError(
        'changedElsewhere', 'Somebody else changed the counts meanwhile.', undefined, await present(tx, organisationId),
      )
    }
    await setEquipmentCounts(tx, organisationId, counts)
    await record(tx, context, 'facility.change', { before: before.counts, after: counts })
    return present(tx, organisationId)
  })
}
