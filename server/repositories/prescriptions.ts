import { group } from 'd3-array'
import { setCount } from '~~/core/dose'
import type { PlannedLift } from '~~/core/programme'
import type { PrescribedItem, PrescribedSession, Routine } from '~~/shared/types'
import { json, planned, type Tx } from './rows'

interface SessionRow {
  id: string
  organisation_id: string
  athlete_id: string
  starts_on: string
  day: string
  plan_key: string
  minutes: number
  lifts: PlannedLift[]
  routine: Routine
}

interface ItemRow {
  id: string
  organisation_id: string
  session_id: string
  plan_key: string
  place: number
  variation_id: string
  prescription: Omit<PrescribedItem, 'id' | 'variationId'>
  withdrawn_at: Date | null
}

/** A frozen session with the keys of the plan it was made from. */
export interface StoredSession extends PrescribedSession {
  readonly athleteId: string
  readonly planKey: string
  readonly itemKeys: Readonly<Record<string, string>>
}

/** A session without its drills. */
interface SessionHead {
  readonly day: string
  readonly minutes: number
  readonly lifts: readonly PlannedLift[]
  readonly routine: Routine
}

async function withItems(tx: Tx, organisationId: string, rows: readonly SessionRow[]): Promise<StoredSession[]> {
  if (rows.length === 0) return []
  const items = await tx<ItemRow>('prescribed_item').where({ organisation_id: organisationId })
    .whereRaw('session_id = any(?)', [rows.map(row => row.id)]).whereNull('withdrawn_at').orderBy('place')
    .options(planned('drills of sessions'))
  const bySession = group(items, item => item.session_id)
  return rows.map((row) => {
    const own = bySession.get(row.id) ?? []
    return {
      id: row.id,
      athleteId: row.athlete_id,
      planKey: row.plan_key,
      day: row.day,
      minutes: row.minutes,
      lifts: row.lifts,
      ...row.routine,
      items: own.map(item => ({ ...item.prescription, id: item.id, variationId: item.variation_id })),
      itemKeys: Object.fromEntries(own.map(item => [item.id, item.plan_key])),
    }
  })
}

function current(tx: Tx, organisationId: string) {
  return tx<SessionRow>('prescribed_session').where({ organisation_id: organisationId }).whereNull('withdrawn_at')
}

export async function sessionsOfWeek(
  tx: Tx, organisationId: string, athleteId: string, startsOn: string,
): Promise<StoredSession[]> {
  const rows = await current(tx, organisationId).where({ athlete_id: athleteId, starts_on: startsOn }).orderBy('day')
  return withItems(tx, organisationId, rows)
}

export const sessionsBetween = (
  tx: Tx, organisationId: string, athleteId: string, from: string, to: string,
): Promise<StoredSession[]> => sessionsOfAthletes(tx, organisationId, [athleteId], from, to)

/** Sessions of some athletes from one day to another, in the order of the days. */
export async function sessionsOfAthletes(
  tx: Tx, organisationId: string, athleteIds: readonly string[], from: string, to: string,
): Promise<StoredSession[]> {
  const rows = await current(tx, organisationId).whereRaw('athlete_id = any(?)', [athleteIds as string[]])
    .whereBetween('day', [from, to]).orderBy([{ column: 'day' }, { column: 'plan_key' }])
    .options(planned('sessions between'))
  return withItems(tx, organisationId, rows)
}

/** The first session of a day, by athlete. */
export async function sessionsOn(
  tx: Tx, organisationId: string, athleteIds: readonly string[], day: string,
): Promise<Map<string, StoredSession>> {
  const rows = await current(tx, organisationId).where({ day })
    .whereRaw('athlete_id = any(?)', [athleteIds as string[]])
    .distinctOn('athlete_id').orderBy(['athlete_id', 'plan_key'])
  return new Map((await withItems(tx, organisationId, rows)).map(session => [session.athleteId, session]))
}

export async function sessionById(tx: Tx, organisationId: string, id: string): Promise<StoredSession | null> {
  const rows = await current(tx, organisationId).where({ id })
  return (await withItems(tx, organisationId, rows))[0] ?? null
}

/** Lets one after another change a session. */
export async function lockSession(tx: Tx, organisationId: string, id: string): Promise<void> {
  await current(tx, organisationId).where({ id }).forUpdate().select('id')
}

export async function insertSession(
  tx: Tx, organisationId: string,
  session: SessionHead & { id: string, athleteId: string, startsOn: string, planKey: string },
): Promise<void> {
  await tx('prescribed_session').insert({
    id: session.id,
    organisation_id: organisationId,
    athlete_id: session.athleteId,
    starts_on: session.startsOn,
    day: session.day,
    plan_key: session.planKey,
    minutes: session.minutes,
    lifts: json(session.lifts),
    routine: json(session.routine),
  })
}

