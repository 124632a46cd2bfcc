import { addDays, mondayOf } from '~~/core/calendar'
import { entriesOn } from '~~/core/season'
import { AppError } from '~~/shared/errors'
import type { SetLogInput, StoredSetLog, Today } from '~~/shared/types'
import { entriesOf } from '../repositories/calendar'
import { athleteSeasons } from '../repositories/seasons'
import { itemForLog, sessionById, sessionsBetween } from '../repositories/prescriptions'
import { insertLogs, logsBetween } from '../repositories/setLogs'
import { mustSeeAthlete, transaction, writing, type Context } from './context'
import { record } from './record'
import { noticesSinceYesterday } from './coachDay'
import { competitionsFor, seasonWeekFor } from './seasonOf'

/** Days the athlete's page looks ahead. */
const AHEAD_DAYS = 7

/** The athlete's day: the session, what is logged of it, and what is next. */
export function athleteToday(context: Context, athleteId: string): Promise<Today> {
  return transaction(context, async (tx) => {
    const { organisationId } = context.actor
    const { today: day } = context
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    const sessions = await sessionsBetween(tx, organisationId, athleteId, day, addDays(day, AHEAD_DAYS))
    const own = await athleteSeasons(tx, organisationId, { athleteIds: [athleteId] })
    const competitions = await competitionsFor(tx, organisationId, athlete, day, addDays(day, 365))
    return {
      athleteId,
      athleteName: athlete.name,
      day,
      session: sessions.find(session => session.day === day) ?? null,
      logs: await logsBetween(tx, organisationId, [athleteId], day, day),
      nextDays: sessions.filter(session => session.day > day)
        .map(session => ({ day: session.day, sessionId: session.id, drills: session.items.length })),
      nextCompetition: competitions[0] ?? null,
      season: await seasonWeekFor(tx, organisationId, athlete, mondayOf(day)),
      entries: entriesOn((await entriesOf(tx, organisationId, athlete.groupIds)).filter(entry => !entry.cancelled && !own.some(one => one.exceptions.skips.includes(entry.id))), day),
      notices: (await noticesSinceYesterday(tx, organisationId, athlete.groupIds, day)).filter(notice => notice.athleteId === athleteId || (notice.athleteId === null && !own.some(one => one.groupId === notice.groupId))),
    }
  })
}

/** One frozen session with what is logged of it. */
export function runSession(context: Context, sessionId: string): Promise<Today> {
  return transaction(context, async (tx) => {
    const { organisationId } = context.actor
    const session = await sessionById(tx, organisationId, sessionId)
    if (!session) throw new AppError('notFound', 'There is no such session here.')
    const athlete = await mustSeeAthlete(tx, context, session.athleteId)
    const ids = new Set(session.items.map(item => item.id))
    const logs = await logsBetween(tx, organisationId, [athlete.id], addDays(session.day, -1), addDays(session.day, 7))
    return {
      athleteId: athlete.id,
      athleteName: athlete.name,
      day: context.today,
      session,
      logs: logs.filter(log => ids.has(log.prescribedItemId)),
      nextDays: [],
      nextCompetition: null,
      season: null,
      entries: [],
      notices: [],
    }
  })
}

/** Stores sets from the floor. Sending one twice changes nothing. */
export function logSets(context: Context, logs: readonly SetLogInput[]): Promise<{ stored: string[] }> {
  return writing(context, async (tx) => {
    const { organisationId, personId } = context.actor
    const stored: StoredSetLog[] = []
    for (const [index, log] of logs.entries()) {
      const found = await itemForLog(tx, organisationId, log.prescribedItemId)
      if (!found) throw new AppError('notFound', 'This drill is not prescribed here.')
      await mustSeeAthlete(tx, context, found.athleteId)
      if (log.day > addDays(context.today, 1)) {
        throw new AppError('badInput', 'A set cannot be logged ahead of its day.', { [`logs.${index}.day`]: 'This day is yet to come.' })
      }
      if ((found.item.sides === 'each') !== (log.side !== null)) {
        throw new AppError('badInput', 'Say which side it was.', { [`logs.${index}.side`]: 'Say which side it was.' })
      }
      stored.push({
        ...log,
        athleteId: found.athleteId,
        variationId: found.item.variationId,
        unit: found.item.dose.unit,
        tempo: found.item.dose.tempo ?? null,
      })
    }
    await insertLogs(tx, organisationId, personId, stored)
    for (const athleteId of new Set(stored.map(log => log.athleteId))) {
      const own = stored.filter(log => log.athleteId === athleteId)
      await record(tx, context, 'sets.log', { athleteId, after: { sets: own.map(log => log.id) } })
    }
    return { stored: stored.map(log => log.id) }
  })
}
