import type { Knex } from 'knex'
import type { Prescribed } from '~~/core/assessment'
import { addDays, mondayOf } from '~~/core/calendar'
import { knownTrunk } from '~~/core/capacity'
import { STANDARD } from '~~/core/catalogue'
import type { RulesLayer } from '~~/core/policy'
import type { AnnealBudget } from '~~/core/planner'
import { progressOf, proposeWeek, type WeekPlan } from '~~/core/programme'
import {
  planSeason, seasonInstance, seasonWeek, type SeasonInstance, type SeasonPlan, type SeasonShape,
} from '~~/core/season'
import { isMinor } from '~~/shared/minor'
import { planningContext } from '~~/shared/planningContext'
import { trunkEvidence, trunkOf } from '~~/shared/trunkOf'
import type { StoredSetLog, TrialInput } from '~~/shared/types'
import {
  centreEntries, chance, DEMO_PASSWORD, DEMO_TIME_ZONE, demoGuardian, demoSeasons, groupRules, larkholm, OWN_DRILLS,
  simulateBraceChecks, simulateEffort, simulateSets, simulateTests, withMishap, type Chance, type DemoAthlete,
  type DemoCentre,
} from '~~/demo'
import { asSystemOf, inOrganisation, takeTurn } from '../database/connection'
import { insertAthlete } from '../repositories/athletes'
import { insertBraceCheck, insertTrials } from '../repositories/assessment'
import { saveOwnCatalogue } from '../repositories/catalogue'
import { setEquipped } from '../repositories/facility'
import { setRooms } from '../repositories/rooms'
import { putEntries } from '../repositories/calendar'
import { saveGuardian } from '../repositories/guardians'
import { saveHealth } from '../repositories/health'
import { insertGroup } from '../repositories/groups'
import { FIRST_LOCK, insertOrganisation, isEmptyInstallation } from '../repositories/organisations'
import { insertPerson, setStaffGroups } from '../repositories/people'
import { saveRules } from '../repositories/planningRules'
import { saveSeason } from '../repositories/seasons'
import { sessionsOfWeek } from '../repositories/prescriptions'
import type { Tx } from '../repositories/rows'
import { putSessionEffort } from '../repositories/sessionEfforts'
import { insertLogs } from '../repositories/setLogs'
import { markAssigned, saveWeek } from '../repositories/weeks'
import { freezeWeek } from './assignWeek'
import { dayIn } from './context'
import { hashPassword } from './passwordHash'

/** Weeks of history before the present one. */
const PAST_WEEKS = 6
const HISTORY_SEED = 4_119
const TEST_SEED = 7_733

/** Loads the demo when no organisation was ever made here; true when it did. All of it or nothing. */
export async function loadDemoIfEmpty(db: Knex, now: Date): Promise<boolean> {
  const luck = chance(HISTORY_SEED)
  const organisationId = luck.key()
  return inOrganisation(db, asSystemOf(organisationId), async (tx) => {
    // The first of several servers to get here loads it; the others wait and find it done.
    await takeTurn(tx, FIRST_LOCK)
    if (!await isEmptyInstallation(tx)) return false
    // Only now: to invent a centre takes seconds, and every start asks.
    const centre = larkholm(dayIn(DEMO_TIME_ZONE, now))
    const passwordHash = await hashPassword(DEMO_PASSWORD)
    await insertOrganisation(
      tx, { id: organisationId, name: centre.name, timeZone: centre.timeZone, demo: true },
    )
    for (const group of centre.groups) await insertGroup(tx, organisationId, group)
    const counts = centre.equipment as Record<string, number>
    await setEquipped(tx, organisationId, { counts, weights: centre.weights })
    await setRooms(tx, organisationId, { version: 1, rooms: centre.rooms })
    for (const athlete of centre.athletes)
      await insertAthlete(tx, organisationId, athlete.id, athlete.input, athlete.raised)
    const idOf = await addPeople(tx, organisationId, centre, passwordHash, luck)
    const coachId = idOf(centre.people[0]!.email)
    await saveOwnCatalogue(tx, organisationId, { version: 0, own: OWN_DRILLS }, coachId)
    const day = dayIn(centre.timeZone, now)
    const seasons = await addSeasons(tx, organisationId, centre, day, coachId)
    for (const { groupId, rules } of groupRules(centre))
      await saveRules(tx, organisationId, { scope: 'group', scopeId: groupId, version: 0, rules }, coachId)
    const testLuck = chance(TEST_SEED)
    for (const [index, athlete] of centre.athletes.entries()) {
      const trials = await addTests(tx, organisationId, coachId, athlete, day, testLuck)
      await addHistory(tx, organisationId, coachId, centre, athlete, day, luck, index, seasons, trials)
      if (isMinor(athlete.input, day))
        await saveGuardian(tx, organisationId, athlete.id, demoGuardian(centre, athlete, day, idOf), coachId)
      if (athlete.answers)
        await saveHealth(tx, organisationId, athlete.id, 1, {
          answers: athlete.answers, answered: true, clearances: athlete.clearances,
        })
    }
    return true
  })
}