export async function updateSession(
  tx: Tx, organisationId: string, id: string, { day, minutes, lifts, routine }: SessionHead,
): Promise<void> {
  await tx('prescribed_session').where({ organisation_id: organisationId, id })
    .update({ day, minutes, lifts: json(lifts), routine: json(routine) })
}

export async function withdrawSession(tx: Tx, organisationId: string, id: string): Promise<void> {
  await tx('prescribed_session').where({ organisation_id: organisationId, id }).update({ withdrawn_at: tx.fn.now() })
}

/** A drill on its way into a session: the key of the plan it was made from and its place in the order. */
export interface NewItem {
  readonly planKey: string
  readonly place: number
  readonly item: PrescribedItem
}

export async function insertItems(
  tx: Tx, organisationId: string, session: { id: string, athleteId: string }, items: readonly NewItem[],
): Promise<void> {
  if (items.length === 0) return
  await tx('prescribed_item').insert(items.map(({ planKey, place, item: { id, variationId, ...prescription } }) => ({
    id,
    organisation_id: organisationId,
    athlete_id: session.athleteId,
    session_id: session.id,
    plan_key: planKey,
    place,
    variation_id: variationId,
    prescription: json(prescription),
    sets: setCount(prescription.dose, prescription.sides, prescription.extraSetSide),
  })))
}

export async function placeItem(tx: Tx, organisationId: string, id: string, place: number): Promise<void> {
  await tx('prescribed_item').where({ organisation_id: organisationId, id }).update({ place })
}

export async function withdrawItem(tx: Tx, organisationId: string, id: string): Promise<void> {
  await tx('prescribed_item').where({ organisation_id: organisationId, id }).update({ withdrawn_at: tx.fn.now() })
}

/** A drill that sets are logged against. */
export interface LoggedItem {
  readonly athleteId: string
  readonly sessionDay: string
  readonly item: PrescribedItem
}

/**
 * The drills sets are logged against, by key, withdrawn or not: what was being done stays loggable. Nobody else logs
 * sets of them until the transaction ends; asked for in one order by everybody, so that two never wait for each other.
 */
export async function itemsForLogs(
  tx: Tx, organisationId: string, ids: readonly string[],
): Promise<Map<string, LoggedItem>> {
  const { rows } = await tx.raw<{ rows: (ItemRow & { athlete_id: string, day: string })[] }>(
    `with claimed as materialized (
        select one, pg_advisory_xact_lock(hashtextextended(one::text, 17)) as turn
          from (select distinct one from unnest(?::uuid[]) as one order by one) as sorted)
      select i.*, s.athlete_id, s.day from claimed c
        join prescribed_item i on i.organisation_id = ? and i.id = c.one
        join prescribed_session s on s.organisation_id = i.organisation_id and s.id = i.session_id
        where c.turn is not null`,
    [ids as string[], organisationId],
  ).options(planned('drills of sets'))
  return new Map(rows.map(row => [row.id, {
    athleteId: row.athlete_id, sessionDay: row.day,
    item: { ...row.prescription, id: row.id, variationId: row.variation_id },
  }]))
}

/** What was planned from one day to another, for the review. */
export async function prescribedBetween(
  tx: Tx, organisationId: string, athleteIds: readonly string[], from: string, to: string,
): Promise<
  {
    itemId: string
    athleteId: string
    variationId: string
    day: string
    item: Omit<PrescribedItem, 'id' | 'variationId'>
  }[]
> {
  const rows = await tx('prescribed_item as i')
    .join('prescribed_session as s', function () {
      this.on('s.id', 'i.session_id').andOn('s.organisation_id', 'i.organisation_id')
    })
    .where('i.organisation_id', organisationId)
    .whereRaw('s.athlete_id = any(?)', [athleteIds as string[]])
    .whereBetween('s.day', [from, to])
    .whereNull('i.withdrawn_at').whereNull('s.withdrawn_at')
    .orderBy(['s.day', 'i.place'])
    .select<
      { id: string, athlete_id: string, variation_id: string, day: string, prescription: ItemRow['prescription'] }[]
    >(
      'i.id', 's.athlete_id', 'i.variation_id', 's.day', 'i.prescription',
    )
  // What somebody took another drill for was not asked as well.
  const swapped = new Set(rows.map(row => row.prescription.swappedFor))
  return rows.filter(row => !swapped.has(row.id)).map(row => ({
    itemId: row.id, athleteId: row.athlete_id, variationId: row.variation_id, day: row.day, item: row.prescription,
  }))
}
