import { group } from 'd3-array'
import { EVIDENCE_DAYS } from '~~/core/assessment'
import { addDays } from '~~/core/calendar'
import { catalogueWith, type Catalogue, type OwnCatalogue } from '~~/core/catalogue'
import type { Athlete, Group, Settled, StoredSetLog, StoredTrial } from '~~/shared/types'
import { trialsSince } from '../repositories/assessment'
import { ownCatalogue } from '../repositories/catalogue'
import { decisionsSince, type StoredDecision } from '../repositories/decisions'
import { equipped } from '../repositories/facility'
import { listGroups } from '../repositories/groups'
import { ownSports } from '../repositories/ownSports'
import { rulesOfAthletes, sharedRules, type RulesRow } from '../repositories/planningRules'
import { prescribedBetween, sessionsOfAthletes, type StoredSession } from '../repositories/prescriptions'
import type { Tx } from '../repositories/rows'
import { logsBetween } from '../repositories/setLogs'
import { calendarFor, calendarsOf, type AthleteCalendar } from './seasonOf'

/** So far back the sets of a drill say how it goes on. */
export const SETS_DAYS = 42
/** Of these, the last three weeks say how much is too much. */
export const LATELY_DAYS = 21

export type PrescribedRow = Awaited<ReturnType<typeof prescribedBetween>>[number]

/** What an athlete was given, did and was told, each in the order it happened. */
interface Past {
  readonly trials: readonly StoredTrial[]
  readonly logs: readonly StoredSetLog[]
  readonly prescribed: readonly PrescribedRow[]
  readonly sessions: readonly StoredSession[]
  readonly decisions: readonly StoredDecision[]
}

/** What plans and decisions about an athlete in a week rest on, as it is stored. */
export interface Grounds {
  readonly athlete: Athlete
  readonly startsOn: string
  readonly own: OwnCatalogue
  readonly catalogue: Catalogue
  readonly groups: readonly Group[]
  readonly rules: readonly RulesRow[]
  readonly weights: Settled['weights']
  readonly sports: Settled['sports']
  readonly calendar: AthleteCalendar
  readonly past: Past
}

/** The grounds of some athletes, by key: as many questions for many as for one. */
export async function groundsOf(
  tx: Tx, organisationId: string, athletes: readonly Athlete[], startsOn: string,
): Promise<Map<string, Grounds>> {
  const ids = athletes.map(({ id }) => id)
  const { own } = await ownCatalogue(tx, organisationId)
  const groups = await listGroups(tx, organisationId)
  const shared = await sharedRules(tx, organisationId)
  const ownRules = await rulesOfAthletes(tx, organisationId, ids)
  const { weights } = await equipped(tx, organisationId)
  const { edits: sports } = await ownSports(tx, organisationId)
  const calendars = await calendarsOf(tx, organisationId, athletes)
  const pastOf = await pastsOf(tx, organisationId, ids, startsOn)
  const catalogue = catalogueWith(own)
  return new Map(athletes.map((athlete): [string, Grounds] => {
    const mine = groups.filter(({ id }) => athlete.groupIds.includes(id))
    return [athlete.id, {
      athlete, startsOn, own, catalogue, groups: mine, weights, sports,
      rules: [
        ...shared.filter(row => row.scope !== 'group' || mine.some(({ id }) => id === row.scopeId)),
        ...ownRules.filter(row => row.scopeId === athlete.id),
      ],
      calendar: calendarFor(calendars, athlete), past: pastOf(athlete.id),
    }]
  }))
}

/** What happened until the Sunday of a week, as far back as anything is evidence. */
async function pastsOf(
  tx: Tx, organisationId: string, ids: readonly string[], startsOn: string,
): Promise<(id: string) => Past> {
  const [since, to] = [addDays(startsOn, -EVIDENCE_DAYS), addDays(startsOn, 6)]
  const trials = group(await trialsSince(tx, organisationId, since, ids), one => one.athleteId)
  const logs = group(await logsBetween(tx, organisationId, ids, since, to), one => one.athleteId)
  const given = await prescribedBetween(tx, organisationId, ids, addDays(startsOn, -SETS_DAYS), to)
  const prescribed = group(given, one => one.athleteId)
  const lately = [addDays(startsOn, -LATELY_DAYS), addDays(startsOn, -1)] as const
  const sessions = group(await sessionsOfAthletes(tx, organisationId, ids, ...lately), one => one.athleteId)
  const decisions = group(await decisionsSince(tx, organisationId, ids, since), one => one.athleteId)
  return id => ({
    trials: trials.get(id) ?? [], logs: logs.get(id) ?? [], prescribed: prescribed.get(id) ?? [],
    sessions: sessions.get(id) ?? [], decisions: decisions.get(id) ?? [],
  })
}
