import { v7 as newKey } from 'uuid'
import { addDays } from '~~/core/calendar'
import type { Catalogue } from '~~/core/catalogue'
import {
  faultsInOrder, liftFacts, screenOn, sportOf, type FaultId, type PlannedSession, type PlanningContext, type TrunkItem,
} from '~~/core/programme'
import { policyNotes, type Policy } from '~~/core/policy'
import { breathFor, restrictionsOf, type HealthMark, type Screen } from '~~/core/screening'
import { AppError } from '~~/shared/errors'
import { planningContext } from '~~/shared/planningContext'
import type { Athlete, Overruled, PrescribedItem, TrainingWeek } from '~~/shared/types'
import {
  insertItems, insertSession, placeItem, sessionsOfWeek, updateSession, withdrawItem, withdrawSession, type NewItem,
  type StoredSession,
} from '../repositories/prescriptions'
import type { Tx } from '../repositories/rows'
import { loggedItemIds } from '../repositories/setLogs'
import { markAssigned, weekOf } from '../repositories/weeks'
import { groundsOf } from './grounds'
import { mustSeeAthlete, writing, type Context } from './context'
import { record } from './record'
import { routineOf } from './routine'
import { overrule } from './screening'
import { competitionsIn } from './seasonOf'
import { settled } from './settled'
import { refuseForbidden } from './weeks'

/**
 * Assigns a stored week: freezes each drill as the athlete will read it. Assigning again changes only what changed,
 * and never touches a drill that sets are already logged against: a new copy stands beside the old one.
 */
export function assignWeek(
  context: Context, athleteId: string, startsOn: string, version: number, reason = '',
): Promise<TrainingWeek> {
  return writing(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    const missing = notKnown(athlete)
    if (missing.length > 0 && reason.trim() !== '') await overrule(tx, context, athlete, missing, reason.trim())
    return assignIn(tx, context, athleteId, startsOn, version)
  })
}

/** What is to be known before a week is assigned, is not, and was not overruled. */
export function notKnown({ screenedOn, health: { braceCheckedOn, overruled } }: Athlete): Overruled['what'][] {
  const missing: Overruled['what'][] = [
    ...(screenedOn === null ? ['unscreened' as const] : []),
    ...(braceCheckedOn === null ? ['braceUnchecked' as const] : []),
  ]
  return missing.filter(what => !overruled.some(one => one.what === what))
}

const UNKNOWN_TEXT: Readonly<Record<Overruled['what'], string>> = {
  unscreened: 'Never screened: the screening comes first, or a reason to assign without it.',
  braceUnchecked: 'The brace was never checked: a check comes first, or a reason to assign without it.',
}

/** The same inside a transaction that decides on more. */
export async function assignIn(
  tx: Tx,
  context: Pick<Context, 'actor' | 'today' | 'requestId' | 'write'>,
  athleteId: string, startsOn: string, version: number,
): Promise<TrainingWeek> {
  const { organisationId, personId } = context.actor
  const athlete = await mustSeeAthlete(tx, context, athleteId)
  const missing = notKnown(athlete)
  if (missing.length > 0) {
    throw new AppError(
      'needsReason', missing.map(what => UNKNOWN_TEXT[what]).join(' '),
      Object.fromEntries(missing.map(what => [what, UNKNOWN_TEXT[what]])),
    )
  }
  const week = await weekOf(tx, organisationId, athleteId, startsOn)
  if (!week) throw new AppError('notFound', 'There is no such week yet.')
  const grounds = (await groundsOf(tx, organisationId, [athlete], startsOn)).get(athlete.id)!
  const { catalogue } = grounds
  const competitions = competitionsIn(grounds.calendar, addDays(startsOn, -1), addDays(startsOn, 8))
  const planning = planningContext(athlete, startsOn, competitions, catalogue, settled(grounds))
  refuseForbidden(week.plan, planning)
  if (!await markAssigned(tx, organisationId, athleteId, startsOn, version, personId)) {
    throw new AppError('changedElsewhere', 'The week was changed meanwhile. Look at it again before assigning.')
  }
  await freezeWeek(tx, organisationId, { id: athlete.id, planning }, week, catalogue)
  await record(tx, context, 'week.assign', { athleteId, subjectId: startsOn, after: { version } })
  return (await weekOf(tx, organisationId, athleteId, startsOn))!
}

/** Makes what the athlete reads agree with a week, touching nothing that is logged. */
export async function freezeWeek(
  tx: Tx, organisationId: string,
  { id: athleteId, planning }: Pick<Athlete, 'id'> & { readonly planning: PlanningContext },
  { startsOn, plan }: Pick<TrainingWeek, 'startsOn' | 'plan'>,
  catalogue: Catalogue,
): Promise<void> {
  const before = await sessionsOfWeek(tx, organisationId, athleteId, startsOn)
  const wanted = plan.sessions.filter(session => session.items.length > 0 || session.lifts.length > 0)
  for (const old of before) {
    if (!wanted.some(session => session.id === old.planKey)) await retire(tx, organisationId, old)
  }
  const typical = sportOf(planning.sport, planning.sports).character.faults
  for (const session of wanted) {
    const { flags, ageYears } = screenOn(planning, session.day)
    await freeze(
      tx, organisationId,
      { athleteId, startsOn, planning, flags, ageYears, policy: planning.rules.policy, catalogue, typical },
      session, before.find(old => old.planKey === session.id),
    )
  }
}

