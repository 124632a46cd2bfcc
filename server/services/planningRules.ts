import { addDays } from '~~/core/calendar'
import { PHASES, type PhaseId } from '~~/core/policy'
import type { KnownTrunk } from '~~/core/capacity'
import { bestLately, progressOf } from '~~/core/programme'
import { inForce, type Taken } from '~~/core/progression'
import { AppError } from '~~/shared/errors'
import { planningContext } from '~~/shared/planningContext'
import type { Athlete, RulesChange, Settled, StoredRules } from '~~/shared/types'
import { decisionsSince } from '../repositories/decisions'
import { equipped } from '../repositories/facility'
import { listGroups } from '../repositories/groups'
import { athleteNames } from '../repositories/athletes'
import { rulesOfAthletes, saveRules, sharedRules, type RulesRow } from '../repositories/planningRules'
import { ownSports } from '../repositories/ownSports'
import { prescribedBetween, sessionsBetween } from '../repositories/prescriptions'
import { logsBetween } from '../repositories/setLogs'
import type { Tx } from '../repositories/rows'
import { mustSeeAthlete, transaction, writing, type Context } from './context'
import { catalogueOfOrganisation } from './catalogue'
import { knownTrunkFor } from './knownTrunk'
import { record } from './record'
import { seasonWeekFor } from './seasonOf'

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
function nameOf({ scope, scopeId }: Pick<RulesRow, 'scope' | 'scopeId'>, known: string | null): string | null {
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

/** What holds for an athlete in a week: the layers, what last week's sets said, and what is known of the trunk. */
export async function settledFor(tx: Tx, organisationId: string, athlete: Athlete, startsOn: string): Promise<Settled> {
  const groups = (await listGroups(tx, organisationId)).filter(group => athlete.groupIds.includes(group.id))
  const rows = (await sharedRules(tx, organisationId)).filter(row =>
    row.scope !== 'group' || groups.some(group => group.id === row.scopeId)
  )
  const own = await rulesOfAthletes(tx, organisationId, [athlete.id])
  const trunk = await knownTrunkFor(tx, organisationId, athlete, startsOn)
  return {
    layers: [...rows, ...own].flatMap(({ scope, scopeId, rules }) => {
      const name = nameOf(
        { scope, scopeId },
        scope === 'athlete' ? athlete.name : groups.find(group => group.id === scopeId)?.name ?? null,
      )
      return name === null ? [] : [{ scope, scopeId, name, rules }]
    }),
    weights: (await equipped(tx, organisationId)).weights,
    trunk, ...await lately(tx, organisationId, athlete, startsOn, trunk),
    season: await seasonWeekFor(tx, organisationId, athlete, startsOn),
    sports: (await ownSports(tx, organisationId)).edits,
  }
}

/** What was decided of an athlete's drills since a day, oldest first. */
async function takenSince(tx: Tx, organisationId: string, athleteId: string, day: string): Promise<Taken[]> {
  const all = await decisionsSince(tx, organisationId, [athleteId], day)
  return all.filter(({ state }) => state === 'taken')
    .map(one => ({ variationId: one.variationId, kind: one.taken, day: one.day, from: one.given, to: one.step }))
}

/** Days of sets that say how a drill goes on and how much is too much: three weeks. */
const LATELY_DAYS = 21

/** What the sets of the last weeks said of each drill, and the most that one of those weeks held. */
async function lately(
  tx: Tx, organisationId: string, athlete: Athlete, startsOn: string, trunk: KnownTrunk,
): Promise<Pick<Settled, 'progress' | 'decided' | 'bestLately'>> {
  const [from, to] = [addDays(startsOn, -LATELY_DAYS), addDays(startsOn, -1)]
  const prescribed = await prescribedBetween(tx, organisationId, [athlete.id], from, to)
  const logs = await logsBetween(tx, organisationId, [athlete.id], from, to)
  const sessions = await sessionsBetween(tx, organisationId, athlete.id, from, to)
  const catalogue = await catalogueOfOrganisation(tx, organisationId)
  const context = { ...planningContext(athlete, startsOn, [], catalogue), trunk }
  return {
    progress: progressOf(prescribed.map(({ item, ...one }) => ({ ...item, ...one })), logs, startsOn),
    decided: inForce(await takenSince(tx, organisationId, athlete.id, from), logs, startsOn),
    bestLately: bestLately(sessions, logs, startsOn, context),
  }
}
