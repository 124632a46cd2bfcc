import { AppError } from '~~/shared/errors'
import type { StoredSports } from '~~/shared/types'
import { ownSports, saveOwnSportRows } from '../repositories/ownSports'
import { transaction, writing, type Context } from './context'
import { record } from './record'

/** What the organisation says otherwise about sports. */
export function storedSports(context: Context): Promise<StoredSports> {
  return transaction(context, tx => ownSports(tx, context.actor.organisationId))
}

/** Saves it over the version that was read. It holds for everybody: the head coach settles it. */
export async function saveSports(context: Context, stored: StoredSports): Promise<StoredSports> {
  const { organisationId, personId, role } = context.actor
  if (role !== 'headCoach')
    throw new AppError('notAllowed', 'What a sport asks of everybody is settled by the head coach.')
  return writing(context, async (tx) => {
    const before = await ownSports(tx, organisationId)
    if (!await saveOwnSportRows(tx, organisationId, stored, personId)) {
      throw new AppError(
        'changedElsewhere', 'Somebody else changed the sports meanwhile.', undefined,
        await ownSports(tx, organisationId),
      )
    }
    await record(tx, context, 'sports.own', { before: before.edits, after: stored.edits })
    return ownSports(tx, organisationId)
  })
}
