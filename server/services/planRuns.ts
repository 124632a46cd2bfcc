import { addDays } from '~~/core/calendar'
import { layOutSession, type WeekPlan } from '~~/core/programme'
import type { Catalogue } from '~~/core/catalogue'
import { AppError } from '~~/shared/errors'
import type { PlanRun, PlanRunInput, PlanRunRequest, WeekOutcome } from '~~/shared/types'
import { athletesByIds } from '../repositories/athletes'
import {
  acceptLines, cancelRun, insertRun, latestRuns, requeueLines, runById, runRequest,
} from '../repositories/planRuns'
import type { Tx } from '../repositories/rows'
import type { WeekAnswer } from '../solver'
import { transaction, writing, type Context } from './context'
import { record } from './record'

/** Runs a page lists. */
const LATEST = 20

/** Asks for weeks of many athletes to be planned in the background: one job an athlete. */
export function startRun(context: Context, input: PlanRunInput): Promise<PlanRun> {
  return writing(context, async (tx) => {
    await startRunIn(tx, context, input)
    return mustHaveRun(tx, context.actor.organisationId, input.id)
  })
}

/** A job for each athlete of a run. */
const linesOf = (organisationId: string, runId: string, athleteIds: readonly string[]) =>
  athleteIds.map(athleteId => ({ organisationId, runId, athleteId }))

/** The same inside a transaction that decides on more. */
export async function startRunIn(tx: Tx, context: Context, request: PlanRunRequest): Promise<void> {
  const { organisationId, personId } = context.actor
  const known = await athletesByIds(tx, organisationId, request.athleteIds)
  const athleteIds = known.filter(athlete => !athlete.archived).map(athlete => athlete.id)
  if (athleteIds.length === 0) throw new AppError('notFound', 'None of these athletes is here.')
  if (!await insertRun(tx, organisationId, { ...request, athleteIds }, personId)) return
  await context.queue.send(tx, 'planWeeks', ...linesOf(organisationId, request.id, athleteIds))
  await record(tx, context, 'run.start', {
    subjectId: request.id,
    after: { athletes: athleteIds.length, startsOn: request.startsOn, weeks: request.weeks },
  })
}

async function mustHaveRun(tx: Tx, organisationId: string, id: string): Promise<PlanRun> {
  const run = await runById(tx, organisationId, id)
  if (!run) throw new AppError('notFound', 'There is no such run here.')
  return run
}

export function theRun(context: Context, id: string): Promise<PlanRun> {
  return transaction(context, tx => mustHaveRun(tx, context.actor.organisationId, id))
}

/** The last runs without their lines, newest first. */
export function theRuns(context: Context): Promise<PlanRun[]> {
  return transaction(context, tx => latestRuns(tx, context.actor.organisationId, LATEST))
}

/** A run is stopped and taken up again by whoever asked for it, or by a head coach. */
async function mustBeOwn(tx: Tx, { actor: { organisationId, personId, role } }: Context, id: string): Promise<void> {
  const { askedBy } = await mustHaveRun(tx, organisationId, id)
  if (role === 'headCoach' || (await runRequest(tx, organisationId, id))?.askedBy === personId) return
  throw new AppError('notAllowed', `${askedBy} asked for this, and stops it; or a head coach does.`)
}

/** Stops a run: what is planned stays, what nobody works on yet is not planned. */
export function stopRun(context: Context, id: string): Promise<PlanRun> {
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    await mustBeOwn(tx, context, id)
    await cancelRun(tx, organisationId, id)
    await record(tx, context, 'run.cancel', { subjectId: id })
    return mustHaveRun(tx, organisationId, id)
  })
}

/** Plans again what failed or was cancelled. */
export function retryRun(context: Context, id: string): Promise<PlanRun> {
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    await mustBeOwn(tx, context, id)
    const again = await requeueLines(tx, organisationId, id)
    await context.queue.send(tx, 'planWeeks', ...linesOf(organisationId, id, again))
    return mustHaveRun(tx, organisationId, id)
  })
}

/** Has what a run proposed assigned, for some athletes or all: the queue does it, athlete by athlete. */
export function acceptRun(context: Context, id: string, athleteIds: readonly string[] | null): Promise<PlanRun> {
  const { organisationId, personId } = context.actor
  return writing(context, async (tx) => {
    await mustHaveRun(tx, organisationId, id)
    const accepted = await acceptLines(tx, organisationId, id, athleteIds, personId)
    if (accepted.length > 0) {
      await context.queue.send(tx, 'assignWeeks', ...linesOf(organisationId, id, accepted))
      await record(tx, context, 'run.accept', { subjectId: id, after: { athletes: accepted.length } })
    }
    return mustHaveRun(tx, organisationId, id)
  })
}

/** What came of a week, in the figures of the review page. */
export function outcomeOf(
  startsOn: string, kind: WeekOutcome['outcome'], version: number,
  { plan, notes, proof }: Pick<WeekAnswer, 'plan' | 'notes' | 'proof'>,
  catalogue: Catalogue,
): WeekOutcome {
  const trunkS = plan.sessions.reduce((sum, s) => sum + layOutSession(s, catalogue).trunkS, 0)
  return {
    startsOn, outcome: kind, version,
    drills: plan.sessions.reduce((sum, s) => sum + s.items.length, 0),
    trunkMinutes: Math.round(trunkS / 60), notes, proof, assigned: false,
  }
}

/** The Mondays of a run. */
export const mondaysOf = ({ startsOn, weeks }: { readonly startsOn: string, readonly weeks: number }): string[] =>
  Array.from({ length: weeks }, (_, week) => addDays(startsOn, 7 * week))

/** Whether a week already holds drills. */
export const holdsDrills = (plan: WeekPlan | undefined): boolean =>
  plan?.sessions.some(session => session.items.length > 0) ?? false
