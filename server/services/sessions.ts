import { addDays, mondayOf } from '~~/core/calendar'
import { athleteText } from '~~/core/progression'
import { entriesOn } from '~~/core/season'
import { AppError } from '~~/shared/errors'
import type { Athlete, SessionRun, Today } from '~~/shared/types'
import { entriesOf } from '../repositories/calendar'
import { decisionsSince } from '../repositories/decisions'
import { athleteSeasons } from '../repositories/seasons'
import { sessionById, sessionsBetween, type StoredSession } from '../repositories/prescriptions'
import type { Tx } from '../repositories/rows'
import { sessionEffortOf } from '../repositories/sessionEfforts'
import { logsBetween } from '../repositories/setLogs'
import { catalogueOfOrganisation } from './catalogue'
import { noticesSinceYesterday } from './coachDay'
import { mustSeeAthlete, transaction, type Context } from './context'
import { handOut } from './handOut'
import { healthTruth } from './healthTruth'
import { logsFor } from './logsFor'
import { competitionsFor, seasonWeekFor } from './seasonOf'

/** Days the athlete's page looks ahead. */
const AHEAD_DAYS = 7

/** The athlete's day: the session as it may be trained, what is logged of it, and what is next. */
export function athleteToday(context: Context, athleteId: string): Promise<Today> {
  return transaction(context, async (tx) => {
    const { actor: { organisationId }, today: day } = context
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    const frozen = await sessionsBetween(tx, organisationId, athleteId, day, addDays(day, AHEAD_DAYS))
    const { stop, sessions } = await handOut(tx, context, await healthTruth(tx, context, athleteId), frozen)
    return {
      athleteId,
      athleteName: athlete.name,
      day,
      stop,
      session: stop ? null : sessions.find(session => session.day === day) ?? null,
      logs: logsFor(context, await logsBetween(tx, organisationId, [athleteId], day, day)),
      effort: null,
      nextDays: stop ? [] : sessions.filter(session => session.day > day)
        .map(session => ({
          day: session.day, sessionId: session.id,
          drills: session.items.filter(item => !item.stopped).length,
        })),
      decided: await decidedLately(tx, context, athleteId),
      ...await around(tx, context, athlete, day),
    }
  })
}

/** Days an athlete reads what was decided. */
const TOLD_DAYS = 7

/** What was decided of the athlete's drills lately, newest first, in sentences. */
async function decidedLately(tx: Tx, context: Context, athleteId: string): Promise<string[]> {
  const { actor: { organisationId }, today } = context
  const all = await decisionsSince(tx, organisationId, [athleteId], addDays(today, 1 - TOLD_DAYS))
  const catalogue = await catalogueOfOrganisation(tx, organisationId)
  return all.filter(({ state }) => state === 'taken').reverse()
    .map(({ taken, given, step }) => athleteText({ kind: taken, from: given, to: step }, catalogue))
    .filter(text => text !== '')
}

/** What surrounds the day: competition, season, calendar, changes. */
async function around(
  tx: Tx, { actor: { organisationId } }: Context, athlete: Athlete, day: string,
): Promise<Pick<Today, 'nextCompetition' | 'season' | 'entries' | 'notices'>> {
  const own = await athleteSeasons(tx, organisationId, { athleteIds: [athlete.id] })
  const competitions = await competitionsFor(tx, organisationId, athlete, day, addDays(day, 365))
  const entries = (await entriesOf(tx, organisationId, athlete.groupIds)).filter(entry =>
    !entry.cancelled && !own.some(one => one.exceptions.skips.includes(entry.id))
  )
  const notices = await noticesSinceYesterday(tx, organisationId, athlete.groupIds, day)
  return {
    nextCompetition: competitions[0] ?? null,
    season: await seasonWeekFor(tx, organisationId, athlete, mondayOf(day)),
    entries: entriesOn(entries, day),
    notices: notices.filter(notice =>
      notice.athleteId === athlete.id || (notice.athleteId === null && !own.some(one => one.groupId === notice.groupId))
    ),
  }
}

/** One frozen session as it may be trained today, with what is logged of it. */
export function runSession(context: Context, sessionId: string): Promise<SessionRun> {
  return transaction(context, async (tx) => {
    const { organisationId } = context.actor
    const frozen = await sessionById(tx, organisationId, sessionId)
    if (!frozen) throw new AppError('notFound', 'There is no such session here.')
    return runOf(tx, context, await mustSeeAthlete(tx, context, frozen.athleteId), frozen)
  })
}

/** A frozen session of an athlete as it may be trained today, with what is logged of it. */
export async function runOf(
  tx: Tx, context: Context, { id, name }: Pick<Athlete, 'id' | 'name'>, frozen: StoredSession,
): Promise<SessionRun> {
  const { organisationId } = context.actor
  const { stop, sessions: [session] } = await handOut(tx, context, await healthTruth(tx, context, id), [frozen])
  const ids = new Set(frozen.items.map(item => item.id))
  const logs = await logsBetween(tx, organisationId, [id], addDays(frozen.day, -1), addDays(frozen.day, 7))
  return {
    athleteId: id, athleteName: name, day: context.today, stop, session: session!,
    logs: logsFor(context, logs.filter(log => ids.has(log.prescribedItemId))),
    effort: await sessionEffortOf(tx, organisationId, frozen.id),
  }
}
