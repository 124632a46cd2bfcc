import { addDays } from '~~/core/calendar'
import { redFlags, type HealthMark, type Moment } from '~~/core/screening'
import { screenOf } from '~~/shared/planningContext'
import type { Athlete } from '~~/shared/types'
import { asSystem } from '../database/connection'
import { settleAlerts } from '../repositories/alerts'
import { sessionsBetween } from '../repositories/prescriptions'
import { loggedItemIds } from '../repositories/setLogs'
import type { Tx } from '../repositories/rows'
import type { Context } from './context'
import { asTrained, dayOfTraining } from './handOut'
import { healthTruth, type Truth } from './healthTruth'
import { tellCoaches } from './tellCoaches'

/** Days ahead in which drills are counted that a flag stops. */
const AHEAD_DAYS = 28

/** The moment of a request, with the day it is there. */
export const momentOf = ({ today }: Pick<Context, 'today'>): Moment => ({ day: today, at: new Date().toISOString() })

/**
 * What follows from a change of health, in its own transaction: a red flag or a limit that is new today is told to
 * every coach, with how many drills it stops; one that is gone settles what was told. Drills need not be touched:
 * whatever hands them out asks on the day.
 */
export async function followHealth(tx: Tx, context: Context, before: Athlete | null, athleteId: string): Promise<void> {
  const { actor, today } = context
  const truth = await healthTruth(tx, context, athleteId)
  const was = before ? screenOf(before, today, truth.catalogue).flags : []
  const now = truth.on(today).flags
  const newReds = redFlags(now).filter(flag => !was.includes(flag))
  const newLimits = now.filter(flag =>
    !was.includes(flag) && !redFlags([flag]).length
    && !(flag.includes('~') && was.includes(flag.split('~')[0] as HealthMark))
  )
  if (newReds.length > 0)
    await tellCoaches(tx, context, truth.athlete, 'stop', { stops: await stoppedDrills(tx, context, truth) })
  else if (newLimits.length > 0)
    await tellCoaches(tx, context, truth.athlete, 'limits', { stops: await stoppedDrills(tx, context, truth) })
  const settle = (kinds: readonly ('stop' | 'limits')[]): Promise<void> =>
    asSystem(tx, actor, () => settleAlerts(tx, actor.organisationId, athleteId, { kinds }))
  if (redFlags(was).length > 0 && redFlags(now).length === 0) {
    await settle(['stop'])
    await tellCoaches(tx, context, truth.athlete, 'cleared')
  }
  if (was.length > 0 && now.length === 0) await settle(['limits'])
}

/** Unlogged drills of present and coming sessions that may not be trained as things stand. */
async function stoppedDrills(
  tx: Tx, { actor, today }: Pick<Context, 'actor' | 'today'>, truth: Truth,
): Promise<number> {
  const { organisationId } = actor
  const sessions = await sessionsBetween(tx, organisationId, truth.athlete.id, today, addDays(today, AHEAD_DAYS))
  const logged = await loggedItemIds(
    tx, organisationId,
    sessions.flatMap(session => session.items.map(item => item.id)),
  )
  return sessions.reduce((sum, session) => {
    const open = asTrained(session, truth, {
      day: dayOfTraining(session.day, today), logged, named: true, replaced: false,
    }).items.filter(item => !item.stopped).map(item => item.id)
    return sum + session.items.filter(item => !logged.has(item.id) && !open.includes(item.id)).length
  }, 0)
}
