import { EQUIPMENT } from '~~/core/catalogue'
import { AppError } from '~~/shared/errors'
import type { Facility } from '~~/shared/types'
import { claimFacilityVersion, equipmentCounts, facilityVersion, setEquipmentCounts } from '../repositories/facility'
import type { Tx } from '../repositories/rows'
import { transaction, writing, type Context } from './context'
import { record } from './record'

async function present(tx: Tx, organisationId: string): Promise<Facility> {
  return { version: await facilityVersion(tx, organisationId), counts: await equipmentCounts(tx, organisationId) }
}

export function facility(context: Context): Promise<Facility> {
  return transaction(context, tx => present(tx, context.actor.organisationId))
}

/** Saves the counts over the version that was read. */
export async function saveFacility(
  context: Context, { version, counts }: Facility,
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
