import { AppError } from '~~/shared/errors'
import type { Units } from '~~/shared/types'
import { asSystem } from '../database/connection'
import { endSessions, personById, setPassword, updateUnits, type Person } from '../repositories/people'
import { transaction, writing, type Context } from './context'
import { passwordChanged } from './links'
import { mustBeGood } from './goodPassword'
import { record } from './record'
import { hashPassword, passwordFits } from './passwordHash'

/** The units the signed-in person reads and types in. */
export function saveUnits(context: Context, units: Units): Promise<Units> {
  return writing(context, async (tx) => {
    await updateUnits(tx, context.actor.organisationId, context.actor.personId, units)
    return units
  })
}

/** Whoever acts, if they know the present password: an open screen alone changes no sign-in. */
export async function mustKnowPassword({ db, actor }: Pick<Context, 'db' | 'actor'>, typed: string): Promise<Person> {
  const person = await transaction({ db, actor }, tx => personById(tx, actor.organisationId, actor.personId))
  if (person && await passwordFits(person, typed)) return person
  const text = 'This is not the present password.'
  throw new AppError('badInput', text, { password: text })
}

/** Changes the own password; every other session ends. Answers with the version this session goes on under. */
export async function changePassword(context: Context, password: string, next: string): Promise<number> {
  const { organisationId, personId } = context.actor
  const person = await mustKnowPassword(context, password)
  await mustBeGood(next, person, 'next')
  const passwordHash = await hashPassword(next)
  return writing(context, async (tx) => {
    const sessionVersion = await setPassword(tx, organisationId, personId, passwordHash)
    await asSystem(tx, context.actor, () => passwordChanged(tx, context.queue, person))
    await record(tx, context, 'account.password', { subjectId: personId })
    return sessionVersion
  })
}

/** Ends every session of the signed-in person, this one too. */
export function signOutEverywhere(context: Context): Promise<{ me: null }> {
  const { organisationId, personId } = context.actor
  return writing(context, async (tx) => {
    await endSessions(tx, organisationId, personId)
    await record(tx, context, 'account.endSessions', { subjectId: personId })
    return { me: null }
  })
}