async function addPeople(
  tx: Tx, organisationId: string, centre: DemoCentre, passwordHash: string, luck: Chance,
): Promise<(email: string) => string> {
  const people = centre.people.map(person => ({ ...person, id: luck.key(), organisationId, passwordHash }))
  for (const person of people) {
    await insertPerson(tx, person)
    const seen = centre.groups.filter(group => person.groups === 'all' || person.groups.includes(group.name))
    if (person.role === 'coach' || person.role === 'assistant')
      await setStaffGroups(
        tx, organisationId, person.id, seen.map(g => g.id),
      )
  }
  return email => people.find(person => person.email === email)!.id
}

interface Standing {
  readonly groupId: string
  readonly shape: SeasonShape
  readonly instance: SeasonInstance
  readonly plan: SeasonPlan
}

/** The calendar and the planned season of every squad. */
async function addSeasons(
  tx: Tx, organisationId: string, centre: DemoCentre, day: string, coachId: string,
): Promise<Standing[]> {
  const shared = centreEntries(day)
  await putEntries(tx, organisationId, shared)
  const found: Standing[] = []
  for (const { groupId, shape, entries } of demoSeasons(centre, day)) {
    await putEntries(tx, organisationId, entries)
    const instance = seasonInstance(shape, [...entries, ...shared])
    const plan = planSeason(instance)
    await saveSeason(tx, organisationId, { groupId, version: 0, shape, plan, pins: [], revisions: {} }, coachId)
    found.push({ groupId, shape, instance, plan })
  }
  return found
}

/** What an athlete's squad has settled. */
const layersOf = (centre: DemoCentre, { input }: DemoAthlete): RulesLayer[] =>
  groupRules(centre).filter(({ groupId }) => input.groupIds.includes(groupId)).map(({ groupId, rules }) => ({
    scope: 'group', scopeId: groupId,
    name: centre.groups.find(g => g.id === groupId)!.name,
    rules,
  }))

/** A quick look: the past is not planned as carefully as the present. */
const PAST_BUDGET: AnnealBudget = { steps: 1_500, restarts: 1, preferenceSteps: 500 }

/**
 * Assigned weeks with sets, each carried on from what was done in the one before, and the present week: assigned for
 * most, still to be planned for some.
 */
async function addHistory(
  tx: Tx, organisationId: string, coachId: string, centre: DemoCentre, athlete: DemoAthlete, today: string,
  luck: Chance, index: number, seasons: readonly Standing[], trials: readonly TrialInput[],
): Promise<void> {
  const thisMonday = mondayOf(today)
  const weeks = Array.from({ length: PAST_WEEKS + 1 }, (_, i) => addDays(thisMonday, -7 * (PAST_WEEKS - i)))
  const own = centre.competitions.filter(c => athlete.input.groupIds.includes(c.groupId))
  const standing = seasons.find(one => athlete.input.groupIds.includes(one.groupId))
  const trunk = trunkOf(athlete.input, thisMonday)
  const logs: StoredSetLog[] = []
  const prescribed: Prescribed[] = []
  let before: WeekPlan | null = null
  for (const startsOn of weeks) {
    if (startsOn === thisMonday && index % 5 === 4) continue
    const season = standing ? seasonWeek(standing.shape, standing.instance, standing.plan, startsOn) : null
    const tested = trials.filter(trial => trial.day < startsOn)
    const context = planningContext({ ...athlete.input, clearances: athlete.clearances }, startsOn, own, STANDARD, {
      layers: layersOf(centre, athlete), season, sports: {}, decided: {}, weights: centre.weights, bestLately: null,
      progress: progressOf(prescribed, logs, startsOn),
      trunk: knownTrunk(trunk, trunkEvidence(tested, logs, athlete.input.stands), STANDARD, startsOn),
    })
    const { plan, refused } = proposeWeek({ context, sessions: athlete.sessions }, {
      before, ...startsOn === thisMonday ? {} : { budget: PAST_BUDGET },
    })
    before = plan
    if (refused) continue
    await saveWeek(tx, organisationId, athlete.id, startsOn, 0, plan)
    await markAssigned(tx, organisationId, athlete.id, startsOn, 1, coachId)
    await freezeWeek(tx, organisationId, { id: athlete.id, planning: context }, { startsOn, plan }, STANDARD)
    const sessions = await sessionsOfWeek(tx, organisationId, athlete.id, startsOn)
    prescribed.push(...sessions.flatMap(({ day, items }) =>
      items.map(({ id, variationId, dose, extraSetSide }) => ({ itemId: id, variationId, day, dose, extraSetSide }))))
    for (const session of sessions.filter(one => one.day < today)) {
      const done = simulateSets(luck, athlete, session)
      if (done.length === 0) continue
      logs.push(...done)
      const effort = simulateEffort(luck, done, session.lifts.length)
      const { day, minutes } = session
      await putSessionEffort(tx, organisationId, coachId, session, { day, effort, minutes })
    }
  }
  if (logs.length > 0) await insertLogs(tx, organisationId, coachId, withMishap(athlete.input.name, logs))
}

/** Tests of the last months, and the brace checks that led to the step each stands on. */
async function addTests(
  tx: Tx, organisationId: string, coachId: string, athlete: DemoAthlete, today: string, luck: Chance,
): Promise<readonly TrialInput[]> {
  const trials = simulateTests(luck, athlete, today)
  if (trials.length > 0) await insertTrials(tx, organisationId, coachId, trials)
  for (const check of simulateBraceChecks(luck, athlete, today)) {
    await insertBraceCheck(tx, organisationId, athlete.id, { ...check, passed: true }, coachId)
  }
  return trials
}
