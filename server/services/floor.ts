import { KNOWN_DAYS } from '~~/core/assessment'
import { addDays } from '~~/core/calendar'
import { AppError } from '~~/shared/errors'
import type { FloorDay, SessionRun } from '~~/shared/types'
import { listAthletes } from '../repositories/athletes'
import { equipped } from '../repositories/facility'
import { boardOf } from '../repositories/floorBoards'
import { listGroups } from '../repositories/groups'
import { sessionsBetween } from '../repositories/prescriptions'
import { logsBetween } from '../repositories/setLogs'
import { transaction, type Context } from './context'
import { runOf } from './sessions'

/** Everybody of a squad who trains today, with what is in the gym. */
export function floorDay(context: Context, groupId: string): Promise<FloorDay> {
  const { actor: { organisationId }, today } = context
  return transaction(context, async (tx) => {
    const group = (await listGroups(tx, organisationId)).find(({ id }) => id === groupId)
    if (!group) throw new AppError('notFound', 'There is no such squad here.')
    const all = await listAthletes(tx, organisationId)
    const runs: SessionRun[] = []
    for (const athlete of all.filter(one => !one.archived && one.groupIds.includes(groupId))) {
      const [frozen] = await sessionsBetween(tx, organisationId, athlete.id, today, today)
      if (frozen) runs.push(await runOf(tx, context, athlete, frozen))
    }
    const done = await logsBetween(
      tx, organisationId, runs.map(run => run.athleteId), addDays(today, -KNOWN_DAYS), addDays(today, -1),
    )
    return {
      day: today, group, now: new Date().toISOString(), board: await boardOf(tx, organisationId, groupId, today), runs,
      counts: (await equipped(tx, organisationId)).counts,
      known: Object.fromEntries(runs.map(({ athleteId }) =>
        [athleteId, [...new Set(done.filter(log => log.athleteId === athleteId).map(log => log.variationId))]])),
    }
  })
}