/** Takes back a session that is no longer planned, unless sets were already logged in it. */
async function retire(tx: Tx, organisationId: string, old: StoredSession): Promise<void> {
  const logged = await loggedItemIds(tx, organisationId, old.items.map(item => item.id))
  for (const item of old.items) {
    if (!logged.has(item.id)) await withdrawItem(tx, organisationId, item.id)
  }
  if (logged.size === 0) await withdrawSession(tx, organisationId, old.id)
}

async function freeze(
  tx: Tx, organisationId: string,
  week: { athleteId: string, startsOn: string, planning: PlanningContext } & Frozen,
  session: PlannedSession, old: StoredSession | undefined,
): Promise<void> {
  const day = addDays(week.startsOn, session.day)
  const sessionId = old?.id ?? newKey()
  const head = { day, minutes: session.minutes, lifts: session.lifts, routine: routineOf(session, week.planning) }
  if (old) await updateSession(tx, organisationId, old.id, head)
  else {
    await insertSession(tx, organisationId,
      { id: sessionId, athleteId: week.athleteId, startsOn: week.startsOn, planKey: session.id, ...head })
  }
  const kept = new Set<string>()
  const added: NewItem[] = []
  const logged = await loggedItemIds(tx, organisationId, old?.items.map(item => item.id) ?? [])
  for (const [place, item] of session.items.entries()) {
    const fresh = prescription(item, session, week)
    const same = old?.items.find(o => !kept.has(o.id) && old.itemKeys[o.id] === item.id && isSame(o, fresh))
    if (same) {
      // What was taken in its place today stays in its place.
      for (const { id } of old!.items.filter(one => one.id === same.id || one.swappedFor === same.id)) {
        kept.add(id)
        await placeItem(tx, organisationId, id, place)
      }
    }
    else added.push({ planKey: item.id, place, item: { ...fresh, id: newKey() } })
  }
  await insertItems(tx, organisationId, { id: sessionId, athleteId: week.athleteId }, added)
  for (const item of old?.items ?? []) {
    if (!kept.has(item.id) && !logged.has(item.id)) await withdrawItem(tx, organisationId, item.id)
  }
}

/** What a drill is frozen with. */
interface Frozen extends Pick<Screen, 'ageYears'> {
  readonly flags: readonly HealthMark[]
  readonly policy: Policy
  readonly catalogue: Catalogue
  /** Faults that the sport brings with it. */
  readonly typical: readonly FaultId[]
}

/** The drill as it will be read and logged, whatever becomes of the catalogue. */
export function prescription(
  item: TrunkItem, session: PlannedSession, { flags, ageYears, policy, catalogue, typical }: Frozen,
): Omit<PrescribedItem, 'id'> {
  const variation = catalogue.find(item.variationId)!
  const partner = session.lifts.find(lift => lift.id === item.pairedWith)
  const notes = [...(item.note ? [item.note] : []), ...policyNotes(variation, policy)]
  // The reason is frozen without the diagnosis: assistants read it too.
  const breath = breathFor(variation.breath, { flags: restrictionsOf(flags), ageYears })
  return {
    slot: item.slot,
    pairedWithLift: partner ? liftFacts(partner.lift).name : null,
    variationId: variation.id,
    name: variation.name,
    purpose: variation.purpose,
    why: item.why,
    setUp: variation.setUp,
    cues: variation.cues,
    faults: faultsInOrder(variation.faults, typical),
    stopSign: variation.stopSign,
    breath: breath.pattern,
    breathWhy: breath.why,
    sides: variation.sides,
    dose: item.dose,
    extraSetSide: item.extraSetSide,
    setting: item.setting,
    settingsAsked: variation.settings,
    ...(policy.cueFocus === 'inside' ? { cueFirst: 'inside' as const } : {}),
    ...(notes.length > 0 ? { notes } : {}),
    ...(item.circuit === undefined ? {} : { circuit: item.circuit }),
    ...(item.between ? { between: true as const } : {}),
    ...(item.rounds ? { rounds: item.rounds } : {}),
  }
}

function isSame({ id: _, ...old }: PrescribedItem, fresh: Omit<PrescribedItem, 'id'>): boolean {
  return sorted(old) === sorted(fresh)
}

/** JSON with keys in order: what comes back from the database has its own. */
function sorted(value: unknown): string {
  return JSON.stringify(value, (_, v: unknown) =>
    v !== null && typeof v === 'object' && !Array.isArray(v)
      ? Object.fromEntries(Object.entries(v).sort(([a], [b]) => a.localeCompare(b)))
      : v)
}
