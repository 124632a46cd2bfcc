import { createHash, randomBytes } from 'node:crypto'
import type { Knex } from 'knex'
import { v7 as newKey } from 'uuid'
import { AppError } from '~~/shared/errors'
import { asSystemOf, asVisitor, byLink, inOrganisation } from '../database/connection'
import { endTokens, insertToken, tokenByHash, useToken, type AccountToken } from '../repositories/accountTokens'
import { revokeFeedsOf } from '../repositories/calendarFeeds'
import { removePasskeysOf } from '../repositories/passkeys'
import { personByEmail, personById, setPassword, type Person } from '../repositories/people'
import { factorOf } from '../repositories/secondFactors'
import type { Tx } from '../repositories/rows'
import type { Queue } from '../queue/queue'
import { mustBeGood } from './goodPassword'
import { leaveMail } from './leaveMail'
import { record } from './record'
import { hashPassword } from './passwordHash'

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

/** Makes a link by which a person chooses a password; earlier ones of its kind stop working. */
export async function makeLink(
  tx: Tx, { organisationId, id: personId }: Pick<Person, 'id' | 'organisationId'>, kind: AccountToken['kind'],
  { now, publicUrl }: { readonly now: Date, readonly publicUrl: string },
): Promise<string> {
  const token = randomBytes(32).toString('base64url')
  const expiresAt = new Date(now.getTime() + LIFE_HOURS[kind] * 3_600_000)
  await insertToken(tx, { id: newKey(), organisationId, personId, kind, tokenHash: hashOf(token), expiresAt })
  return `${publicUrl}/${TEXTS[kind].page}#${token}`
}

/** Makes a link for a person and leaves the mail with it to be sent, all in the caller's transaction. */
export async function mailLink(
  tx: Tx, queue: Queue, publicUrl: string, person: Pick<Person, 'id' | 'organisationId' | 'name' | 'email'>,
  kind: AccountToken['kind'], now: Date,
): Promise<void> {
  const link = await makeLink(tx, person, kind, { now, publicUrl })
  const { subject, body } = TEXTS[kind]
  await leaveMail(tx, queue, person, { subject, body: body(person.name, link) })
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
  tx: Tx, queue: Queue, person: Pick<Person, 'id' | 'organisationId' | 'name' | 'email'>,
): Promise<void> {
  await endTokens(tx, person.organisationId, person.id)
  await leaveMail(tx, queue, person, {
    subject: 'Your password for Keen Anchor was changed',
    body: `Hello ${person.name},\n\nthe password of your sign-in was changed just now, and every other device was `
      + 'signed out. If it was not you, ask for a new password on the sign-in page and tell your head coach.\n',
  })
}

const over = (): AppError => new AppError('linkOver', 'This link has been used or is too old. Ask for a new one.')

/** Sets the password of whoever opened a link. The link works once; every session there was ends. */
export async function useLink(
  { db, queue }: { readonly db: Knex, readonly queue: Queue }, token: string, next: string,
  requestId: string | null, now: Date,
): Promise<Pick<Person, 'id' | 'organisationId' | 'sessionVersion'> & { readonly needsCode: boolean }> {
  const found = await byLink(db, hashOf(token), tx => tokenByHash(tx, hashOf(token)))
  if (!found || found.usedAt || found.expiresAt < now) throw over()
  const { organisationId, personId } = found
  const owner = await inOrganisation(db, asSystemOf(organisationId), tx => personById(tx, organisationId, personId))
  if (!owner) throw over()
  await mustBeGood(next, owner, 'next')
  const passwordHash = await hashPassword(next)
  return inOrganisation(db, asSystemOf(organisationId), async (tx) => {
    const person = await personById(tx, organisationId, personId)
    if (!person || person.closed || !await useToken(tx, organisationId, found.id)) throw over()
    const sessionVersion = await setPassword(tx, organisationId, personId, passwordHash).catch(addressTaken)
    if (found.kind === 'reset') {
      await passwordChanged(tx, queue, person)
      // Whoever had the password may have made calendar addresses and passkeys with it.
      await revokeFeedsOf(tx, organisationId, personId)
      await removePasskeysOf(tx, organisationId, personId)
    }
    const teller = { actor: { organisationId, personId: null, role: person.role }, requestId, write: null }
    await record(tx, teller, found.kind === 'reset' ? 'account.reset' : 'account.accept', {
      subjectId: personId, athleteId: person.athleteId,
    })
    const needsCode = (await factorOf(tx, personId))?.confirmed ?? false
    return { id: personId, organisationId, sessionVersion, needsCode }
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
