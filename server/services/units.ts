import type { Units } from '~~/shared/types'
import { updateUnits } from '../repositories/people'
import { transaction, type Context } from './context'

/** The units the signed-in person reads and types in. */
export function saveUnits(context: Context, units: Units): Promise<Units> {
  return transaction(context, async (tx) => {
    await updateUnits(tx, context.actor.organisationId, context.actor.personId, units)
    return units
  })
}
