import { group } from 'd3-array'
import { addDays, mondayOf } from '~~/core/calendar'
import { shutPhase } from '~~/core/season'
import type { MySeason, SeasonsAnswer, AthleteShutPhase, StoredSeason } from '~~/shared/types'
import { athletesTraining } from '../repositories/athletes'
import { entriesOf } from '../repositories/calendar'
import { sumsByWeek } from '../repositories/daySums'
import { listGroups } from '../repositories/groups'
import { organisationById } from '../repositories/organisations'
import type { Tx } from '../repositories/rows'
import { athleteSeasons, seasonsOf } from '../repositories/seasons'
import { mustSeeAthlete, transaction, type Context } from './context'
import { seasonOn } from './seasonOf'

/** Weeks that shut look back over. */
const LOOK_BACK_WEEKS = 8

/** All seasons in sight, with their calendar and the shut that are shut. */
export function allSeasons(context: Context): Promise<SeasonsAnswer> {
  return transaction(context, tx => seasonsInSight(tx, context))
}

export async function seasonsInSight(
  tx: Tx,
  { actor: { organisationId }, today }: Pick<Context, 'actor' | 'today'>,
): Promise<SeasonsAnswer> {
  const seasons = await seasonsOf(tx, organisationId, null)
  return {
    groups: await listGroups(tx, organisationId), seasons, entries: await entriesOf(tx, organisationId, null),
    athletes: await athleteSeasons(tx, organisationId), shut: await shutPhases(tx, organisationId, seasons, today),
    timeZone: (await organisationById(tx, organisationId))!.timeZone,
    today,
  }
}

async function shutPhases(
  tx: Tx, organisationId: string, seasons: readonly StoredSeason[], today: string,
): Promise<AthleteShutPhase[]> {
  const athletes = (await athletesTraining(tx, organisationId)).filter(athlete =>
    seasonOn(seasons, athlete.groupIds, today)
  )
  if (athletes.length === 0) return []
  const own = await athleteSeasons(tx, organisationId)
  const done = await doneByWeek(tx, organisationId, athletes.map(athlete => athlete.id), today)
  return athletes.flatMap((athlete): AthleteShutPhase[] => {
    const season = seasonOn(seasons, athlete.groupIds, today)!
    const mine = own.find(one => one.athleteId === athlete.id && one.groupId === season.groupId)
    const found = shutPhase(season.shape, mine?.plan ?? season.plan, {
      braceStep: athlete.braceStep, doneByWeek: done.get(athlete.id) ?? {},
    }, today)
    return found && (mine?.exceptions.opens[found.phase] ?? 0) < found.opens
      ? [{ ...found, athleteId: athlete.id, athleteName: athlete.name, groupId: season.groupId }]
      : []
  })
}

/** Share of planned sets done, by athlete and week. */
async function doneByWeek(
  tx: Tx, organisationId: string, ids: readonly string[], today: string,
): Promise<Map<string, Record<string, number>>> {
  const [from, to] = [addDays(mondayOf(today), -7 * LOOK_BACK_WEEKS), addDays(mondayOf(today), -1)]
  const weeks = (await sumsByWeek(tx, organisationId, ids, from, to)).filter(({ planned }) => planned > 0)
  return new Map([...group(weeks, week => week.athleteId)].map(([id, own]) => [
    id, Object.fromEntries(own.map(({ startsOn, planned, done }) => [startsOn, Math.min(1, done / planned)])),
  ]))
}

/** One athlete's season with everything that shapes it. */
export function mySeason(context: Context, athleteId: string): Promise<MySeason> {
  const { organisationId } = context.actor
  return transaction(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    const seasons = await seasonsOf(tx, organisationId, athlete.groupIds)
    const season = seasonOn(seasons, athlete.groupIds, context.today) ?? seasons[0] ?? null
    const own = (await athleteSeasons(tx, organisationId, { athleteIds: [athleteId] })).find(one =>
      one.groupId === season?.groupId
    ) ?? null
    return {
      athleteId, athleteName: athlete.name, season, own,
      entries: (await entriesOf(tx, organisationId, athlete.groupIds)).filter(entry => !entry.cancelled),
    }
  })
}
