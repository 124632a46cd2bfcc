import { addDays, mondayOf } from '~~/core/calendar'
import { redFlags } from '~~/core/screening'
import { entriesOn } from '~~/core/season'
import type { CoachDay, SeasonNotice, SquadDay } from '~~/shared/types'
import { listAthletes } from '../repositories/athletes'
import { competitionDays, entriesOf } from '../repositories/calendar'
import { listGroups } from '../repositories/groups'
import { organisationById } from '../repositories/organisations'
import { sessionsBetween } from '../repositories/prescriptions'
import type { Tx } from '../repositories/rows'
import { seasonChangesSince, seasonsOf } from '../repositories/seasons'
import { logsBetween } from '../repositories/setLogs'
import { weeksStarting } from '../repositories/weeks'
import { transaction, type Context } from './context'
import { asTrained } from './handOut'
import { healthTruth } from './healthTruth'
import { heeded, seasonOn, weekOfSeason } from './seasonOf'

/** Days looked ahead for the next competition. */
const AHEAD_DAYS = 365

/** What was changed since yesterday, as the organisation's clock has it. */
export async function noticesSinceYesterday(
  tx: Tx, organisationId: string, groupIds: readonly string[], today: string,
): Promise<SeasonNotice[]> {
  const { timeZone } = (await organisationById(tx, organisationId))!
  return seasonChangesSince(tx, organisationId, groupIds, addDays(today, -1), timeZone)
}

/**
 * Today in every squad in sight: what kind of day it is and why, who trains, what is next, what was changed since
 * yesterday.
 */
export function coachDay(context: Context): Promise<CoachDay> {
  const { actor: { organisationId }, today } = context
  return transaction(context, async (tx) => {
    const groups = await listGroups(tx, organisationId)
    const athletes = (await listAthletes(tx, organisationId)).filter(athlete => !athlete.archived)
    const entries = await entriesOf(tx, organisationId, null)
    const seasons = await seasonsOf(tx, organisationId, null)
    const planned = new Set((await weeksStarting(tx, organisationId, mondayOf(today))).map(week => week.athleteId))
    const notices = await noticesSinceYesterday(tx, organisationId, groups.map(group => group.id), today)
    const logged = await logsBetween(tx, organisationId, athletes.map(athlete => athlete.id), today, today)
    const squads: SquadDay[] = []
    for (const group of groups) {
      const season = seasonOn(seasons, [group.id], today)
      const mine = heeded(entries, group.id)
      const members = athletes.filter(athlete => athlete.groupIds.includes(group.id))
      const rows: SquadDay['athletes'][number][] = []
      for (const { id, name } of members) {
        const session = (await sessionsBetween(tx, organisationId, id, today, today))[0]
        const truth = session && await healthTruth(tx, context, id)
        const stopped = truth !== undefined && redFlags(truth.on(today).flags).length > 0
        const open = truth && session
          ? asTrained(session, truth, { day: today, logged: new Set(), named: false, replaced: false }).items.filter(
            item => !item.stopped
          )
          : []
        rows.push({
          id, name, session: session !== undefined, minutes: session?.minutes ?? 0, stopped, drills: open.length,
          logged: logged.filter(log => log.athleteId === id).length,
          weekPlanned: planned.has(id),
        })
      }
      squads.push({
        group,
        week: season ? weekOfSeason(season, null, entries, mondayOf(today)) : null,
        entries: entriesOn(mine, today),
        nextCompetition: competitionDays(mine, today, addDays(today, AHEAD_DAYS))[0] ?? null,
        athletes: rows,
        notices: notices.filter(notice => notice.groupId === group.id),
      })
    }
    return { day: today, squads }
  })
}
