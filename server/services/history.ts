import { mondayOf } from '~~/core/calendar'
import type { History } from '~~/shared/types'
import { prescribedBetween } from '../repositories/prescriptions'
import { logsBetween } from '../repositories/setLogs'
import { mustSeeAthlete, transaction, type Context } from './context'
import type { PrescribedRow } from './grounds'
import { trunkKnown, trunkSource } from './knownTrunk'
import { logsFor } from './logsFor'
import { recordReading } from './readings'

/** What was planned and done from one day to another. */
export async function history(context: Context, athleteId: string, from: string, to: string): Promise<History> {
  const { organisationId } = context.actor
  const { source, ...found } = await transaction(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    await recordReading(tx, context, 'history.read', athleteId)
    const prescribed = await prescribedBetween(tx, organisationId, [athleteId], from, to)
    const logs = await logsBetween(tx, organisationId, [athleteId], from, to)
    return {
      logs: logsFor(context, logs), prescribed: prescribed.map(toPrescribed),
      source: await trunkSource(tx, organisationId, athlete, mondayOf(context.today)),
    }
  })
  return { from, to, ...found, trunk: trunkKnown(source) }
}

/** What the review asks of a prescribed drill. */
export function toPrescribed({ itemId, variationId, day, item }: PrescribedRow): History['prescribed'][number] {
  const { dose, extraSetSide, slot, setting, rounds } = item
  return { itemId, variationId, day, dose, extraSetSide, slot, setting, ...rounds ? { rounds } : {} }
}
