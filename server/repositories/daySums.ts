import { IN_GROUPS } from './athletes'
import { planned as named, type Tx } from './rows'

/** What a week of an athlete comes to, in sets. */
interface WeekSums {
  readonly athleteId: string
  readonly startsOn: string
  readonly planned: number
  readonly done: number
}

/** Sets planned and done, by athlete and week, from one day to another: weeks with neither are not there. */
export async function sumsByWeek(
  tx: Tx, organisationId: string, athleteIds: readonly string[], from: string, to: string,
): Promise<WeekSums[]> {
  const rows = await tx('day_sum').where({ organisation_id: organisationId })
    .whereRaw('athlete_id = any(?)', [athleteIds as string[]]).whereBetween('day', [from, to])
    .groupByRaw('1, 2').options(named('sums by week'))
    .select<{ athlete_id: string, starts_on: string, planned: number, done: number }[]>(
      'athlete_id', tx.raw('date_trunc(\'week\', day)::date as starts_on'), tx.raw('sum(planned)::int as planned'),
      tx.raw('sum(done)::int as done'),
    )
  return rows.map(row => ({
    athleteId: row.athlete_id, startsOn: row.starts_on, planned: row.planned, done: row.done,
  }))
}

/** Sets that some athletes have done on a day, by athlete. */
export async function setsOn(
  tx: Tx, organisationId: string, athleteIds: readonly string[], day: string,
): Promise<Map<string, number>> {
  const rows = await tx('day_sum').where({ organisation_id: organisationId, day })
    .whereRaw('athlete_id = any(?)', [athleteIds as string[]]).select<{ athlete_id: string, done: number }[]>(
      'athlete_id', 'done',
    )
  return new Map(rows.map(row => [row.athlete_id, row.done]))
}

/** Athletes in sight, or of one squad, who did a set since a day and are not in the archive: the first by name. */
export async function trainedSince(
  tx: Tx, organisationId: string, day: string, { groupId, most }: { groupId: string | null, most: number },
): Promise<string[]> {
  const rows = await tx('athlete as a').where('a.organisation_id', organisationId).whereNull('a.archived_at')
    .whereRaw(`exists (select from day_sum d where d.organisation_id = a.organisation_id and d.athlete_id = a.id
      and d.day >= ? and d.done > 0)`, [day])
    .modify((query) => { if (groupId) void query.whereRaw(IN_GROUPS, [[groupId]]) })
    .orderByRaw('lower(a.name), a.id').limit(most).select<{ id: string }[]>('a.id')
  return rows.map(({ id }) => id)
}

/** How the last weeks of an athlete went, at a glance. */
interface LateSums {
  /** Planned sets that were done, 0-1; null when nothing was planned. */
  readonly adherence: number | null
  readonly lastDay: string | null
  readonly hurt: boolean
}

/** What some athletes did from one day on to another, and whether a set hurt since a later one, by athlete. */
export async function lateSums(
  tx: Tx, organisationId: string, athleteIds: readonly string[],
  { from, hurtFrom, to }: { readonly from: string, readonly hurtFrom: string, readonly to: string },
): Promise<Map<string, LateSums>> {
  const rows = await tx('day_sum').where({ organisation_id: organisationId })
    .whereRaw('athlete_id = any(?)', [athleteIds as string[]]).whereBetween('day', [from, to]).groupBy('athlete_id')
    .select<{ athlete_id: string, adherence: number | null, last: string | null, hurt: boolean }[]>(
      'athlete_id', tx.raw(`${ADHERENCE} as adherence`), tx.raw('max(day) filter (where done > 0) as last'),
      tx.raw('coalesce(bool_or(hurt > 0 and day >= ?), false) as hurt', [hurtFrom]),
    )
  return new Map(rows.map(row => [row.athlete_id, { adherence: row.adherence, lastDay: row.last, hurt: row.hurt }]))
}

/** Over the days of one athlete. */
export const ADHERENCE = '(sum(met)::float8 / nullif(sum(planned), 0))'
