import type { Knex } from 'knex'
import { addDays } from '~~/core/calendar'
import { DomainError } from '~~/core/errors'
import type { Walls } from '~~/core/planner'
import { rosterWalls, type PlannedSession } from '~~/core/programme'
import { AppError } from '~~/shared/errors'
import { planningContext } from '~~/shared/planningContext'
import type { Role, WeekOutcome } from '~~/shared/types'
import { asSystemOf, inOrganisation } from '../database/connection'
import { athleteById } from '../repositories/athletes'
import { personById, type Person } from '../repositories/people'
import { holdLine, runRequest, setLine, type RunRequest } from '../repositories/planRuns'
import type { Tx } from '../repositories/rows'
import { saveWeek, weekOf } from '../repositories/weeks'
import { TookTooLong, type WeekAnswer, type WeekRequest } from '../solver'
import { assignIn, notKnown } from './assignWeek'
import { catalogueOfOrganisation } from './catalogue'
import type { Actor } from './context'
import { holdsDrills, mondaysOf, outcomeOf } from './planRuns'
import { record } from './record'
import { refuseForbidden, requestFor, withOwnDays } from './weeks'

/** Plans one week, wherever that is done. */
export type PlanOne = (request: WeekRequest, walls?: Walls) => Promise<WeekAnswer>

/** Who may have weeks planned. */
const PLANNERS: readonly Role[] = ['headCoach', 'coach']

/** Whether somebody may have weeks planned and assigned, as they are now. */
export const mayPlan = ({ closed, role }: Pick<Person, 'closed' | 'role'>): boolean =>
  !closed && PLANNERS.includes(role)

/** Times a line is begun before it counts as failed: whatever ended its worker may be the line itself. */
const MOST_ATTEMPTS = 4

export interface LineOfWork { readonly organisationId: string, readonly runId: string, readonly athleteId: string }

/**
 * Plans the weeks of one athlete in a run, one after the other, each stored with its outcome in one transaction: work
 * that is cut off anywhere goes on where it stopped, and no week is stored twice. Acts as whoever asked, and sees what
 * they see.
 */
export async function planLine(db: Knex, line: LineOfWork, plan: PlanOne): Promise<void> {
  const asked = await whoAsked(db, line)
  if (!asked) return
  try {
    if (!await begin(db, asked.actor, line)) return
    for (const startsOn of mondaysOf(asked.run.request)) {
      // A week may take a minute: who was dismissed meanwhile has no further one planned.
      const now = await whoAsked(db, line)
      if (!now || !await planWeekOf(db, now, line, startsOn, plan)) return
    }
    await inOrganisation(db, asked.actor, async (tx) => {
      const held = await holdLine(tx, line.organisationId, line.runId, line.athleteId)
      if (held?.state === 'working')
        await setLine(tx, line.organisationId, line.runId, line.athleteId, { state: 'done' })
    })
  }
  catch (error) {
    if (!(error instanceof AppError || error instanceof DomainError || error instanceof TookTooLong)) throw error
    await fail(db, asked.actor, line, error.message)
  }
}

/** Whoever asked, as they are now; who is no longer on the staff asks for nothing, and the line ends. */
async function whoAsked(db: Knex, { organisationId, runId, athleteId }: LineOfWork): Promise<Asked | null> {
  return inOrganisation(db, asSystemOf(organisationId), async (tx) => {
    const run = await runRequest(tx, organisationId, runId)
    const person = run && await personById(tx, organisationId, run.askedBy)
    if (!run || !person) return null
    if (!mayPlan(person)) {
      await setLine(tx, organisationId, runId, athleteId, {
        state: 'cancelled', problem: 'Whoever asked for it plans here no longer.',
      })
      return null
    }
    return { run, actor: { organisationId, personId: person.id, role: person.role, athleteId: person.athleteId } }
  })
}

async function begin(db: Knex, actor: Actor, { organisationId, runId, athleteId }: LineOfWork): Promise<boolean> {
  return inOrganisation(db, actor, async (tx) => {
    const held = await holdLine(tx, organisationId, runId, athleteId)
    if (!held) throw new AppError('notFound', 'This athlete is no longer in sight of whoever asked.')
    if (held.state !== 'waiting' && held.state !== 'working') return false
    const attempts = held.attempts + 1
    if (attempts > MOST_ATTEMPTS)
      throw new AppError('unexpected', 'Planning this athlete was cut off again and again and is given up.')
    await setLine(tx, organisationId, runId, athleteId, { state: 'working', attempts })
    return true
  })
}

type Stored = Awaited<ReturnType<typeof weekOf>>
interface Asked { readonly run: RunRequest, readonly actor: Actor }

/** False when the line is no longer to be worked on. */
async function planWeekOf(
  db: Knex, asked: Asked, line: LineOfWork, startsOn: string, plan: PlanOne,
): Promise<boolean> {
  const before = await inOrganisation(db, asked.actor, tx => weekBefore(tx, asked, line, startsOn))
  if (before === 'stopped') return false
  if (before === 'there') return true
  const found = before.kept ? null : await plan(before.request, rosterWalls(asked.run.request.weeks))
  await inOrganisation(db, asked.actor, tx => weekAfter(tx, asked, line, startsOn, before.stored, found))
  return true
}

