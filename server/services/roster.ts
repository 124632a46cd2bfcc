import { addDays, mondayOf } from '~~/core/calendar'
import { SPORT_PROFILE_IDS, SPORT_PROFILES } from '~~/core/programme'
import { FLAG_IDS, FLAGS } from '~~/core/screening'
import { AppError } from '~~/shared/errors'
import { screenOf } from '~~/shared/planningContext'
import type { Athlete, Competition, Group, RosterPage, RosterQuery, RosterRow } from '~~/shared/types'
import { athletesByIds } from '../repositories/athletes'
import { athletesWithIdleHomework } from '../repositories/braceCourse'
import { competitionsBetween } from '../repositories/calendar'
import { lateSums } from '../repositories/daySums'
import { listGroups } from '../repositories/groups'
import { rosterPlaces, type RosterPlace, type Word } from '../repositories/rosterPage'
import type { Tx } from '../repositories/rows'
import { weekStatuses } from '../repositories/weeks'
import { catalogueOfOrganisation } from './catalogue'
import { asTheyMayRead, transaction, type Context } from './context'
import { recordHealthRead } from './record'

/** Days the roster looks back for adherence, and for pain. */
const ADHERENCE_DAYS = 28
const PAIN_DAYS = 7
/** Days ahead in which a competition counts as the next one. */
const COMPETITION_DAYS = 365
/** Rows of a page where it is not said how many. */
const PAGE = 40

/** A page of the roster: athletes with what there is to know at a glance. */
export function roster(context: Context, query: RosterQuery = {}): Promise<RosterPage> {
  const { actor: { organisationId }, today } = context
  const most = query.most ?? PAGE
  return transaction(context, async (tx) => {
    const next = firstOfEach(
      await competitionsBetween(tx, organisationId, null, today, addDays(today, COMPETITION_DAYS)))
    const { places, total } = await rosterPlaces(tx, organisationId, {
      group: query.group, archived: query.archived, sort: query.sort ?? 'name', down: query.down ?? false,
      words: wordsOf(query.find ?? '', await listGroups(tx, organisationId), next),
      after: query.after === undefined ? null : placeIn(query.after), most: most + 1,
    }, {
      today, startsOn: mondayOf(today), doneFrom: addDays(today, -ADHERENCE_DAYS),
      next: new Map([...next].map(([groupId, { day }]) => [groupId, day])),
    })
    const shown = places.slice(0, most)
    return {
      rows: await rowsOf(tx, context, shown.map(([, , id]) => id), next), total,
      next: places.length > most ? cursorOf(shown.at(-1)!) : null,
    }
  })
}

/** The rows of some athletes, in the order that is asked for. */
async function rowsOf(
  tx: Tx, context: Context, ids: readonly string[], next: ReadonlyMap<string, Competition>,
): Promise<RosterRow[]> {
  const { actor: { organisationId }, today } = context
  const athletes = await asTheyMayRead(tx, context, await athletesByIds(tx, organisationId, ids))
  await recordHealthRead(tx, context, athletes)
  const catalogue = await catalogueOfOrganisation(tx, organisationId)
  const sums = await lateSums(tx, organisationId, ids, {
    from: addDays(today, -ADHERENCE_DAYS), hurtFrom: addDays(today, -PAIN_DAYS), to: today,
  })
  const weeks = await weekStatuses(tx, organisationId, ids, mondayOf(today))
  const idle = await athletesWithIdleHomework(tx, organisationId, ids, today)
  const byId = new Map(athletes.map(athlete => [athlete.id, athlete]))
  return ids.flatMap((id): RosterRow[] => {
    const athlete = byId.get(id)
    const late = sums.get(id)
    return athlete
      ? [{
        athlete, marks: screenOf(athlete, today, catalogue).flags, nextCompetition: nextFor(athlete, next),
        thisWeek: weeks.get(id) ?? 'none', adherence: late?.adherence ?? null, lastLogDay: late?.lastDay ?? null,
        painInLastDays: late?.hurt ?? false, homeworkLies: idle.has(id),
        screened: athlete.screenedOn !== null || context.actor.role === 'assistant',
      }]
      : []
  })
}

/** The first competition of each group; they come earliest first. */
function firstOfEach(competitions: readonly Competition[]): Map<string, Competition> {
  return new Map([...competitions].reverse().map(one => [one.groupId, one]))
}

function nextFor({ groupIds }: Athlete, next: ReadonlyMap<string, Competition>): Competition | null {
  return groupIds.flatMap(id => next.get(id) ?? []).sort((a, b) => a.day.localeCompare(b.day))[0] ?? null
}

/** Every word with what it is found in besides the athletes' own words. */
function wordsOf(find: string, groups: readonly Group[], next: ReadonlyMap<string, Competition>): Word[] {
  return find.toLowerCase().split(/\s+/).filter(Boolean).map(text => ({
    text,
    sports: SPORT_PROFILE_IDS.filter(id => SPORT_PROFILES[id].name.toLowerCase().includes(text)),
    flags: FLAG_IDS.filter(id => FLAGS[id].name.toLowerCase().includes(text)),
    groupIds: groups.filter(({ id, name }) =>
      name.toLowerCase().includes(text) || next.get(id)?.name.toLowerCase().includes(text)).map(({ id }) => id),
  }))
}

/** Where a page ended, as part of an address. */
const cursorOf = (place: RosterPlace): string => Buffer.from(JSON.stringify(place)).toString('base64url')

function placeIn(cursor: string): RosterPlace {
  const refused = new AppError('badInput', 'There is no such page.', { after: 'There is no such page.' })
  let read: unknown
  try {
    read = JSON.parse(Buffer.from(cursor, 'base64url').toString())
  }
  catch {
    throw refused
  }
  if (!Array.isArray(read) || read.length !== 3) throw refused
  const [key, name, id] = read as [unknown, unknown, unknown]
  const keyReads = key === null || typeof key === 'number' || typeof key === 'string'
  if (!keyReads || typeof name !== 'string' || typeof id !== 'string' || !/^[0-9a-f-]{36}$/.test(id)) throw refused
  return [key, name, id]
}
