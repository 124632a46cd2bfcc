import type { Beginning } from '~~/shared/types'
import { beginningOf } from '../repositories/organisations'
import { transaction, type Context } from './context'

/** How far the organisation has come, as far as whoever asks sees it. */
export function beginning(context: Context): Promise<Beginning> {
  return transaction(context, tx => beginningOf(tx, context.actor.organisationId))
}
