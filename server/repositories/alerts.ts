import type { AlertKind, HealthAlert } from '~~/shared/types'
import { json, type Tx } from './rows'

interface AlertRow {
  id: string
  athlete_id: string
  athlete_name: string
  kind: AlertKind
  at: Date
  by_name: string | null
  variation_id: string | null
  stops: number
  told: string[]
  settled_at: Date | null
}

const toAlert = (row: AlertRow): HealthAlert => ({
  id: row.id, athleteId: row.athlete_id, athleteName: row.athlete_name, kind: row.kind, at: row.at.toISOString(),
  by: row.by_name, variationId: row.variation_id, stops: row.stops, told: row.told, settled: row.settled_at !== null,
})

/** Writes down that coaches were told; only the product itself may. */
export async function insertAlert(
  tx: Tx, organisationId: string,
  alert: Pick<HealthAlert, 'id' | 'athleteId' | 'kind' | 'variationId' | 'stops' | 'told'> & { readonly day: string },
): Promise<void> {
  await tx('health_alert').insert({
    id: alert.id, organisation_id: organisationId, athlete_id: alert.athleteId, kind: alert.kind, day: alert.day,
    person_id: tx.raw('keen_person()'), variation_id: alert.variationId, stops: alert.stops, told: json(alert.told),
    at: tx.raw('clock_timestamp()'),
  })
}

/** What was told since a day, and whatever still waits, newest first. */
export async function alertsSince(tx: Tx, organisationId: string, from: string, most: number): Promise<HealthAlert[]> {
  const rows = await tx('health_alert as h').join('athlete as a', 'a.id', 'h.athlete_id').where(
    'h.organisation_id', organisationId,
  ).whereNull('a.archived_at')
    .where(query =>
      void query.where('h.day', '>=', from).orWhere(open =>
        void open.whereNull('h.settled_at').whereNot('h.kind', 'cleared')
      )
    )
    .orderBy([{ column: 'h.at', order: 'desc' }, { column: 'h.id', order: 'desc' }]).limit(most)
    .select<AlertRow[]>(
      'h.*', 'a.name as athlete_name',
      tx.raw(
        '(select p.name from person p where p.organisation_id = h.organisation_id and p.id = h.person_id) as by_name',
      ),
    )
  return rows.map(toAlert)
}

/** The latest stop of some athletes that is not settled, by athlete. */
export async function openStops(
  tx: Tx, organisationId: string, athleteIds: readonly string[],
): Promise<Map<string, { readonly at: string, readonly told: readonly string[] }>> {
  const rows = await tx('health_alert').where({ organisation_id: organisationId, kind: 'stop' })
    .whereIn('athlete_id', athleteIds as string[]).whereNull('settled_at')
    .distinctOn('athlete_id').orderBy([{ column: 'athlete_id' }, { column: 'at', order: 'desc' }])
    .select<{ athlete_id: string, at: Date, told: string[] }[]>('athlete_id', 'at', 'told')
  return new Map(rows.map(row => [row.athlete_id, { at: row.at.toISOString(), told: row.told }]))
}

/** What waited is settled: stops and limits of an athlete, or what was told of one drill. */
export async function settleAlerts(
  tx: Tx, organisationId: string, athleteId: string,
  of: { readonly kinds: readonly AlertKind[], readonly variationId?: string },
): Promise<void> {
  await tx('health_alert').where({ organisation_id: organisationId, athlete_id: athleteId }).whereNull('settled_at')
    .whereIn('kind', of.kinds as string[])
    .modify((query) => {
      if (of.variationId) void query.where('variation_id', of.variationId)
    }).update({ settled_at: tx.fn.now() })
}
