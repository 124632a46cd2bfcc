import type { Decision, DecisionKind, Step } from '~~/core/progression'
import { json, planned, type Tx } from './rows'

/** A decision as it is kept. */
export interface StoredDecision {
  readonly id: string
  readonly athleteId: string
  readonly branch: string
  readonly variationId: string
  readonly day: string
  readonly evidenceDay: string
  /** What the engine would have decided, and what was. */
  readonly kind: DecisionKind
  readonly taken: DecisionKind
  readonly given: Step
  readonly step: Step | null
  readonly reason: string
  readonly state: 'proposed' | 'taken' | 'undone'
  /** The rung the athlete stood on before, where it was changed. */
  readonly stood: string | null
  readonly by: string
}

interface Row {
  id: string
  athlete_id: string
  branch: string
  variation_id: string
  day: string
  evidence_day: string
  kind: DecisionKind
  taken: DecisionKind
  given: Step
  step: Step | null
  reason: string
  state: StoredDecision['state']
  stood: string | null
  by_name: string | null
}

const toDecision = (row: Row): StoredDecision => ({
  id: row.id, athleteId: row.athlete_id, branch: row.branch, variationId: row.variation_id, day: row.day,
  evidenceDay: row.evidence_day, kind: row.kind, taken: row.taken, given: row.given, step: row.step,
  reason: row.reason, state: row.state, stood: row.stood, by: row.by_name ?? 'Somebody who left',
})

/** Writes a decision down with the evidence it rests on; false when one on that evidence is there already. */
export async function insertDecision(
  tx: Tx, organisationId: string, row: Omit<StoredDecision, 'by'>, decision: Decision,
): Promise<boolean> {
  const rows = await tx('decision').insert({
    id: row.id, organisation_id: organisationId, athlete_id: row.athleteId, branch: row.branch,
    variation_id: row.variationId, day: row.day, evidence_day: row.evidenceDay, kind: row.kind, taken: row.taken,
    given: json(row.given), step: row.step && json(row.step), decision: json(decision), reason: row.reason,
    state: row.state, stood: row.stood, decided_by: tx.raw('keen_person()'), at: tx.raw('clock_timestamp()'),
  }).onConflict().ignore().returning('id')
  return rows.length > 0
}

/** One that was written down, whoever wrote it; null where there is none in sight. */
export async function decisionById(tx: Tx, organisationId: string, id: string): Promise<StoredDecision | null> {
  const row = await selectDecisions(tx, organisationId).where('d.id', id).first<Row | undefined>()
  return row ? toDecision(row) : null
}

const selectDecisions = (tx: Tx, organisationId: string) =>
  tx('decision as d').where('d.organisation_id', organisationId).select<Row[]>(
    'd.*',
    tx.raw(
      '(select p.name from person p where p.organisation_id = d.organisation_id and p.id = d.decided_by) as by_name',
    ),
  )

/** Decisions from a day on, oldest first; of all athletes in sight where none are named. */
export async function decisionsSince(
  tx: Tx, organisationId: string, athleteIds: readonly string[] | null, day: string,
): Promise<StoredDecision[]> {
  const rows = await selectDecisions(tx, organisationId).where('d.day', '>=', day)
    .modify((query) => { if (athleteIds) void query.whereRaw('d.athlete_id = any(?)', [athleteIds as string[]]) })
    .orderBy(['d.at', 'd.id']).options(planned(`decisions of ${athleteIds ? 'some' : 'all'}`))
  return (rows as Row[]).map(toDecision)
}

export async function markUndone(tx: Tx, organisationId: string, id: string): Promise<void> {
  await tx('decision').where({ organisation_id: organisationId, id }).update({
    state: 'undone', undone_by: tx.raw('keen_person()'), undone_at: tx.raw('clock_timestamp()'),
  })
}
