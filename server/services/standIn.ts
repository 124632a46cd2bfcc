import { v7 as newKey } from 'uuid'
import { mondayOf } from '~~/core/calendar'
import { sportOf } from '~~/core/programme'
import { AppError } from '~~/shared/errors'
import { planningContext } from '~~/shared/planningContext'
import type { SessionRun } from '~~/shared/types'
import { asSystem } from '../database/connection'
import { insertItems, sessionById } from '../repositories/prescriptions'
import { loggedItemIds } from '../repositories/setLogs'
import type { Tx } from '../repositories/rows'
import { prescription } from './assignWeek'
import { mustSeeAthlete, writing, type Context } from './context'
import { asTrained, dayOfTraining, standInFor } from './handOut'
import { healthTruth } from './healthTruth'
import { settledFor } from './settled'
import { record } from './record'
import { runSession } from './sessions'

/**
 * Puts the nearest drill that may be trained in the place of a stopped one, beside it: when that one comes back it goes
 * again.
 */
export async function takeStandIn(context: Context, sessionId: string, itemId: string): Promise<SessionRun> {
  await writing(context, tx => place(tx, context, sessionId, itemId))
  return runSession(context, sessionId)
}

async function place(tx: Tx, context: Context, sessionId: string, itemId: string): Promise<{ itemId: string }> {
  const { organisationId } = context.actor
  const frozen = await sessionById(tx, organisationId, sessionId)
  if (!frozen) throw new AppError('notFound', 'There is no such session here.')
  await mustSeeAthlete(tx, context, frozen.athleteId)
  const truth = await healthTruth(tx, context, frozen.athleteId)
  const day = dayOfTraining(frozen.day, context.today)
  const logged = await loggedItemIds(tx, organisationId, frozen.items.map(item => item.id))
  const session = asTrained(frozen, truth, { day, logged, named: false, replaced: false })
  const stopped = session.items.find(item => item.id === itemId && item.stopped)
  if (!stopped) throw new AppError('notFound', 'This drill is not stopped.')
  const there = frozen.items.find(item => item.standsInFor === itemId)
  if (there) return { itemId: there.id }
  const settled = await asSystem(tx, context.actor, () => settledFor(tx, organisationId, truth.athlete, mondayOf(day)))
  const planning = planningContext(truth.athlete, mondayOf(day), [], truth.catalogue, settled)
  const found = standInFor(stopped, session, planning, day)
  if (!found) throw new AppError('notFound', 'No drill may stand in for it: leave it out.')
  const id = newKey()
  const { flags, ageYears } = truth.on(day)
  const planned = { id: frozen.planKey, day: 0, minutes: frozen.minutes, lifts: frozen.lifts, items: [] }
  const item = {
    ...prescription({ ...found, why: `Stands in for ${stopped.name.toLowerCase()}.` }, planned, {
      flags, ageYears, policy: planning.rules.policy, catalogue: truth.catalogue,
      typical: sportOf(planning.sport, planning.sports).character.faults,
    }),
    id, standsInFor: itemId,
  }
  await asSystem(
    tx, context.actor,
    () =>
      insertItems(tx, organisationId, { id: frozen.id, athleteId: frozen.athleteId }, [{
        planKey: `${frozen.itemKeys[itemId]}~${id}`,
        place: frozen.items.findIndex(one => one.id === itemId),
        item,
      }]),
  )
  await record(tx, context, 'item.standIn', {
    athleteId: frozen.athleteId, subjectId: itemId, after: { variationId: found.variationId },
  })
  return { itemId: id }
}
