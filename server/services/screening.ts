import {
  afterAnswers, clearancesOf, extentsFor, FLAGS, raisedNow, redFlags, type Answers, type Clearance, type FlagId,
} from '~~/core/screening'
import { AppError } from '~~/shared/errors'
import type { Athlete, Overruled } from '~~/shared/types'
import { asSystem } from '../database/connection'
import { lockAthlete } from '../repositories/athletes'
import { healthOf, saveHealth, type StoredHealth } from '../repositories/health'
import { personById } from '../repositories/people'
import type { Tx } from '../repositories/rows'
import { mustSeeAthlete, writing, type Context } from './context'
import { mayReadAnswers } from './guardians'
import { followHealth, momentOf } from './healthChange'
import { record } from './record'

/**
 * What is kept of an athlete in sight, for whoever may read it, to be changed: a write that comes at the same moment
 * waits, so that what an athlete reports is never turned away by what a coach just stores.
 */
async function mustHaveHealth(
  tx: Tx, { actor }: Pick<Context, 'actor'>, athleteId: string,
): Promise<StoredHealth> {
  await asSystem(tx, actor, () => lockAthlete(tx, actor.organisationId, athleteId))
  const health = await healthOf(tx, actor.organisationId, athleteId)
  if (!health) throw new AppError('notAllowed', 'Your role may not read this.')
  return health
}

/** Stores a change of health over the version that was read, with what follows from it. */
async function changeHealth(
  tx: Tx, context: Context, athlete: Athlete, health: StoredHealth, next: Parameters<typeof saveHealth>[4],
): Promise<void> {
  const { organisationId } = context.actor
  // The athlete's own answers are written by the product: the profile is not the athlete's to change.
  const saved = await asSystem(
    tx, context.actor,
    () => saveHealth(tx, organisationId, athlete.id, health.version, next),
  )
  if (!saved) throw meets((await healthOf(tx, organisationId, athlete.id))!)
  await followHealth(tx, context, athlete, athlete.id)
}

/** Both sides of what met, to be put side by side. */
const meets = ({ answers, flags, version, changedBy }: StoredHealth): AppError =>
  new AppError('changedElsewhere', `${changedBy ?? 'Somebody else'} answered the screening meanwhile.`, undefined, {
    answers, flags, version, changedBy,
  })

/** Stores answers and the flags they raise; what they may lower is said by `afterAnswers`. */
export function screenAthlete(
  context: Context, athleteId: string, version: number, answers: Answers,
): Promise<Athlete> {
  return writing(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    const health = await mustHaveHealth(tx, context, athleteId)
    if (!await mayReadAnswers(tx, context, athlete))
      throw new AppError('notAllowed', 'Under 18: health questions are for head coaches and coaches they have named.')
    const next = afterAnswers(health, { own: context.actor.role === 'athlete', version, answers }, momentOf(context))
    if (!next) throw meets(health)
    await record(tx, context, 'health.screen', {
      athleteId, before: { answers: health.answers, flags: health.flags },
      after: { answers: next.answers, flags: next.flags, late: health.version !== version },
    })
    await changeHealth(tx, context, athlete, health, {
      answers: next.answers, answered: true, flags: next.flags, raised: next.raised, clearances: next.clearances,
      overruled: health.overruled.filter(({ what }) => what !== 'unscreened'),
    })
    return mustSeeAthlete(tx, context, athleteId)
  })
}

const refused = (field: string, text: string): AppError => new AppError('badInput', text, { [field]: text })

/** Writes down a clinician's word on a flag the athlete has. */
export function addClearance(context: Context, athleteId: string, clearance: Clearance): Promise<Athlete> {
  return writing(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    const health = await mustHaveHealth(tx, context, athleteId)
    if (!health.flags.includes(clearance.flag)) throw refused('flag', 'The athlete does not have this flag.')
    if (clearance.until !== null && clearance.until < clearance.from)
      throw refused('until', 'It ends before it begins.')
    if (clearance.from > context.today)
      throw refused('from', 'A clearance is written down when it was given, not ahead of it.')
    if (!extentsFor(clearance.flag).includes(clearance.extent))
      throw refused('extent', 'This flag is not lifted in that part.')
    if (health.clearances.some(c => c.id === clearance.id)) return athlete
    await record(tx, context, 'health.clear', { athleteId, subjectId: clearance.id, after: clearance })
    await changeHealth(tx, context, athlete, health, { clearances: [...health.clearances, clearance] })
    return mustSeeAthlete(tx, context, athleteId)
  })
}

export function withdrawClearance(context: Context, athleteId: string, id: string): Promise<Athlete> {
  return writing(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    const health = await mustHaveHealth(tx, context, athleteId)
    const gone = health.clearances.find(c => c.id === id)
    if (!gone) throw new AppError('notFound', 'There is no such clearance here.')
    await record(tx, context, 'health.withdraw', { athleteId, subjectId: id, before: gone })
    await changeHealth(tx, context, athlete, health, { clearances: health.clearances.filter(c => c.id !== id) })
    return mustSeeAthlete(tx, context, athleteId)
  })
}

/** Flags of the profile: red ones go only by a clearance. */
export async function changeFlags(tx: Tx, context: Context, athlete: Athlete, flags: Athlete['flags']): Promise<void> {
  const health = await mustHaveHealth(tx, context, athlete.id)
  const lost = redFlags(health.flags).filter(flag => !flags.includes(flag))
  if (lost.length > 0) {
    const text = `${
      lost.map(flag => FLAGS[flag as FlagId].name).join(', ')
    }: a red flag leaves only by a clearance, on the screening page.`
    throw new AppError('badInput', text, { flags: text })
  }
  const next = flags as readonly FlagId[]
  if (next.length === health.flags.length && next.every(flag => health.flags.includes(flag))) return
  await changeHealth(tx, context, athlete, health, {
    flags: next, raised: raisedNow(health.raised, next, momentOf(context)),
    clearances: clearancesOf(health.clearances, next), ofProfile: true,
  })
}

/** A coach assigns although something is not known yet, and says why: it holds until it is known. */
export async function overrule(
  tx: Tx, context: Context, athlete: Athlete, missing: readonly Overruled['what'][], reason: string,
): Promise<void> {
  const health = await mustHaveHealth(tx, context, athlete.id)
  const by = (await personById(tx, context.actor.organisationId, context.actor.personId))?.name ?? ''
  const added = missing.map((what): Overruled => ({ what, reason, by, day: context.today }))
  await record(tx, context, 'health.overrule', { athleteId: athlete.id, after: { missing, reason } })
  await asSystem(tx, context.actor, () => saveHealth(tx, context.actor.organisationId, athlete.id, health.version, {
    overruled: [...health.overruled.filter(({ what }) => !missing.includes(what)), ...added],
  }))
}
