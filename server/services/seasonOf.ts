import { daysBetween } from '~~/core/calendar'
import { NO_EXCEPTIONS, seasonInstance, seasonWeek, type SeasonWeek } from '~~/core/season'
import type { Athlete, AthleteSeason, Competition, StoredEntry, StoredSeason } from '~~/shared/types'
import { competitionDays, entriesOf } from '../repositories/calendar'
import { athleteSeasons, seasonsOf } from '../repositories/seasons'
import type { Tx } from '../repositories/rows'

type Member = Pick<Athlete, 'id' | 'groupIds'>

/** The calendar of one athlete or of several: entries and seasons of the groups, and what each does otherwise. */
export interface AthleteCalendar {
  readonly entries: readonly StoredEntry[]
  readonly seasons: readonly StoredSeason[]
  readonly own: readonly AthleteSeason[]
}

/** The calendars of some athletes, read together. */
export async function calendarsOf(
  tx: Tx, organisationId: string, members: readonly Member[],
): Promise<AthleteCalendar> {
  const groupIds = [...new Set(members.flatMap(member => member.groupIds))]
  return {
    entries: await entriesOf(tx, organisationId, groupIds),
    seasons: await seasonsOf(tx, organisationId, groupIds),
    own: await athleteSeasons(tx, organisationId, { athleteIds: members.map(({ id }) => id) }),
  }
}

export const calendarOf = (tx: Tx, organisationId: string, member: Member): Promise<AthleteCalendar> =>
  calendarsOf(tx, organisationId, [member])

/** One athlete's part of the calendars of several. */
export const calendarFor = ({ entries, seasons, own }: AthleteCalendar, { id, groupIds }: Member): AthleteCalendar => ({
  entries: entries.filter(({ groupId }) => groupId === null || groupIds.includes(groupId)),
  seasons: seasons.filter(({ groupId }) => groupIds.includes(groupId)),
  own: own.filter(({ athleteId }) => athleteId === id),
})

/** Entries that are on, without those the athlete is not part of. */
export function withoutSkips({ entries, own }: AthleteCalendar): StoredEntry[] {
  const skips = new Set(own.flatMap(one => one.exceptions.skips))
  return entries.filter(entry => !entry.cancelled && !skips.has(entry.id))
}

/** Competitions of an athlete's groups, without those the athlete is not part of. */
export const competitionsIn = (calendar: AthleteCalendar, from: string, to: string): Competition[] =>
  competitionDays(withoutSkips(calendar), from, to)

/** Entries that a group's season heeds: its own and the centre's, without what is called off. */
export const heeded = (entries: readonly StoredEntry[], groupId: string): StoredEntry[] =>
  entries.filter(entry => !entry.cancelled && (entry.groupId === null || entry.groupId === groupId))

/** What a season says about an athlete's week, the own exceptions heeded. */
export function weekOfSeason(
  season: StoredSeason, own: AthleteSeason | null, entries: readonly StoredEntry[], startsOn: string,
): SeasonWeek | null {
  const instance = seasonInstance(season.shape, heeded(entries, season.groupId), own?.exceptions ?? NO_EXCEPTIONS)
  return seasonWeek(season.shape, instance, own?.plan ?? season.plan, startsOn)
}

/** The season an athlete is in on a day: of several groups the first that has one. */
export function seasonOn(
  seasons: readonly StoredSeason[], groupIds: readonly string[], day: string,
): StoredSeason | null {
  return seasons.find(({ groupId, shape }) =>
    groupIds.includes(groupId) && shape.startsOn <= day && daysBetween(shape.startsOn, day) < 7 * shape.weeks
  ) ?? null
}

/** What the season says about the week an athlete is planned for; null outside every season. */
export function seasonWeekIn(
  { seasons, own, entries }: AthleteCalendar, { groupIds }: Pick<Member, 'groupIds'>, startsOn: string,
): SeasonWeek | null {
  const season = seasonOn(seasons, groupIds, startsOn)
  const mine = own.find(one => one.groupId === season?.groupId) ?? null
  return season && weekOfSeason(season, mine, entries, startsOn)
}
