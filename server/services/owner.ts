import type { Knex } from 'knex'
import { v7 as newKey } from 'uuid'
import { AppError } from '~~/shared/errors'
import type { Founding, RecordAction, StaffInvitation } from '~~/shared/types'
import { asSystemOf, asVisitor, inOrganisation } from '../database/connection'
import { endSessions, insertPerson, personByEmail, personHere, type Person } from '../repositories/people'
import { removePasskeysOf } from '../repositories/passkeys'
import { removeFactor } from '../repositories/secondFactors'
import type { Tx } from '../repositories/rows'
import { foundIn } from './founding'
import { makeLink } from './links'
import { record } from './record'

/** What whoever owns the machine works with: no sign-in, and nothing but this. */
export interface OwnersDesk {
  readonly db: Knex
  readonly publicUrl: string
  readonly now: Date
}

/** A link to be handed to somebody, by whom a password is chosen. */
export interface HandedLink {
  readonly email: string
  readonly link: string
}

const told = (tx: Tx, organisationId: string, action: RecordAction, subjectId: string): Promise<void> =>
  record(tx, { actor: { organisationId, personId: null, role: 'system' }, requestId: null, write: null }, action, {
    subjectId,
  })

/** Founds the first organisation; the link is its first head coach's. */
export function ownerFounds(
  { db, publicUrl, now }: OwnersDesk, form: Omit<Founding, 'code' | 'password'>,
): Promise<HandedLink> {
  const [organisationId, id] = [newKey(), newKey()]
  return inOrganisation(db, asSystemOf(organisationId), async (tx) => {
    await foundIn(tx, { organisationId, id, form, passwordHash: null, mayGoOn: () => Promise.resolve() }, null)
    const link = await makeLink(tx, { id, organisationId }, 'invitation', { now, publicUrl })
    return { email: form.email, link }
  })
}

/** Invites to the staff of the one organisation there is; once more is another link. */
export async function ownerInvites(
  { db, publicUrl, now }: OwnersDesk, { name, email, role }: Pick<StaffInvitation, 'name' | 'email' | 'role'>,
): Promise<HandedLink> {
  const organisationId = await theOrganisation(db)
  return inOrganisation(db, asSystemOf(organisationId), async (tx) => {
    const there = await personHere(tx, organisationId, { email })
    if (there?.passwordHash || there?.athleteId)
      throw new AppError('alreadyExists', 'This e-mail is in use here.', { email: 'This e-mail is in use here.' })
    const id = there?.id ?? newKey()
    if (!there)
      await insertPerson(tx, {
        id, organisationId, athleteId: null, role, name: name.trim(), email, passwordHash: null,
      })
    await told(tx, organisationId, 'staff.invite', id)
    return { email, link: await makeLink(tx, { id, organisationId }, 'invitation', { now, publicUrl }) }
  })
}

/** A head coach who lost password or second factor: both are to be set anew, and every device is signed out. */
export async function ownerRecovers({ db, publicUrl, now }: OwnersDesk, email: string): Promise<HandedLink> {
  const person = await asVisitor(db, email, tx => personByEmail(tx, email))
  if (person?.role !== 'headCoach') {
    const text = 'No head coach signs in with this e-mail. Everybody else is helped by a head coach.'
    throw new AppError('notFound', text, { email: text })
  }
  const { organisationId, id } = person as Person
  return inOrganisation(db, asSystemOf(organisationId), async (tx) => {
    await removeFactor(tx, id)
    await removePasskeysOf(tx, organisationId, id)
    await endSessions(tx, organisationId, id)
    await told(tx, organisationId, 'account.recover', id)
    return { email, link: await makeLink(tx, { id, organisationId }, 'reset', { now, publicUrl }) }
  })
}

async function theOrganisation(db: Knex): Promise<string> {
  const { rows } = await db.raw<{ rows: { id: string }[] }>('select organisation_id as id from keen_organisations()')
  const [only] = rows
  if (!only || rows.length > 1) {
    throw new AppError('notFound', only
      ? 'There are several organisations here: their own head coaches invite.'
      : 'There is no organisation here yet: found one first.')
  }
  return only.id
}
