import type { StoredSetLog } from '~~/shared/types'
import { json, planned, type Tx } from './rows'

interface LogRow {
  id: string
  organisation_id: string
  athlete_id: string
  prescribed_item_id: string
  day: string
  performed_at: Date
  variation_id: string
  set_number: number
  side: StoredSetLog['side']
  amount: number
  unit: StoredSetLog['unit']
  tempo: string | null
  break_point: StoredSetLog['breakPoint']
  setting: StoredSetLog['setting']
  felt_at: StoredSetLog['feltAt']
  effort: number | null
  pain_at: StoredSetLog['painAt']
  note: string
  quality: number | null
}

const toLog = (row: LogRow): StoredSetLog => ({
  id: row.id,
  athleteId: row.athlete_id,
  prescribedItemId: row.prescribed_item_id,
  day: row.day,
  performedAt: row.performed_at.toISOString(),
  variationId: row.variation_id,
  setNumber: row.set_number,
  side: row.side,
  amount: row.amount,
  unit: row.unit,
  tempo: row.tempo,
  breakPoint: row.break_point,
  setting: row.setting,
  feltAt: row.felt_at,
  effort: row.effort,
  painAt: row.pain_at,
  note: row.note,
  ...row.quality === null ? {} : { quality: row.quality },
})

/** Athletes in sight who did a set since a day. */
export async function athletesTrainedSince(tx: Tx, organisationId: string, day: string): Promise<Set<string>> {
  const rows = await tx('set_log').where({ organisation_id: organisationId }).where('day', '>=', day)
    .distinct<{ athlete_id: string }[]>('athlete_id')
  return new Set(rows.map(row => row.athlete_id))
}

/** Sets that are logged of some drills, which nobody else logs until the transaction ends. */
export async function logsOfItems(
  tx: Tx, organisationId: string, itemIds: readonly string[],
): Promise<StoredSetLog[]> {
  // In one order for everybody, so that two of them never wait for each other.
  await tx.raw(
    `select pg_advisory_xact_lock(hashtextextended(one, 17))
      from (select one from unnest(?::text[]) as one order by one) as sorted`, [[...new Set(itemIds)]])
  const rows = await tx<LogRow>('set_log').where({ organisation_id: organisationId })
    .whereRaw('prescribed_item_id = any(?)', [itemIds as string[]])
  return rows.map(toLog)
}

/** Puts a stored set right: its key, its day and its place stay. */
export async function changeLog(tx: Tx, organisationId: string, log: StoredSetLog): Promise<void> {
  await tx('set_log').where({ organisation_id: organisationId, day: log.day, id: log.id }).update({
    performed_at: log.performedAt, variation_id: log.variationId, amount: log.amount, break_point: log.breakPoint,
    setting: json(log.setting), felt_at: log.feltAt, effort: log.effort, pain_at: log.painAt, note: log.note,
    quality: log.quality ?? null,
  })
  await tx('pain_set').where({ organisation_id: organisationId, id: log.id }).update({
    variation_id: log.variationId, at: log.performedAt, hurt: hurts(log), place: log.painAt,
  })
  await keepPain(tx, organisationId, [log])
}

/** Stores sets; one that is already there under its key and day is left as it was. */
export async function insertLogs(
  tx: Tx, organisationId: string, loggedBy: string, logs: readonly StoredSetLog[],
): Promise<void> {
  await tx('set_log').insert(logs.map(log => ({
    id: log.id,
    organisation_id: organisationId,
    athlete_id: log.athleteId,
    prescribed_item_id: log.prescribedItemId,
    day: log.day,
    performed_at: log.performedAt,
    logged_by: loggedBy,
    variation_id: log.variationId,
    set_number: log.setNumber,
    side: log.side,
    amount: log.amount,
    unit: log.unit,
    tempo: log.tempo,
    break_point: log.breakPoint,
    setting: json(log.setting),
    felt_at: log.feltAt,
    effort: log.effort,
    pain_at: log.painAt,
    note: log.note,
    quality: log.quality ?? null,
  }))).onConflict(['organisation_id', 'day', 'id']).ignore()
  await keepPain(tx, organisationId, logs)
}

const hurts = (log: StoredSetLog): boolean => log.breakPoint === 'pain' || log.painAt !== null

/** Sets that hurt, and clean sets of a drill that once did: what a drill's pain is told from. */
async function keepPain(tx: Tx, organisationId: string, logs: readonly StoredSetLog[]): Promise<void> {
  const drill = (log: StoredSetLog): string => `${log.athleteId}/${log.variationId}`
  const told = new Set(logs.filter(hurts).map(drill))
  await tx.raw(
    `insert into pain_set (id, organisation_id, athlete_id, variation_id, day, at, hurt, place)
      select l.id, ?, l."athleteId", l."variationId", l.day, l.at, l.hurt, l.place
        from jsonb_to_recordset(?::jsonb) as l (id uuid, "athleteId" uuid, "variationId" text, day date,
          at timestamptz, hurt boolean, place text, told boolean)
        where l.told or exists (select from pain_set known where known.organisation_id = ?
          and known.athlete_id = l."athleteId" and known.variation_id = l."variationId")
      on conflict (id) do nothing`,
    [
      organisationId,
      json(logs.map(log => ({
        id: log.id, athleteId: log.athleteId, variationId: log.variationId, day: log.day, at: log.performedAt,
        hurt: hurts(log), place: log.painAt, told: told.has(drill(log)),
      }))),
      organisationId,
    ],
  )
}

/** Sets of some athletes from one day to another, in the order they were done. */
export async function logsBetween(
  tx: Tx, organisationId: string, athleteIds: readonly string[], from: string, to: string,
): Promise<StoredSetLog[]> {
  const rows = await tx<LogRow>('set_log').where({ organisation_id: organisationId })
    .whereRaw('athlete_id = any(?)', [athleteIds as string[]]).whereBetween('day', [from, to])
    .orderBy(['day', 'performed_at', 'set_number', 'id']).options(planned('sets between'))
  return rows.map(toLog)
}

/** Drill keys among these that have a set logged against them. */
export async function loggedItemIds(tx: Tx, organisationId: string, itemIds: readonly string[]): Promise<Set<string>> {
  if (itemIds.length === 0) return new Set()
  const rows = await tx<LogRow>('set_log').where({ organisation_id: organisationId })
    .whereRaw('prescribed_item_id = any(?)', [itemIds as string[]]).distinct('prescribed_item_id')
  return new Set(rows.map(row => row.prescribed_item_id))
}
