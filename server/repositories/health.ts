import type { Answers, Clearance, FlagId, PainDecision, PainSet, Raised } from '~~/core/screening'
import type { Overruled, PainInput } from '~~/shared/types'
import { json, type Tx } from './rows'

/** All that is kept of an athlete's health: answers, flags, clearances, since when and on what they rest. */
export interface StoredHealth {
  readonly version: number
  readonly answers: Answers | null
  readonly flags: readonly FlagId[]
  readonly clearances: readonly Clearance[]
  readonly raised: Raised
  readonly overruled: readonly Overruled[]
  readonly changedBy: string | null
}

interface HealthRow {
  version: number
  answers: Answers | null
  flags: FlagId[]
  clearances: Clearance[]
  raised: Raised
  overruled: Overruled[]
  changed_by_name: string | null
}

/** What is kept, for whoever may read it; null for whoever may not. */
export async function healthOf(tx: Tx, organisationId: string, athleteId: string): Promise<StoredHealth | null> {
  const row = await tx('athlete_health as h').where({ 'h.organisation_id': organisationId, 'h.athlete_id': athleteId })
    .select<HealthRow[]>(
      'h.version', 'h.answers', 'h.flags', 'h.clearances', 'h.raised', 'h.overruled',
      tx.raw(
        '(select p.name from person p where p.organisation_id = h.organisation_id and p.id = h.changed_by) as '
        + 'changed_by_name',
      ),
    )
    .first<HealthRow | undefined>()
  if (!row) return null
  const { changed_by_name: changedBy, ...health } = row
  return { ...health, changedBy }
}

/** Changes over the version that was read; false when another write came first. The athlete's own version rises too. */
export async function saveHealth(
  tx: Tx, organisationId: string, athleteId: string, version: number,
  next: Partial<Omit<StoredHealth, 'version' | 'changedBy'>> & {
    readonly answered?: boolean
    readonly ofProfile?: boolean
  },
): Promise<boolean> {
  const changed = await tx('athlete_health').where({ organisation_id: organisationId, athlete_id: athleteId, version })
    .update({
      ...(next.answers === undefined ? {} : { answers: json(next.answers) }),
      ...(next.answered ? { answered_at: tx.fn.now() } : {}),
      ...(next.flags === undefined ? {} : { flags: next.flags as string[] }),
      ...(next.clearances === undefined ? {} : { clearances: json(next.clearances) }),
      ...(next.raised === undefined ? {} : { raised: json(next.raised) }),
      ...(next.overruled === undefined ? {} : { overruled: json(next.overruled) }),
      version: version + 1, changed_by: tx.raw('keen_person()'),
    })
  if (changed === 0) return false
  // A save of the profile has raised the athlete's version already.
  if (next.ofProfile) return true
  await tx('athlete').where({ organisation_id: organisationId, id: athleteId })
    .update({ version: tx.raw('version + 1'), updated_at: tx.fn.now(), updated_by: tx.raw('keen_person()') })
  return true
}

/** Writes down what was decided of a drill that hurt; a repeat changes nothing. False when it is there already. */
export async function insertPainDecision(
  tx: Tx, organisationId: string, athleteId: string, input: PainInput,
): Promise<boolean> {
  const rows = await tx('pain_decision').insert({
    id: input.id, organisation_id: organisationId, athlete_id: athleteId, variation_id: input.variationId,
    verdict: input.verdict, reason: input.reason, looked_at_by: input.lookedAtBy, role: input.role,
    decided_by: tx.raw('keen_person()'), at: tx.raw('clock_timestamp()'),
  }).onConflict('id').ignore().returning('id')
  return rows.length > 0
}

/** Everything that was decided of an athlete's drills that hurt, oldest first. */
export async function painDecisionsOf(
  tx: Tx, organisationId: string, athleteId: string,
): Promise<(PainInput & { readonly at: string })[]> {
  const rows = await tx('pain_decision').where({ organisation_id: organisationId, athlete_id: athleteId }).orderBy('at')
    .select<
      {
        id: string
        variation_id: string
        verdict: PainInput['verdict']
        reason: string
        looked_at_by: string
        role: PainInput['role']
        at: Date
      }[]
    >(
      'id', 'variation_id', 'verdict', 'reason', 'looked_at_by', 'role', 'at',
    )
  return rows.map(row => ({
    id: row.id, variationId: row.variation_id, verdict: row.verdict, reason: row.reason, lookedAtBy: row.looked_at_by,
    role: row.role, at: row.at.toISOString(),
  }))
}

const MOMENT = 'YYYY-MM-DD"T"HH24:MI:SS.US"Z"'

/** Sets of drills that hurt, as one column of a query over athletes `a`. */
export const PAIN_SETS =
  `(select jsonb_agg(jsonb_build_object('variationId', l.variation_id, 'day', l.day,
    'at', to_char(l.at at time zone 'UTC', '${MOMENT}'),
    'hurt', l.hurt, 'place', l.place))
  from pain_set l where l.organisation_id = a.organisation_id and l.athlete_id = a.id) as pain_sets`

/** What was decided of them, as one column of the same query. */
export const PAIN_DECISIONS = `(select jsonb_agg(jsonb_build_object('variationId', d.variation_id, 'verdict', d.verdict,
    'at', to_char(d.at at time zone 'UTC', '${MOMENT}')))
  from pain_decision d where d.organisation_id = a.organisation_id and d.athlete_id = a.id) as pain_decisions`

export interface PainColumns {
  pain_sets: PainSet[] | null
  pain_decisions: PainDecision[] | null
}
