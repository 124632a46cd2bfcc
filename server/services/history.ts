import { mondayOf } from '~~/core/calendar'
import type { History } from '~~/shared/types'
import { prescribedBetween } from '../repositories/prescriptions'
import { logsBetween } from '../repositories/setLogs'
import { mustSeeAthlete, transaction, type Context } from './context'
import { knownTrunkFor, readyTrunk } from './knownTrunk'
import { logsFor } from './logsFor'
import { recordReading } from './readings'

/** What was planned and done from one day to another. */
export async function history(context: Context, athleteId: string, from: string, to: string): Promise<History> {
  const { organisationId } = context.actor
  await readyTrunk(context, athleteId, mondayOf(context.today))
  return transaction(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    await recordReading(tx, context, 'history.read', athleteId)
    const prescribed = await prescribedBetween(tx, organisationId, [athleteId], from, to)
    const logs = await logsBetween(tx, organisationId, [athleteId], from, to)
    return {
      from, to, logs: logsFor(context, logs),
      prescribed: prescribed.map(toPrescribed),
      trunk: await knownTrunkFor(tx, organisationId, athlete, mondayOf(context.today)),
    }
  })
}

type PrescribedRow = Awaited<ReturnType<typeof prescribedBetween>>[number]

/** What the review asks of a prescribed drill. */
export function toPrescribed({ itemId, variationId, day, item }: PrescribedRow): History['prescribed'][number] {
  const { dose, extraSetSide, slot, setting, rounds } = item
  return { itemId, variationId, day, dose, extraSetSide, slot, setting, ...rounds ? { rounds } : {} }
}
