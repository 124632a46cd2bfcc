import { addDays, mondayOf } from '~~/core/calendar'
import type { PlannedSession, PlanningContext, TrunkItem, WeekPlan } from '~~/core/programme'
import { same } from '~~/core/merge'
import { weekConflicts, type Conflict } from '~~/core/rules'
import { AppError } from '~~/shared/errors'
import { planningContext } from '~~/shared/planningContext'
import type { Athlete, Competition, TrainingWeek, WeekReview, WeekSheet } from '~~/shared/types'
import type { Tx } from '../repositories/rows'
import { saveWeek, weekOf, weekVersion } from '../repositories/weeks'
import { planInPool, reviewInPool, type WeekAnswer, type WeekRequest } from '../solver'
import { catalogueOfOrganisation } from './catalogue'
import { mustSeeAthlete, transaction, writing, type Context } from './context'
import { groundsOf, type Grounds } from './grounds'
import { record, recordHealthRead } from './record'
import { calendarOf, competitionsIn } from './seasonOf'
import { settled } from './settled'

function checkMonday(startsOn: string): void {
  if (mondayOf(startsOn) !== startsOn)
    throw new AppError('badInput', 'A week starts on a Monday.', { startsOn: 'A week starts on a Monday.' })
}

/** An athlete's competitions that a week must heed: from the day before it to what a taper looks ahead to. */
const competitionsAround = ({ calendar, startsOn }: Grounds): Competition[] =>
  competitionsIn(calendar, addDays(startsOn, -1), addDays(startsOn, 27))

/** The week sheet of one athlete; an unwritten week comes with sessions on the days there is time. */
export async function weekSheet(context: Context, athleteId: string, startsOn: string): Promise<WeekSheet> {
  checkMonday(startsOn)
  const { organisationId } = context.actor
  const { athlete, grounds, week, previous } = await transaction(context, async (tx) => {
    const seen = await mustSeeAthlete(tx, context, athleteId)
    await recordHealthRead(tx, context, [seen])
    return {
      athlete: seen, week: await weekOf(tx, organisationId, athleteId, startsOn),
      previous: await weekOf(tx, organisationId, athleteId, addDays(startsOn, -7)),
      grounds: (await groundsOf(tx, organisationId, [seen], startsOn)).get(athleteId)!,
    }
  })
  return {
    athlete,
    competitions: competitionsAround(grounds),
    week: week ?? {
      athleteId, startsOn, version: 0, status: 'draft', changedSinceAssigned: false, plan: emptyPlan(athlete),
      changedBy: null, changedAt: null,
    },
    previousPlan: previous?.plan ?? null,
    settled: settled(grounds),
  }
}

/** A session on each day with time for it, nothing in it yet. */
export function emptyPlan(athlete: Athlete): WeekPlan {
  return {
    sessions: [...athlete.available].sort((a, b) => a.day - b.day)
      .map(({ day, minutes }) => ({ id: `d${day}`, day, minutes, lifts: [], items: [] })),
  }
}

/**
 * Refuses a plan that holds a drill this athlete must not be given; the coach's other choices stand.
 *
 * @param stored what is stored already: a drill in it that was stopped since may stay where it is, marked, so
 *   that the rest can be changed
 */
export function refuseForbidden(plan: WeekPlan, context: PlanningContext, stored: WeekPlan | null = null): void {
  const blocking = weekConflicts(plan, context).filter(conflict =>
    conflict.blocks && !isUnchanged(conflict, plan, stored)
  )
  if (blocking.length === 0) return
  const fields: Record<string, string> = {}
  for (const { sessionId, itemId, text } of blocking) fields[`${sessionId}.${itemId}`] ??= text
  const first = blocking[0]!
  const item = plan.sessions.find(s => s.id === first.sessionId)?.items.find(i => i.id === first.itemId)
  const name = item ? context.screen.catalogue.find(item.variationId)?.name ?? 'A drill' : 'A drill'
  throw new AppError('badInput', `${name} cannot be given: ${first.text}`, fields)
}

/** Whether the item of a conflict stands just as it is stored. */
function isUnchanged({ sessionId, itemId }: Conflict, plan: WeekPlan, stored: WeekPlan | null): boolean {
  const at = (of: WeekPlan | null): readonly [number, TrunkItem] | null => {
    const session = of?.sessions.find(s => s.id === sessionId)
    const item = session?.items.find(i => i.id === itemId)
    return session && item ? [session.day, item] : null
  }
  const [now, then] = [at(plan), at(stored)]
  return now !== null && then !== null && now[0] === then[0] && now[1].variationId === then[1].variationId
    && same(now[1].dose, then[1].dose) && same(now[1].rounds, then[1].rounds)
}

