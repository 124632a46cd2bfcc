import { createHash, randomBytes } from 'node:crypto'
import type { Knex } from 'knex'
import { v7 as newKey } from 'uuid'
import { AppError } from '~~/shared/errors'
import { asSystemOf, asVisitor, byLink, inOrganisation } from '../database/connection'
import { endTokens, insertToken, tokenByHash, useToken, type AccountToken } from '../repositories/accountTokens'
import { insertMail } from '../repositories/mail'
import { personByEmail, personById, setPassword, type Person } from '../repositories/people'
import type { Tx } from '../repositories/rows'
import type { Queue } from '../queue/queue'
import { record } from './record'
import { hashPassword } from './signIn'

/** How long a link works. */
const LIFE_HOURS = { invitation: 7 * 24, reset: 2 } as const

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex')

/** What a mail with a link says. The token stands behind #, which browsers send to nobody. */
const TEXTS = {
  invitation: {
    subject: 'You are invited to Keen Anchor',
    body: (name: string, url: string) =>
      `Hello ${name},\n\nyour coach has invited you to Keen Anchor. Choose a password here:\n\n${url}\n\n`
      + `The link works for seven days, once.\n`,
    page: 'join',
  },
  reset: {
    subject: 'A new password for Keen Anchor',
    body: (name: string, url: string) =>
      `Hello ${name},\n\nsomebody, we hope you, asked for a new password. Choose it here:\n\n${url}\n\n`
      + `The link works for two hours, once. If it was not you, do nothing: your password stays.\n`,
    page: 'reset',
  },
} as const

/** Makes a link for a person and leaves the mail with it to be sent, all in the caller's transaction. */
export async function mailLink(
  tx: Tx, queue: Queue, publicUrl: string, person: Pick<Person, 'id' | 'organisationId' | 'name' | 'email'>,
  kind: AccountToken['kind'], now: Date,
): Promise<void> {
  const token = randomBytes(32).toString('base64url')
  const { organisationId, id: personId } = person
  const expiresAt = new Date(now.getTime() + LIFE_HOURS[kind] * 3_600_000)
  await insertToken(tx, { id: newKey(), organisationId, personId, kind, tokenHash: hashOf(token), expiresAt })
  const text = TEXTS[kind]
  const id = newKey()
  await insertMail(tx, {
    id, organisationId, personId, recipient: person.email, subject: text.subject,
    body: text.body(person.name, `${publicUrl}/${text.page}#${token}`),
  })
  await queue.send(tx, 'mail', { organisationId, mailId: id })
}

/**
 * Mails a reset link if the address has an account. Called by the queue, so that asking takes the same time for all.
 */
export async function mailResetLink(
  db: Knex, queue: Queue, publicUrl: string, email: string, now: Date,
): Promise<void> {
  const person = await asVisitor(db, email, tx => personByEmail(tx, email))
  if (!person) return
  await inOrganisation(
    db, asSystemOf(person.organisationId),
    tx => mailLink(tx, queue, publicUrl, person, 'reset', now),
  )
}

/** After a change of password: no link of before works, and its owner is told, whoever changed it. */
export async function passwordChanged(
  tx: Tx, queue: Queue,
  { organisationId, id: personId, name, email }: Pick<Person, 'id' | 'organisationId' | 'name' | 'email'>,
): Promise<void> {
  await endTokens(tx, organisationId, personId)
  const id = newKey()
  await insertMail(tx, {
    id, organisationId, personId, recipient: email, subject: 'Your password for Keen Anchor was changed',
    body: `Hello ${name},\n\nthe password of your sign-in was changed just now, and every other device was signed out. `
      + 'If it was not you, ask for a new password on the sign-in page and tell your head coach.\n',
  })
  await queue.send(tx, 'mail', { organisationId, mailId: id })
}

const over = (): AppError => new AppError('linkOver', 'This link has been used or is too old. Ask for a new one.')

/** Sets the password of whoever opened a link. The link works once; every session there was ends. */
export async function useLink(
  { db, queue }: { readonly db: Knex, readonly queue: Queue }, token: string, next: string,
  requestId: string | null, now: Date,
): Promise<Pick<Person, 'id' | 'organisationId' | 'sessionVersion'>> {
  const found = await byLink(db, hashOf(token), tx => tokenByHash(tx, hashOf(token)))
  if (!found || found.usedAt || found.expiresAt < now) throw over()
  const passwordHash = await hashPassword(next)
  const { organisationId, personId } = found
  return inOrganisation(db, asSystemOf(organisationId), async (tx) => {
    const person = await personById(tx, organisationId, personId)
    if (!person || person.closed || !await useToken(tx, organisationId, found.id)) throw over()
    const sessionVersion = await setPassword(tx, organisationId, personId, passwordHash).catch(addressTaken)
    if (found.kind === 'reset') await passwordChanged(tx, queue, person)
    const teller = { actor: { organisationId, personId: null, role: person.role }, requestId, write: null }
    await record(tx, teller, found.kind === 'reset' ? 'account.reset' : 'account.accept', {
      subjectId: personId, athleteId: person.athleteId,
    })
    return { id: personId, organisationId, sessionVersion }
  })
}

/** Only the owner of an address learns that it already has an account. */
function addressTaken(error: unknown): never {
  if ((error as { code?: string }).code === '23505') {
    throw new AppError(
      'alreadyExists',
      'This address already has an account. Sign in with it, or ask to be invited under another address.',
    )
  }
  throw error
}
