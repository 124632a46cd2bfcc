import { checkOwnTests } from '~~/core/assessment'
import { AppError } from '~~/shared/errors'
import type { StoredOwnTests } from '~~/shared/types'
import { ownTests, saveOwnTestRows } from '../repositories/ownTests'
import { transaction, writing, type Context } from './context'
import { record } from './record'

/** Tests the organisation has written for itself. */
export function storedOwnTests(context: Context): Promise<StoredOwnTests> {
  return transaction(context, tx => ownTests(tx, context.actor.organisationId))
}

/** Saves them over the version that was read. */
export function saveOwnTests(context: Context, { version, tests }: StoredOwnTests): Promise<StoredOwnTests> {
  const { organisationId, personId } = context.actor
  return writing(context, async (tx) => {
    const before = await ownTests(tx, organisationId)
    // Over an older version the list may rightly lack a test: that is told first.
    if (before.version !== version)
      throw new AppError('changedElsewhere', 'Somebody else changed your own tests meanwhile.', undefined, before)
    checkOwnTests(before.tests, tests)
    if (!await saveOwnTestRows(tx, organisationId, { version, tests }, personId)) {
      throw new AppError(
        'changedElsewhere', 'Somebody else changed your own tests meanwhile.', undefined,
        await ownTests(tx, organisationId),
      )
    }
    await record(tx, context, 'tests.own', { before: before.tests, after: tests })
    return ownTests(tx, organisationId)
  })
}