/** Saves a week over the version that was read. */
export async function storeWeek(
  context: Context, athleteId: string, startsOn: string, version: number, plan: WeekPlan,
): Promise<TrainingWeek> {
  checkMonday(startsOn)
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    const calendar = await calendarOf(tx, organisationId, athlete)
    const competitions = competitionsIn(calendar, addDays(startsOn, -1), addDays(startsOn, 8))
    const before = await weekOf(tx, organisationId, athleteId, startsOn)
    refuseForbidden(
      plan,
      planningContext(athlete, startsOn, competitions, await catalogueOfOrganisation(tx, organisationId)),
      before?.plan,
    )
    const saved = await saveWeek(tx, organisationId, athleteId, startsOn, version, plan)
    if (saved === null) {
      const current = await weekOf(tx, organisationId, athleteId, startsOn)
      throw new AppError(
        'changedElsewhere',
        `${current?.changedBy ?? 'Somebody else'} changed this week meanwhile.`,
        undefined, current,
      )
    }
    await record(tx, context, 'week.change', { athleteId, subjectId: startsOn, before: before?.plan, after: plan })
    return (await weekOf(tx, organisationId, athleteId, startsOn))!
  })
}

/** What one athlete's week is planned from, as it is stored. */
interface RequestSource {
  readonly grounds: Grounds
  readonly before: WeekPlan | null
}

async function requestSource(
  tx: Tx, organisationId: string, athlete: Athlete, startsOn: string,
): Promise<RequestSource> {
  return {
    grounds: (await groundsOf(tx, organisationId, [athlete], startsOn)).get(athlete.id)!,
    before: (await weekOf(tx, organisationId, athlete.id, addDays(startsOn, -7)))?.plan ?? null,
  }
}

const requestOf = ({ grounds, before }: RequestSource, sessions: readonly PlannedSession[]): WeekRequest => {
  const { athlete, startsOn, own } = grounds
  return {
    athlete, startsOn, sessions, competitions: competitionsAround(grounds), own, before, settled: settled(grounds),
  }
}

/** All that one athlete's week is planned from, inside a transaction that decides on more. */
export async function requestFor(
  tx: Tx, organisationId: string, athlete: Athlete, startsOn: string, sessions: readonly PlannedSession[],
): Promise<WeekRequest> {
  return requestOf(await requestSource(tx, organisationId, athlete, startsOn), sessions)
}

/** The best week for the sessions of one athlete, with what is known about better ones. Nothing is stored. */
export async function proposeForOne(
  context: Context, athleteId: string, startsOn: string, sessions: readonly PlannedSession[],
): Promise<WeekAnswer> {
  return planInPool(await askedFor(context, athleteId, startsOn, sessions))
}

/** The known mistakes of a week, whoever made it, and what the engine would change in it. Nothing is stored. */
export async function reviewWeek(
  context: Context, athleteId: string, startsOn: string, sessions: readonly PlannedSession[],
): Promise<WeekReview> {
  return reviewInPool(await askedFor(context, athleteId, startsOn, sessions))
}

async function askedFor(
  context: Context, athleteId: string, startsOn: string, sessions: readonly PlannedSession[],
): Promise<WeekRequest> {
  checkMonday(startsOn)
  const source = await transaction(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    await recordHealthRead(tx, context, [athlete])
    return requestSource(tx, context.actor.organisationId, athlete, startsOn)
  })
  return requestOf(source, sessions)
}

/** The lift days typed for all, plus the days on which this athlete has time but no lifts. */
export function withOwnDays(sessions: readonly PlannedSession[], athlete: Athlete): PlannedSession[] {
  const own = emptyPlan(athlete).sessions.filter(({ day }) => !sessions.some(session => session.day === day))
  return [...sessions, ...own].sort((a, b) => a.day - b.day)
}

/** The stored version of a week, for a sheet that stays open. */
export function storedVersion(context: Context, athleteId: string, startsOn: string): Promise<{ version: number }> {
  return transaction(context, async (tx) => {
    await mustSeeAthlete(tx, context, athleteId)
    return { version: await weekVersion(tx, context.actor.organisationId, athleteId, startsOn) }
  })
}
