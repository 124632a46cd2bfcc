import type { PlanningRules, RuleScope } from '~~/core/policy'
import { json, type Tx } from './rows'

/** Rules of one scope as they stand in the database. */
export interface RulesRow {
  readonly scope: RuleScope
  readonly scopeId: string
  readonly version: number
  readonly rules: PlanningRules
}

interface StoredRow { scope: RuleScope, scope_id: string, version: number, rules: PlanningRules }
interface AthleteRow { athlete_id: string, version: number, rules: PlanningRules }

/** What is settled for organisation, phases and groups. */
export async function sharedRules(tx: Tx, organisationId: string): Promise<RulesRow[]> {
  const rows = await tx('planning_rules').where({ organisation_id: organisationId }).orderBy(['scope', 'scope_id'])
    .select<StoredRow[]>('scope', 'scope_id', 'version', 'rules')
  return rows.map(row => ({ scope: row.scope, scopeId: row.scope_id, version: row.version, rules: row.rules }))
}

/** What is settled for athletes in sight, or for some of them. */
export async function rulesOfAthletes(
  tx: Tx, organisationId: string, athleteIds: readonly string[] | null,
): Promise<RulesRow[]> {
  const query = tx('athlete_rules').where({ organisation_id: organisationId }).orderBy('athlete_id')
  const rows = await (athleteIds ? query.whereIn('athlete_id', athleteIds as string[]) : query).select<AthleteRow[]>(
    'athlete_id', 'version', 'rules',
  )
  return rows.map(row => ({ scope: 'athlete', scopeId: row.athlete_id, version: row.version, rules: row.rules }))
}

/** Stores rules over the version that was read; false when another write came first. */
export async function saveRules(
  tx: Tx, organisationId: string, { scope, scopeId, version, rules }: RulesRow, personId: string,
): Promise<boolean> {
  const table = scope === 'athlete' ? 'athlete_rules' : 'planning_rules'
  const key = {
    organisation_id: organisationId,
    ...(scope === 'athlete' ? { athlete_id: scopeId } : { scope, scope_id: scopeId }),
  }
  const row = { version: version + 1, rules: json(rules), changed_by: personId, changed_at: tx.fn.now() }
  if (version > 0) return await tx(table).where({ ...key, version }).update(row) > 0
  const conflict = scope === 'athlete' ? ['athlete_id'] : ['organisation_id', 'scope', 'scope_id']
  const added = await tx(table).insert({ ...row, ...key }).onConflict(conflict).ignore().returning<
    { version: number }[]
  >('version')
  return added.length > 0
}
