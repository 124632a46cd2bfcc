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

/** Sets that are logged of some drills. */
export async function logsOfItems(
  tx: Tx, organisationId: string, itemIds: readonly string[],
): Promise<StoredSetLog[]> {
  const rows = await tx<LogRow>('set_log').where({ organisation_id: organisationId })
    .whereRaw('prescribed_item_id = any(?)', [itemIds as string[]]).options(planned('sets of drills'))
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

/** Columns of a set, as a set is said in JSON. */
const COLUMNS = `id, athlete_id, prescribed_item_id, day, performed_at, variation_id, set_number, side, amount, unit,
  tempo, break_point, setting, felt_at, effort, pain_at, note, quality`
const SAID = `said as (select * from jsonb_to_recordset(?::jsonb) as l (id uuid, athlete_id uuid,
  prescribed_item_id uuid, day date, performed_at timestamptz, variation_id text, set_number integer, side text,
  amount double precision, unit text, tempo text, break_point text, setting jsonb, felt_at text[],
  effort double precision, pain_at text, note text, quality smallint, hurt boolean, told boolean))`

/** Sets that hurt, and clean sets of a drill that once did: what a drill's pain is told from. */
const KEEP_PAIN = `insert into pain_set (id, organisation_id, athlete_id, variation_id, day, at, hurt, place)
  select l.id, ?::uuid, l.athlete_id, l.variation_id, l.day, l.performed_at, l.hurt, l.pain_at from said l
    where l.told or exists (select from pain_set known where known.organisation_id = ?::uuid
      and known.athlete_id = l.athlete_id and known.variation_id = l.variation_id)
  on conflict (id) do nothing`

const hurts = (log: StoredSetLog): boolean => log.breakPoint === 'pain' || log.painAt !== null

function said(logs: readonly StoredSetLog[]): string {
  const drill = (log: StoredSetLog): string => `${log.athleteId}/${log.variationId}`
  const told = new Set(logs.filter(hurts).map(drill))
  return json(logs.map(log => ({
    id: log.id, athlete_id: log.athleteId, prescribed_item_id: log.prescribedItemId, day: log.day,
    performed_at: log.performedAt, variation_id: log.variationId, set_number: log.setNumber, side: log.side,
    amount: log.amount, unit: log.unit, tempo: log.tempo, break_point: log.breakPoint, setting: log.setting,
    felt_at: log.feltAt, effort: log.effort, pain_at: log.painAt, note: log.note, quality: log.quality ?? null,
    hurt: hurts(log), told: told.has(drill(log)),
  })))
}

/** Stores sets; one that is already there under its key and day is left as it was. */
export async function insertLogs(
  tx: Tx, organisationId: string, loggedBy: string, logs: readonly StoredSetLog[],
): Promise<void> {
  await tx.raw(
    `with ${SAID}, stored as (insert into set_log (organisation_id, logged_by, ${COLUMNS})
        select ?::uuid, ?::uuid, ${COLUMNS} from said on conflict (organisation_id, day, id) do nothing)
      ${KEEP_PAIN}`,
    [said(logs), organisationId, loggedBy, organisationId, organisationId],
  ).options(planned('store sets'))
}

async function keepPain(tx: Tx, organisationId: string, logs: readonly StoredSetLog[]): Promise<void> {
  await tx.raw(`with ${SAID} ${KEEP_PAIN}`, [said(logs), organisationId, organisationId])
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
