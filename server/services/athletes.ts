import { raisedNow } from '~~/core/screening'
import { AppError } from '~~/shared/errors'
import type { Athlete, AthleteInput } from '~~/shared/types'
import {
  athleteById, athletesByIds, insertAthlete, setArchived, updateAthlete,
} from '../repositories/athletes'
import { listGroups } from '../repositories/groups'
import { changeInvitedEmail, insertPerson, personHere } from '../repositories/people'
import type { Tx } from '../repositories/rows'
import { asSystem } from '../database/connection'
import { mustSeeAthlete, transaction, writing, type Context } from './context'
import { followHealth, momentOf } from './healthChange'
import { mailLink } from './links'
import { record, recordHealthRead } from './record'
import { changeFlags } from './screening'

export function getAthlete(context: Context, id: string): Promise<Athlete> {
  return transaction(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, id)
    await recordHealthRead(tx, context, [athlete])
    return athlete
  })
}

/** Adds an athlete under the sender's key; a repeat answers with the one already there. */
export function addAthlete(context: Context, id: string, input: AthleteInput): Promise<Athlete> {
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    await checkGroups(tx, context, input.groupIds)
    checkAge(input, context.today)
    // A coach may not see an athlete before the groups are there: the product itself adds both.
    const isNew = await asSystem(
      tx, context.actor,
      () => insertAthlete(tx, organisationId, id, input, raisedNow({}, input.flags, momentOf(context))),
    )
    const stored = await athleteById(tx, organisationId, id)
    if (!stored) throw new AppError('alreadyExists', 'This key is in use. Load the page again and try once more.')
    if (isNew) {
      await record(tx, context, 'athlete.add', { athleteId: id, after: input })
      await followHealth(tx, context, null, id)
    }
    return stored
  })
}

/** Adds all athletes of a table, or none; one that is there under its key already is left as it is. */
export function importAthletes(
  context: Context, list: readonly { id: string, athlete: AthleteInput }[],
): Promise<Athlete[]> {
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    for (const [index, { athlete }] of list.entries()) {
      try {
        await checkGroups(tx, context, athlete.groupIds)
        checkAge(athlete, context.today)
      }
      catch (error) {
        if (!(error instanceof AppError)) throw error
        const field = Object.keys(error.fields ?? {})[0] ?? 'groupIds'
        throw new AppError('badInput', `${athlete.name}: ${error.message}`, {
          [`athletes.${index}.athlete.${field}`]: error.message,
        })
      }
    }
    for (const { id, athlete } of list) {
      if (
        await asSystem(tx, context.actor, () =>
          insertAthlete(tx, organisationId, id, athlete, raisedNow({}, athlete.flags, momentOf(context))))
      ) {
        await record(tx, context, 'athlete.add', { athleteId: id, after: athlete })
        await followHealth(tx, context, null, id)
      }
    }
    const stored = await athletesByIds(tx, organisationId, list.map(({ id }) => id))
    if (stored.length < list.length)
      throw new AppError('alreadyExists', 'A key is in use. Bring the file in once more.')
    await record(tx, context, 'athlete.import', { after: { athletes: list.length } })
    return stored
  })
}

/** Saves over the version that was read. Groups out of a coach's sight stay as they are. */
export function saveAthlete(context: Context, id: string, version: number, input: AthleteInput): Promise<Athlete> {
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    const before = await mustSeeAthlete(tx, context, id)
    await checkGroups(tx, context, input.groupIds)
    checkAge(input, context.today)
    if (!await updateAthlete(tx, organisationId, id, version, input)) throw changedElsewhere(before)
    await changeFlags(tx, context, before, input.flags)
    const after = await mustSeeAthlete(tx, context, id)
    await record(tx, context, 'athlete.change', { athleteId: id, before: inputOf(before), after: inputOf(after) })
    return after
  })
}

export function archiveAthlete(context: Context, id: string, version: number, archived: boolean): Promise<Athlete> {
  return writing(context, async (tx) => {
    const before = await mustSeeAthlete(tx, context, id)
    if (!await setArchived(tx, context.actor.organisationId, id, version, archived)) throw changedElsewhere(before)
    await record(tx, context, 'athlete.archive', {
      athleteId: id, before: { archived: before.archived }, after: { archived },
    })
    return mustSeeAthlete(tx, context, id)
  })
}

const changedElsewhere = (current: Athlete): AppError =>
  new AppError(
    'changedElsewhere',
    `${current.changedBy ?? 'Somebody else'} changed this athlete meanwhile.`,
    undefined, current,
  )

function inputOf(
  {
    id: _i, version: _v, archived: _a, clearances: _l, health: _h, screenedOn: _o, accountEmail: _e, accountState: _s,
    changedBy: _c,
    ...input
  }: Athlete,
): AthleteInput {
  return input
}

/** Nobody has trained for longer than they have lived. */
function checkAge(
  { birthYear, trainingAgeYears }: Pick<AthleteInput, 'birthYear' | 'trainingAgeYears'>,
  today: string,
): void {
  if (trainingAgeYears <= Number(today.slice(0, 4)) - birthYear) return
  const text = 'The training age is more than the years lived.'
  throw new AppError('badInput', text, { trainingAgeYears: text })
}

async function checkGroups(tx: Tx, context: Context, groupIds: readonly string[]): Promise<void> {
  const known = new Set((await listGroups(tx, context.actor.organisationId)).map(group => group.id))
  const problem = !groupIds.every(id => known.has(id))
    ? 'A group is not known here.'
    : context.actor.role === 'coach' && groupIds.length === 0
    ? 'Choose one of your groups: without one you would no longer see the athlete.'
    : null
  if (problem) throw new AppError('badInput', problem, { groupIds: problem })
}

/**
 * Invites an athlete to a sign-in of their own; inviting again, under the same address or another, sends a new link.
 */
export function inviteAthlete(
  context: Context, athleteId: string, { id, email }: { id: string, email: string },
): Promise<Athlete> {
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    if (athlete.accountState === 'active') throw new AppError('alreadyExists', `${athlete.name} already has a sign-in.`)
    const sameAddress = await asSystem(tx, context.actor, () => personHere(tx, organisationId, { email }))
    if (sameAddress && sameAddress.athleteId !== athleteId) {
      throw new AppError('alreadyExists', 'This e-mail is in use here.', { email: 'This e-mail is in use here.' })
    }
    const invited = await personHere(tx, organisationId, { athleteId })
    if (invited) await changeInvitedEmail(tx, organisationId, invited.id, email)
    else await insertPerson(tx, {
        id, organisationId, athleteId, role: 'athlete', name: athlete.name, email, passwordHash: null,
      })
    await mailLink(
      tx, context.queue, context.publicUrl,
      { id: invited?.id ?? id, organisationId, name: athlete.name, email },
      'invitation', new Date(),
    )
    await record(tx, context, 'athlete.invite', { athleteId })
    return mustSeeAthlete(tx, context, athleteId)
  })
}
