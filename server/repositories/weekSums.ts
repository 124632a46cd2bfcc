import type { WeekReckoned, WeekSum } from '~~/shared/types'
import { json, planned, type Tx } from './rows'

/** A week of an athlete. */
export interface WeekOf {
  readonly athleteId: string
  readonly startsOn: string
}

/**
 * Takes weeks that wait to be reckoned to work, the latest first; what was taken and not finished before is taken
 * again. Of one athlete, or of everybody in sight.
 */
export async function takeWaitingWeeks(
  tx: Tx, organisationId: string, { athleteId, most }: { readonly athleteId: string | null, readonly most: number },
): Promise<WeekOf[]> {
  const { rows } = await tx.raw<{ rows: { athlete_id: string, starts_on: string }[] }>(
    `update week_sum w set state = 'atWork' from (
        select athlete_id, starts_on from week_sum where organisation_id = ? and state <> 'done'
          and (?::uuid is null or athlete_id = ?::uuid)
          order by starts_on desc, athlete_id limit ? for update skip locked) as next
      where w.organisation_id = ? and w.athlete_id = next.athlete_id and w.starts_on = next.starts_on
      returning w.athlete_id, w.starts_on`,
    [organisationId, athleteId, athleteId, most, organisationId])
  return rows.map(row => ({ athleteId: row.athlete_id, startsOn: row.starts_on }))
}

/** Keeps what was reckoned; a week that changed meanwhile waits again. */
export async function keepWeeks(
  tx: Tx, organisationId: string, weeks: readonly (WeekOf & { readonly sums: WeekReckoned })[],
): Promise<void> {
  await tx.raw(
    `update week_sum w set sums = k.sums, state = case w.state when 'atWork' then 'done' else w.state end
      from jsonb_to_recordset(?::jsonb) as k ("athleteId" uuid, "startsOn" date, sums jsonb)
      where w.organisation_id = ? and w.athlete_id = k."athleteId" and w.starts_on = k."startsOn"`,
    [json(weeks), organisationId])
}

/** Every week that there is waits; how many. */
export async function allWeeksWait(tx: Tx, organisationId: string): Promise<number> {
  await tx.raw(`insert into week_sum (organisation_id, athlete_id, starts_on)
    select distinct organisation_id, athlete_id, date_trunc('week', day)::date from day_sum where organisation_id = ?
    on conflict do nothing`, [organisationId])
  return tx('week_sum').where({ organisation_id: organisationId }).update({ state: 'waiting' })
}

/** Sums of every day that has sets anew, or was planned; how many days there are. */
export async function sumDaysAnew(tx: Tx, organisationId: string): Promise<number> {
  await tx.raw(`select keen_sum_days(array_agg(organisation_id), array_agg(athlete_id), array_agg(day)) from (
      select organisation_id, athlete_id, day from set_log where organisation_id = ?
      union select organisation_id, athlete_id, day from prescribed_session where organisation_id = ?
      union select organisation_id, athlete_id, day from day_sum where organisation_id = ?
    ) as days having count(*) > 0`, [organisationId, organisationId, organisationId])
  const { rows: [found] } = await tx.raw<{ rows: { days: number }[] }>(
    'select count(*)::int as days from day_sum where organisation_id = ?', [organisationId])
  return found!.days
}

interface SumRow extends Omit<WeekSum, 'startsOn' | 'reckoned'> {
  readonly starts_on: string
  readonly sums: WeekReckoned | null
}

/** What the weeks of an athlete came to since a day, oldest first: weeks with neither plan nor set are not there. */
export async function weekSeries(
  tx: Tx, organisationId: string, athleteId: string, from: string,
): Promise<WeekSum[]> {
  const { rows } = await tx.raw<{ rows: SumRow[] }>(
    `with days as (
        select date_trunc('week', day)::date as starts_on, sum(planned)::int as planned, sum(met)::int as met,
          sum(done)::int as done, sum(hurt)::int as hurt
        from day_sum where organisation_id = ? and athlete_id = ? and day >= ? group by 1),
      efforts as (
        select date_trunc('week', day)::date as starts_on, round(sum(effort * minutes))::int as load
        from session_effort where organisation_id = ? and athlete_id = ? and day >= ? group by 1)
      select d.*, e.load, w.sums from days d left join efforts e using (starts_on)
        left join week_sum w on w.organisation_id = ? and w.athlete_id = ? and w.starts_on = d.starts_on
        order by d.starts_on`,
    [organisationId, athleteId, from, organisationId, athleteId, from, organisationId, athleteId],
  ).options(planned('series of weeks'))
  return rows.map(({ starts_on: startsOn, sums, planned: asked, met, done, hurt, load }) =>
    ({ startsOn, planned: asked, met, done, hurt, load, reckoned: sums }))
}

/** Weeks of an athlete that wait to be reckoned. */
export async function weeksLeft(tx: Tx, organisationId: string, athleteId: string): Promise<number> {
  const [row] = await tx('week_sum').where({ organisation_id: organisationId, athlete_id: athleteId })
    .whereNot('state', 'done').count<{ count: string }[]>()
  return Number(row!.count)
}
