import { v7 as newKey } from 'uuid'
import { daysBetween, mondayOf } from '~~/core/calendar'
import { kindOf } from '~~/core/catalogue'
import { alternatives, sportOf, type Alternative, type PlannedSession, type PlanningContext } from '~~/core/programme'
import { AppError } from '~~/shared/errors'
import { planningContext } from '~~/shared/planningContext'
import type { PrescribedItem, SessionRun, Swap } from '~~/shared/types'
import { asSystem } from '../database/connection'
import { insertItems, lockSession, sessionById, withdrawItem, type StoredSession } from '../repositories/prescriptions'
import { loggedItemIds } from '../repositories/setLogs'
import type { Tx } from '../repositories/rows'
import { prescription } from './assignWeek'
import { mustSeeAthlete, transaction, writing, type Context } from './context'
import { asTrained, dayOfTraining, asItem } from './handOut'
import { healthTruth, type Truth } from './healthTruth'
import { settledFor } from './settled'
import { record } from './record'
import { runSession } from './sessions'

/** Drills to choose from: more than these nobody reads between two sets. */
const CHOICES = 3

/** Drills that may be done instead of one of today's, nearest first; what was swapped may be taken back. */
export function swapsFor(context: Context, sessionId: string, itemId: string): Promise<Swap[]> {
  return transaction(context, async (tx) => {
    const there = await placeOf(tx, context, sessionId, itemId)
    if (there.stays !== null) return []
    const others = choicesOf(there).filter(({ variation }) => variation.id !== there.swapped?.variationId)
    return [
      ...there.swapped ? [asSwap(there.first)] : [],
      ...others.map(({ variation, item }) => asSwap({ ...variation, variationId: variation.id, dose: item.dose })),
    ].slice(0, CHOICES)
  })
}

const asSwap = ({ variationId, name, sides, dose }: Swap): Swap => ({ variationId, name, sides, dose })

/** Takes another drill of those that may be done instead, or the first one back. */
export async function swapDrill(
  context: Context, sessionId: string, itemId: string, variationId: string,
): Promise<SessionRun> {
  await writing(context, tx => swap(tx, context, sessionId, itemId, variationId))
  return runSession(context, sessionId)
}

async function swap(
  tx: Tx, context: Context, sessionId: string, itemId: string, variationId: string,
): Promise<{ variationId: string }> {
  const { organisationId } = context.actor
  await asSystem(tx, context.actor, () => lockSession(tx, organisationId, sessionId))
  const there = await placeOf(tx, context, sessionId, itemId)
  const { frozen, first, swapped, planning, truth, day, stays } = there
  if (stays !== null) throw new AppError('changedElsewhere', stays)
  const back = variationId === first.variationId
  const chosen = back ? null : choicesOf(there).find(({ variation }) => variation.id === variationId)
  if (!back && !chosen) throw new AppError('notFound', 'This drill may not be done in its place today.')
  if (swapped) await asSystem(tx, context.actor, () => withdrawItem(tx, organisationId, swapped.id))
  if (chosen) {
    const id = newKey()
    const planned = { id: frozen.planKey, day: 0, minutes: frozen.minutes, lifts: frozen.lifts, items: [] }
    const { flags, ageYears } = truth.on(day)
    const item: PrescribedItem = {
      ...prescription({ ...chosen.item, why: `Taken for ${first.name.toLowerCase()}.` }, planned, {
        flags, ageYears, policy: planning.rules.policy, catalogue: truth.catalogue,
        typical: sportOf(planning.sport, planning.sports).character.faults,
      }),
      id, pairedWithLift: first.pairedWithLift, slot: first.slot, swappedFor: first.id,
    }
    const place = frozen.items.findIndex(one => one.id === first.id)
    await asSystem(tx, context.actor, () => insertItems(
      tx, organisationId, { id: frozen.id, athleteId: frozen.athleteId },
      [{ planKey: `${frozen.itemKeys[first.id]}~${id}`, place, item }],
    ))
  }
  await record(tx, context, 'item.swap', {
    athleteId: frozen.athleteId, subjectId: first.id,
    before: { variationId: swapped?.variationId ?? first.variationId }, after: { variationId },
  })
  return { variationId }
}

/** A drill of a session that may be swapped. */
interface Place {
  readonly frozen: StoredSession
  /** The drill as it was assigned. */
  readonly first: PrescribedItem
  /** What stands in its place now. */
  readonly swapped: PrescribedItem | null
  /** Why it cannot be swapped; null: it can. */
  readonly stays: string | null
  readonly session: PlannedSession
  readonly planning: PlanningContext
  readonly truth: Truth
  readonly day: string
}

async function placeOf(tx: Tx, context: Context, sessionId: string, itemId: string): Promise<Place> {
  const { organisationId } = context.actor
  const frozen = await sessionById(tx, organisationId, sessionId)
  const asked = frozen?.items.find(item => item.id === itemId)
  if (!frozen || !asked) throw new AppError('notFound', 'There is no such drill here.')
  await mustSeeAthlete(tx, context, frozen.athleteId)
  const first = frozen.items.find(item => item.id === asked.swappedFor) ?? asked
  const swapped = frozen.items.find(item => item.swappedFor === first.id) ?? null
  const logged = await loggedItemIds(tx, organisationId, frozen.items.map(item => item.id))
  const truth = await healthTruth(tx, context, frozen.athleteId)
  const day = dayOfTraining(frozen.day, context.today)
  const trained = asTrained(frozen, truth, { day, logged, named: false, replaced: false })
  const now = trained.items.find(item => item.id === (swapped ?? first).id)
  const isLogged = logged.has(first.id) || (swapped !== null && logged.has(swapped.id))
  const isOpen = now !== undefined && !now.stopped && first.circuit === undefined
  const settled = await asSystem(tx, context.actor, () => settledFor(tx, organisationId, truth.athlete, mondayOf(day)))
  return {
    frozen, first, swapped, truth, day,
    stays: isLogged
      ? 'Sets of it are logged: it stays, and the rest of it can be skipped.'
      : isOpen ? null : 'Stations of a circuit and drills that are stopped are not swapped.',
    planning: planningContext(truth.athlete, mondayOf(day), [], truth.catalogue, settled),
    session: {
      id: frozen.id, day: daysBetween(mondayOf(day), day), minutes: frozen.minutes, lifts: frozen.lifts,
      items: trained.items.filter(item => item.id !== swapped?.id).map(asItem),
    },
  }
}

/** What serves as the first does, of its kind, breaking no rule where it stands. */
function choicesOf({ first, session, planning, truth: { catalogue } }: Place): Alternative[] {
  const drill = catalogue.find(first.variationId)
  return alternatives(asItem(first), session, planning)
    .filter(({ variation, conflicts }) =>
      !conflicts.some(({ blocks }) => blocks) && drill !== undefined && kindOf(variation) === kindOf(drill)
      && !variation.insideLift)
    .slice(0, CHOICES + 1)
}
