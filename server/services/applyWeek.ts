import { adaptItem, addAdapted, isRefused, type PlannedSession, type TrunkItem, type WeekPlan } from '~~/core/programme'
import { rungsOf } from '~~/core/catalogue'
import { AppError } from '~~/shared/errors'
import { planningContext } from '~~/shared/planningContext'
import type { Applied, ApplyRequest, Athlete } from '~~/shared/types'
import { athletesByIds } from '../repositories/athletes'
import type { Tx } from '../repositories/rows'
import { saveWeek, weekOf } from '../repositories/weeks'
import { catalogueOfOrganisation } from './catalogue'
import { mustSeeAthlete, writing, type Context } from './context'
import { record } from './record'
import { emptyPlan, refuseForbidden, requestFor } from './weeks'

interface Source {
  readonly athlete: Athlete
  readonly sessions: readonly PlannedSession[]
  readonly items: readonly { readonly item: TrunkItem, readonly session: PlannedSession }[]
}

/**
 * Copies drills of one athlete's stored week to others: the same intent, each on the own rung, in the session of the
 * same day or the nearest one.
 */
export function applyWeek(
  context: Context, athleteId: string, startsOn: string, { itemIds, athleteIds }: ApplyRequest,
): Promise<Applied[]> {
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    const week = await weekOf(tx, organisationId, athleteId, startsOn)
    if (!week) throw new AppError('notFound', 'There is no such week yet.')
    const items = week.plan.sessions.flatMap(session =>
      session.items.filter(item => itemIds === null || itemIds.includes(item.id)).map(item => ({ item, session }))
    )
    if (items.length === 0) throw new AppError('notFound', 'These drills are no longer in the week.')
    const source: Source = { athlete, sessions: week.plan.sessions, items }
    const others = (await athletesByIds(tx, organisationId, athleteIds)).filter(other => other.id !== athleteId)
    const applied: Applied[] = []
    for (const other of others) applied.push(await applyTo(tx, context, source, other, startsOn))
    return applied
  })
}

// eslint-disable-next-line complexity -- guard after guard, each with its word
async function applyTo(tx: Tx, context: Context, source: Source, athlete: Athlete, startsOn: string): Promise<Applied> {
  const { organisationId } = context.actor
  const answer = { athleteId: athlete.id, athleteName: athlete.name }
  const stored = await weekOf(tx, organisationId, athlete.id, startsOn)
  const { competitions, settled } = await requestFor(tx, organisationId, athlete, startsOn, [])
  const planning = planningContext(
    athlete, startsOn, competitions, await catalogueOfOrganisation(tx, organisationId), settled,
  )
  if (isRefused(planning, stored?.plan.sessions ?? []))
    return { ...answer, placed: 0, notes: ['A red flag is open: nothing is given.'] }
  let plan: WeekPlan = stored?.plan
    ?? {
      sessions: emptyPlan(athlete).sessions.map(s => ({
        ...s,
        lifts: source.sessions.find(o => o.day === s.day)?.lifts ?? [],
      })),
    }
  const rungs = rungsOf(source.athlete.stands, planning.screen.catalogue)
  const notes: string[] = []
  let placed = 0
  for (const { item, session } of source.items) {
    const target = sessionFor(plan, session.day)
    const partner = session.lifts.find(lift => lift.id === item.pairedWith) ?? null
    const adapted = target && adaptItem(item, { rungs, partner }, target, planning)
    if (!target || !adapted) {
      notes.push(
        target
          ? 'One drill is there already or has no stand-in, and was left out.'
          : 'There is no session in the week.',
      )
      continue
    }
    plan = addAdapted(plan, target.id, adapted.item)
    placed += 1
    if (adapted.note) notes.push(adapted.note)
  }
  if (placed === 0) return { ...answer, placed, notes }
  refuseForbidden(plan, planning, stored?.plan)
  const version = await saveWeek(tx, organisationId, athlete.id, startsOn, stored?.version ?? 0, plan)
  if (version === null)
    throw new AppError('changedElsewhere', `The week of ${athlete.name} was changed meanwhile. Try again.`)
  await record(tx, context, 'week.change', {
    athleteId: athlete.id, subjectId: startsOn, before: stored?.plan, after: plan,
  })
  return { ...answer, placed, notes: [...new Set(notes)] }
}

/** The session of the same day, else the nearest one. */
function sessionFor(plan: WeekPlan, day: number): PlannedSession | null {
  return plan.sessions.reduce<PlannedSession | null>(
    (best, s) => (best === null || Math.abs(s.day - day) < Math.abs(best.day - day) ? s : best),
    null,
  )
}
