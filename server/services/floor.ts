import { KNOWN_DAYS } from '~~/core/assessment'
import { addDays } from '~~/core/calendar'
import { AppError } from '~~/shared/errors'
import type { FloorDay } from '~~/shared/types'
import { athletesTraining } from '../repositories/athletes'
import { equipped } from '../repositories/facility'
import { boardOf } from '../repositories/floorBoards'
import { listGroups } from '../repositories/groups'
import { sessionsOn } from '../repositories/prescriptions'
import { logsBetween } from '../repositories/setLogs'
import { transaction, type Context } from './context'
import { runsOf } from './sessions'

/** Everybody of a squad who trains today, with what is in the gym. */
export function floorDay(context: Context, groupId: string): Promise<FloorDay> {
  const { actor: { organisationId }, today } = context
  return transaction(context, async (tx) => {
    const group = (await listGroups(tx, organisationId)).find(({ id }) => id === groupId)
    if (!group) throw new AppError('notFound', 'There is no such squad here.')
    const members = (await athletesTraining(tx, organisationId)).filter(({ groupIds }) => groupIds.includes(groupId))
    const sessions = await sessionsOn(tx, organisationId, members.map(({ id }) => id), today)
    const runs = await runsOf(tx, context, members, members.flatMap(({ id }) => sessions.get(id) ?? []))
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
