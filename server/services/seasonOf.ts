import { daysBetween } from '~~/core/calendar'
import { NO_EXCEPTIONS, seasonInstance, seasonWeek, type SeasonWeek } from '~~/core/season'
import type { Athlete, AthleteSeason, Competition, StoredEntry, StoredSeason } from '~~/shared/types'
import { competitionDays, entriesOf } from '../repositories/calendar'
import { athleteSeasons, seasonsOf } from '../repositories/seasons'
import type { Tx } from '../repositories/rows'

type Member = Pick<Athlete, 'id' | 'groupIds'>

/** Competitions of an athlete's groups, without those the athlete is not part of. */
export async function competitionsFor(
  tx: Tx, organisationId: string, { id, groupIds }: Member, from: string, to: string,
): Promise<Competition[]> {
  const entries = (await entriesOf(tx, organisationId, groupIds)).filter(entry => !entry.cancelled)
  const skips = new Set(
    (await athleteSeasons(tx, organisationId, { athleteIds: [id] })).flatMap(own => own.exceptions.skips),
  )
  return competitionDays(entries, from, to).filter(({ id: entryId }) => !skips.has(entryId))
}

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
export async function seasonWeekFor(
  tx: Tx, organisationId: string, { id, groupIds }: Member, startsOn: string,
): Promise<SeasonWeek | null> {
  const season = seasonOn(await seasonsOf(tx, organisationId, groupIds), groupIds, startsOn)
  if (!season) return null
  const own =
    (await athleteSeasons(tx, organisationId, { athleteIds: [id] })).find(one => one.groupId === season.groupId) ?? null
  return weekOfSeason(season, own, await entriesOf(tx, organisationId, groupIds), startsOn)
}
