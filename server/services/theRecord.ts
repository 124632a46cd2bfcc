import type { RecordEntry } from '~~/shared/types'
import { readRecord } from '../repositories/record'
import { transaction, type Context } from './context'
import { recordReading } from './readings'

/** Lines the record shows at a time. */
const PAGE = 100

/** The record, newest first. */
export function theRecord(
  context: Context,
  query: { before?: string | undefined, athleteId?: string | undefined },
): Promise<RecordEntry[]> {
  return transaction(context, async (tx) => {
    await recordReading(tx, context, 'record.read')
    return readRecord(tx, context.actor.organisationId, {
      before: query.before ?? null, athleteId: query.athleteId ?? null, limit: PAGE,
    })
  })
}
