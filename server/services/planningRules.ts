import { PHASES, type PhaseId } from '~~/core/policy'
import { AppError } from '~~/shared/errors'
import type { RulesChange, StoredRules } from '~~/shared/types'
import { listGroups } from '../repositories/groups'
import { athleteNames } from '../repositories/athletes'
import { rulesOfAthletes, saveRules, sharedRules, type RulesRow } from '../repositories/planningRules'
import type { Tx } from '../repositories/rows'
import { mustSeeAthlete, transaction, writing, type Context } from './context'
import { record } from './record'

/** The one id of what is settled for the whole organisation. */
const EVERYBODY = 'all'

/** Everything settled in sight of who asks, with what each is called. */
export function allRules(context: Context): Promise<StoredRules[]> {
  return transaction(context, tx => rulesInSight(tx, context.actor.organisationId))
}

async function rulesInSight(tx: Tx, organisationId: string): Promise<StoredRules[]> {
  const groups = new Map((await listGroups(tx, organisationId)).map(group => [group.id, group.name]))
  const ofAthletes = await rulesOfAthletes(tx, organisationId, null)
  const athletes = await athleteNames(tx, organisationId, ofAthletes.map(row => row.scopeId))
  const rows = [...await sharedRules(tx, organisationId), ...ofAthletes]
  return rows.flatMap((row): StoredRules[] => {
    const name = nameOf(row, groups.get(row.scopeId) ?? athletes.get(row.scopeId) ?? null)
    return name === null ? [] : [{ ...row, name }]
  })
}

/** What a scope is called; null for a group or athlete that is not in sight. */
export function nameOf({ scope, scopeId }: Pick<RulesRow, 'scope' | 'scopeId'>, known: string | null): string | null {
  if (scope === 'organisation') return 'the organisation'
  return scope === 'phase' ? PHASES[scopeId as PhaseId]?.name.toLowerCase() ?? null : known
}

/** Settles rules for a scope over the version that was read. The organisation's and a phase's are the head coach's. */
export function changeRules(context: Context, change: RulesChange): Promise<StoredRules[]> {
  const { organisationId, personId } = context.actor
  return writing(context, async (tx) => {
    await mustReach(tx, context, change)
    const before = (await rulesInSight(tx, organisationId)).find(r =>
      r.scope === change.scope && r.scopeId === change.scopeId
    )
    if (!await saveRules(tx, organisationId, change, personId)) {
      throw new AppError(
        'changedElsewhere', 'Somebody else settled this meanwhile.', undefined, await rulesInSight(tx, organisationId),
      )
    }
    await record(tx, context, 'rules.change', {
      athleteId: change.scope === 'athlete' ? change.scopeId : null, subjectId: `${change.scope}/${change.scopeId}`,
      before: before?.rules, after: change.rules,
    })
    return rulesInSight(tx, organisationId)
  })
}

async function mustReach(tx: Tx, context: Context, { scope, scopeId }: RulesChange): Promise<void> {
  const { role, organisationId } = context.actor
  if (scope === 'athlete') {
    await mustSeeAthlete(tx, context, scopeId)
    return
  }
  if (scope === 'group') {
    if (!(await listGroups(tx, organisationId)).some(group => group.id === scopeId))
      throw new AppError('notFound', 'There is no such group here.')
    return
  }
  if (role !== 'headCoach') throw new AppError('notAllowed', 'What holds for everybody is settled by the head coach.')
  const known = scope === 'organisation' ? scopeId === EVERYBODY : Object.hasOwn(PHASES, scopeId)
  if (!known)
    throw new AppError('badInput', 'There is no such scope here.', { scopeId: 'There is no such scope here.' })
}
