import { group } from 'd3-array'
import type { Knex } from 'knex'
import { addDays, mondayOf } from '~~/core/calendar'
import { CAPACITY_IDS } from '~~/core/capacity'
import { trunkEvidence } from '~~/shared/trunkOf'
import type { WeekReckoned, WeekSeries } from '~~/shared/types'
import { asSystemOf, inOrganisation } from '../database/connection'
import { athletesByIds } from '../repositories/athletes'
import {
  allWeeksWait, keepWeeks, sumDaysAnew, takeWaitingWeeks, weekSeries, weeksLeft, type WeekOf,
} from '../repositories/weekSums'
import { lookBackInPool } from '../solver'
import { mustSeeAthlete, transaction, type Context } from './context'
import { groundsOf, type Grounds } from './grounds'
import { toPrescribed } from './history'
import { recordReading } from './readings'
import { settled } from './settled'

/** Weeks that are reckoned at a time, and of one athlete while somebody waits for the answer. */
const [AT_A_TIME, WHILE_WAITING] = [24, 12]

/** What the weeks of an athlete came to since a day; the latest that wait are reckoned before it is answered. */
export async function athleteSeries(context: Context, athleteId: string, from: string): Promise<WeekSeries> {
  const { organisationId } = context.actor
  await transaction(context, async (tx) => {
    await mustSeeAthlete(tx, context, athleteId)
    await recordReading(tx, context, 'history.read', athleteId)
  })
  await reckonSome(context.db, organisationId, { athleteId, most: WHILE_WAITING })
  return transaction(context, async tx => ({
    weeks: await weekSeries(tx, organisationId, athleteId, mondayOf(from)),
    left: await weeksLeft(tx, organisationId, athleteId),
  }))
}

/** Reckons everything that waits, in every organisation; how many weeks. */
export async function sumAllWeeks(db: Knex): Promise<number> {
  let weeks = 0
  for (const id of await organisations(db)) {
    for (let some = -1; some !== 0; weeks += some)
      some = await reckonSome(db, id, { athleteId: null, most: AT_A_TIME })
  }
  return weeks
}

/** Sums every day anew, from its sets, and has every week wait to be reckoned; how many days. */
export async function sumAllDays(db: Knex): Promise<number> {
  let days = 0
  for (const id of await organisations(db)) {
    days += await inOrganisation(db, asSystemOf(id), async (tx) => {
      const found = await sumDaysAnew(tx, id)
      await allWeeksWait(tx, id)
      return found
    })
  }
  return days
}

async function organisations(db: Knex): Promise<string[]> {
  const { rows } = await db.raw<{ rows: { id: string }[] }>('select organisation_id as id from keen_organisations()')
  return rows.map(({ id }) => id)
}

/** Reckons some of the weeks that wait; nothing is held while that lasts. */
async function reckonSome(
  db: Knex, organisationId: string, which: Parameters<typeof takeWaitingWeeks>[2],
): Promise<number> {
  const system = asSystemOf(organisationId)
  const grounds = await inOrganisation(db, system, async (tx) => {
    const taken = await takeWaitingWeeks(tx, organisationId, which)
    const byWeek = group(taken, week => week.startsOn)
    const all: Grounds[] = []
    for (const [startsOn, weeks] of byWeek) {
      const athletes = await athletesByIds(tx, organisationId, weeks.map(week => week.athleteId))
      all.push(...(await groundsOf(tx, organisationId, athletes, startsOn)).values())
    }
    return all
  })
  const weeks: (WeekOf & { sums: WeekReckoned })[] = []
  for (const one of grounds)
    weeks.push({ athleteId: one.athlete.id, startsOn: one.startsOn, sums: await reckoned(one) })
  if (weeks.length > 0) await inOrganisation(db, system, tx => keepWeeks(tx, organisationId, weeks))
  return weeks.length
}

/** A week in full sets of the athlete as known when it was over. */
async function reckoned(grounds: Grounds): Promise<WeekReckoned> {
  const { athlete, startsOn, own, past } = grounds
  const to = addDays(startsOn, 6)
  const within = ({ day }: { readonly day: string }): boolean => day >= startsOn && day <= to
  const trials = past.trials.filter(({ day }) => day <= to)
  const { weeks: [week], capacities } = await lookBackInPool({
    athlete, startsOn, competitions: [], own, settled: settled(grounds),
    span: {
      from: startsOn, to, logs: past.logs.filter(within), evidence: trunkEvidence(trials, past.logs, athlete.stands),
      prescribed: past.prescribed.filter(within).map(toPrescribed), sessions: [], efforts: [],
    },
  })
  return {
    fullSets: week!.fullSets,
    capacities: Object.fromEntries(CAPACITY_IDS.map(id => [id, capacities[id][0]!.nm])) as WeekReckoned['capacities'],
  }
}
