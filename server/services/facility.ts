import { EQUIPMENT } from '~~/core/catalogue'
import { SPACES } from '~~/core/floor/session'
import { AppError } from '~~/shared/errors'
import type { Facility } from '~~/shared/types'
import { claimFacilityVersion, equipped, facilityVersion, setEquipped } from '../repositories/facility'
import type { Tx } from '../repositories/rows'
import { transaction, writing, type Context } from './context'
import { record } from './record'

async function present(tx: Tx, organisationId: string): Promise<Facility> {
  return { version: await facilityVersion(tx, organisationId), ...await equipped(tx, organisationId) }
}

export function facility(context: Context): Promise<Facility> {
  return transaction(context, tx => present(tx, context.actor.organisationId))
}

/** Saves counts and weights over the version that was read. */
export async function saveFacility(
  context: Context, { version, counts, weights }: Facility,
): Promise<Facility> {
  const unknown = [
    ...Object.keys(counts).filter(key => !Object.hasOwn(SPACES, key)), ...Object.keys(weights),
  ].find(key => !Object.hasOwn(EQUIPMENT, key))
  if (unknown)
    throw new AppError('badInput', 'This equipment is not known here.', { counts: 'This equipment is not known here.' })
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    const before = await present(tx, organisationId)
    if (!await claimFacilityVersion(tx, organisationId, version)) {
      throw new AppError(
        'changedElsewhere', 'Somebody else changed the equipment meanwhile.', undefined,
        await present(tx, organisationId),
      )
    }
    await setEquipped(tx, organisationId, { counts, weights })
    await record(tx, context, 'facility.change', {
      before: { counts: before.counts, weights: before.weights }, after: { counts, weights },
    })
    return present(tx, organisationId)
  })
}
