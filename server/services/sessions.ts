import { group } from 'd3-array'
import { addDays, mondayOf } from '~~/core/calendar'
import { athleteText } from '~~/core/progression'
import { entriesOn } from '~~/core/season'
import { AppError } from '~~/shared/errors'
import type { Athlete, SessionRun, StoredSetLog, Today } from '~~/shared/types'
import { competitionDays } from '../repositories/calendar'
import { decisionsSince } from '../repositories/decisions'
import { sessionById, sessionsBetween, type StoredSession } from '../repositories/prescriptions'
import type { Tx } from '../repositories/rows'
import { sessionEffortsOf } from '../repositories/sessionEfforts'
import { logsBetween } from '../repositories/setLogs'
import { catalogueOfOrganisation } from './catalogue'
import { noticesSinceYesterday } from './coachDay'
import { mustSeeAthlete, transaction, type Context } from './context'
import { handOut, type HandedOut } from './handOut'
import { healthTruths, truthOf } from './healthTruth'
import { logsFor } from './logsFor'
import { calendarOf, seasonWeekIn, withoutSkips } from './seasonOf'

/** Days the athlete's page looks ahead. */
const AHEAD_DAYS = 7

/** The athlete's day: the session as it may be trained, what is logged of it, and what is next. */
export function athleteToday(context: Context, athleteId: string): Promise<Today> {
  return transaction(context, async (tx) => {
    const { actor: { organisationId }, today: day } = context
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    const frozen = await sessionsBetween(tx, organisationId, athleteId, day, addDays(day, AHEAD_DAYS))
    const truth = await truthOf(tx, context, athlete)
    const [{ stop, sessions }] = await handOut(tx, context, [{ truth, sessions: frozen }]) as [HandedOut]
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
  const calendar = await calendarOf(tx, organisationId, athlete)
  const { own } = calendar
  const entries = withoutSkips(calendar)
  const notices = await noticesSinceYesterday(tx, organisationId, athlete.groupIds, day)
  return {
    nextCompetition: competitionDays(entries, day, addDays(day, 365))[0] ?? null,
    season: seasonWeekIn(calendar, athlete, mondayOf(day)),
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
    const athlete = await mustSeeAthlete(tx, context, frozen.athleteId)
    const [run] = await runsOf(tx, context, [athlete], [frozen])
    return run!
  })
}

/** Frozen sessions of some athletes, one of each, as they may be trained today, with what is logged of them. */
export async function runsOf(
  tx: Tx, context: Context, athletes: readonly Pick<Athlete, 'id' | 'name'>[], frozen: readonly StoredSession[],
): Promise<SessionRun[]> {
  if (frozen.length === 0) return []
  const { actor: { organisationId }, today } = context
  const truths = await healthTruths(tx, context, frozen.map(one => one.athleteId))
  const handed = await handOut(tx, context, frozen.map(one => ({ truth: truths.get(one.athleteId)!, sessions: [one] })))
  const logs = group(await logsOfSessions(tx, organisationId, frozen), log => log.athleteId)
  const efforts = await sessionEffortsOf(tx, organisationId, frozen.map(one => one.id))
  const names = new Map(athletes.map(({ id, name }) => [id, name]))
  return frozen.map(({ id, athleteId, items }, i): SessionRun => {
    const ids = new Set(items.map(item => item.id))
    const own = (logs.get(athleteId) ?? []).filter(log => ids.has(log.prescribedItemId))
    const { stop, sessions: [session] } = handed[i]!
    return {
      athleteId, athleteName: names.get(athleteId)!, day: today, stop, session: session!,
      logs: logsFor(context, own), effort: efforts.get(id) ?? null,
    }
  })
}

/** Sets of the days a session may have been done on, of all of them. */
function logsOfSessions(
  tx: Tx, organisationId: string, sessions: readonly StoredSession[],
): Promise<StoredSetLog[]> {
  const days = sessions.map(session => session.day).sort()
  return logsBetween(
    tx, organisationId, sessions.map(session => session.athleteId), addDays(days[0]!, -1), addDays(days.at(-1)!, 7),
  )
}
