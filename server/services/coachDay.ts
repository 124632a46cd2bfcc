import { addDays, mondayOf } from '~~/core/calendar'
import { redFlags } from '~~/core/screening'
import { entriesOn } from '~~/core/season'
import { ROSTER_MOST } from '~~/shared/rosterMost'
import type { CoachDay, Group, SeasonNotice, SquadDay } from '~~/shared/types'
import { athletesTraining } from '../repositories/athletes'
import { competitionDays, entriesOf } from '../repositories/calendar'
import { setsOn } from '../repositories/daySums'
import { listGroups, sizesOfGroups } from '../repositories/groups'
import { organisationById } from '../repositories/organisations'
import { sessionsOn } from '../repositories/prescriptions'
import type { Tx } from '../repositories/rows'
import { seasonChangesSince, seasonsOf } from '../repositories/seasons'
import { weekStatuses } from '../repositories/weeks'
import { transaction, type Context } from './context'
import { asTrained } from './handOut'
import { healthTruths } from './healthTruth'
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
 * Today in the squads in sight, or in one of them: what kind of day it is and why, who trains, what is next, what was
 * changed since yesterday.
 */
export function coachDay(context: Context, { group: asked }: { readonly group?: string } = {}): Promise<CoachDay> {
  const { actor: { organisationId }, today } = context
  return transaction(context, async (tx) => {
    const all = (await listGroups(tx, organisationId)).filter(({ id }) => !asked || id === asked)
    const groups = firstOf(all, await sizesOfGroups(tx, organisationId))
    const athletes = await athletesTraining(tx, organisationId, groups.map(({ id }) => id))
    const entries = await entriesOf(tx, organisationId, null)
    const seasons = await seasonsOf(tx, organisationId, null)
    const notices = await noticesSinceYesterday(tx, organisationId, groups.map(group => group.id), today)
    const rowOf = await todayOf(tx, context, athletes.map(athlete => athlete.id))
    const squads = groups.map((group): SquadDay => {
      const season = seasonOn(seasons, [group.id], today)
      const mine = heeded(entries, group.id)
      return {
        group,
        week: season ? weekOfSeason(season, null, entries, mondayOf(today)) : null,
        entries: entriesOn(mine, today),
        nextCompetition: competitionDays(mine, today, addDays(today, AHEAD_DAYS))[0] ?? null,
        athletes: athletes.filter(athlete => athlete.groupIds.includes(group.id)).map(rowOf),
        notices: notices.filter(notice => notice.groupId === group.id),
      }
    })
    return { day: today, squads, more: groups.length < all.length }
  })
}

/** The first squads that together are as many athletes as a page has; always one, however large. */
function firstOf(groups: readonly Group[], sizes: ReadonlyMap<string, number>): Group[] {
  let athletes = 0
  return groups.filter(({ id }, i) => {
    athletes += sizes.get(id) ?? 0
    return i === 0 || athletes <= ROSTER_MOST
  })
}

type AthleteToday = SquadDay['athletes'][number]

/** What each of some athletes has to do today, asked for all of them at once. */
async function todayOf(
  tx: Tx, context: Context, ids: readonly string[],
): Promise<(athlete: { id: string, name: string }) => AthleteToday> {
  const { actor: { organisationId }, today } = context
  const sessions = await sessionsOn(tx, organisationId, ids, today)
  const truths = await healthTruths(tx, context, [...sessions.keys()])
  const weeks = await weekStatuses(tx, organisationId, ids, mondayOf(today))
  const sets = await setsOn(tx, organisationId, ids, today)
  return ({ id, name }) => {
    const session = sessions.get(id)
    const truth = truths.get(id)
    const open = session && truth
      ? asTrained(session, truth, { day: today, logged: new Set(), named: false, replaced: false }).items
        .filter(item => !item.stopped)
      : []
    return {
      id, name, session: session !== undefined, minutes: session?.minutes ?? 0,
      stopped: truth !== undefined && redFlags(truth.on(today).flags).length > 0,
      drills: open.length, logged: sets.get(id) ?? 0, weekPlanned: weeks.has(id),
    }
  }
}