/** What a week is planned from, or why it is not: the line was stopped, or the week stands already. */
// eslint-disable-next-line complexity -- guard after guard, each with its word
async function weekBefore(
  tx: Tx, { run }: Asked, { organisationId, runId, athleteId }: LineOfWork, startsOn: string,
): Promise<'stopped' | 'there' | { stored: Stored, request: WeekRequest, kept: boolean }> {
  const held = await holdLine(tx, organisationId, runId, athleteId)
  const now = await runRequest(tx, organisationId, runId)
  if (held?.state !== 'working' || now?.cancelled) {
    if (held?.state === 'working') await setLine(tx, organisationId, runId, athleteId, { state: 'cancelled' })
    return 'stopped'
  }
  if (held.weeks.some(week => week.startsOn === startsOn)) return 'there'
  const athlete = await athleteById(tx, organisationId, athleteId)
  if (!athlete) throw new AppError('notFound', 'This athlete is no longer here.')
  const stored = await weekOf(tx, organisationId, athleteId, startsOn)
  const { own, replace, sessions } = run.request
  if (own && !(own.mondays.includes(startsOn) && holdsDrills(stored?.plan))) return 'there'
  const given = own && stored
    ? withDaysOver(stored.plan.sessions, startsOn, own.today)
    : withOwnDays(sessions, athlete)
  const request = await requestFor(tx, organisationId, athlete, startsOn, given)
  return {
    stored, request: withNothingPast(request, own?.today ?? null),
    kept: !own && !replace && holdsDrills(stored?.plan),
  }
}

/** Stores what was found, or tells that the week was kept; a week that was assigned is assigned again. */
async function weekAfter(
  tx: Tx, { run, actor }: Asked, { organisationId, runId, athleteId }: LineOfWork, startsOn: string, stored: Stored,
  found: WeekAnswer | null,
): Promise<void> {
  const held = await holdLine(tx, organisationId, runId, athleteId)
  if (held?.state !== 'working' || held.weeks.some(week => week.startsOn === startsOn)) return
  const outcome = found
    ? await store(tx, actor, athleteId, startsOn, stored, found)
    : await keptOutcome(tx, organisationId, startsOn, stored!)
  const athlete = await athleteById(tx, organisationId, athleteId)
  const { own } = run.request
  const stood = stored?.status === 'assigned' && !stored.changedSinceAssigned && outcome.outcome === 'proposed'
  const again = own !== undefined && stood && athlete !== null && notKnown(athlete).length === 0
  if (again) {
    const context = { actor, today: own.today, requestId: null, write: null }
    await assignIn(tx, context, athleteId, startsOn, outcome.version)
  }
  await setLine(tx, organisationId, runId, athleteId, { weeks: [...held.weeks, { ...outcome, assigned: again }] })
}

/** A request that puts nothing new on days that are over. */
function withNothingPast(request: WeekRequest, today: string | null): WeekRequest {
  const { season } = request.settled
  if (today === null || !season) return request
  const days = season.days.map((
    day, weekday,
  ) => (addDays(request.startsOn, weekday) < today ? { ...day, kind: 'off' as const, rule: 'free' as const } : day))
  return { ...request, settled: { ...request.settled, season: { ...season, days } } }
}

/** The sessions of a week as they stand, drills of days that are over kept as they are. */
function withDaysOver(sessions: readonly PlannedSession[], startsOn: string, today: string): PlannedSession[] {
  return sessions.map(
    session => (addDays(startsOn, session.day) < today
      ? { ...session, items: session.items.map(item => ({ ...item, kept: true })) }
      : session)
  )
}

async function keptOutcome(
  tx: Tx, organisationId: string, startsOn: string, stored: NonNullable<Stored>,
): Promise<WeekOutcome> {
  const catalogue = await catalogueOfOrganisation(tx, organisationId)
  return outcomeOf(startsOn, 'kept', stored.version, {
    plan: stored.plan, notes: ['The week already holds drills and was kept.'], proof: null,
  }, catalogue)
}

async function store(
  tx: Tx, actor: Actor, athleteId: string, startsOn: string, stored: Stored,
  found: WeekAnswer,
): Promise<WeekOutcome> {
  const { organisationId } = actor
  // Health may have changed while it was planned: the question is asked once more where it is stored.
  const athlete = (await athleteById(tx, organisationId, athleteId))!
  const { competitions, settled } = await requestFor(tx, organisationId, athlete, startsOn, [])
  refuseForbidden(
    found.plan,
    planningContext(athlete, startsOn, competitions, await catalogueOfOrganisation(tx, organisationId), settled),
    stored?.plan,
  )
  const saved = await saveWeek(tx, organisationId, athleteId, startsOn, stored?.version ?? 0, found.plan)
  if (saved === null)
    throw new AppError(
      'changedElsewhere',
      'The week was changed meanwhile and was left as it is. Plan it again if it should give way.',
    )
  await record(tx, { actor, requestId: null, write: null }, 'week.propose', {
    athleteId, subjectId: startsOn, after: found.plan,
  })
  return outcomeOf(
    startsOn, found.refused ? 'refused' : 'proposed', saved, found, await catalogueOfOrganisation(tx, organisationId),
  )
}

async function fail(
  db: Knex, actor: Actor, { organisationId, runId, athleteId }: LineOfWork, problem: string,
): Promise<void> {
  await inOrganisation(
    db, { ...actor, role: 'system' },
    tx => setLine(tx, organisationId, runId, athleteId, { state: 'failed', problem }),
  )
}
