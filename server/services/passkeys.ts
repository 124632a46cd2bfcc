import {
  generateAuthenticationOptions, generateRegistrationOptions, verifyAuthenticationResponse, verifyRegistrationResponse,
} from '@simplewebauthn/server'
import type { Knex } from 'knex'
import { v4 as newKey } from 'uuid'
import { AppError } from '~~/shared/errors'
import type { Passkey, PasskeyInput, PasskeyOptions } from '~~/shared/types'
import { asSystemOf, byLink, inOrganisation } from '../database/connection'
import {
  credentialsOf, insertPasskey, markUsed, passkeyByCredential, passkeysOf, removePasskey, type StoredPasskey,
} from '../repositories/passkeys'
import { personById, type Person } from '../repositories/people'
import { mustKnowPassword } from './account'
import { transaction, writing, type Context } from './context'
import { tellOfSignIn } from './tellOfSignIn'
import { record } from './record'

/** What a device is asked to sign, and where. */
interface Asked {
  readonly challenge: string
  readonly publicUrl: string
}

const siteOf = (publicUrl: string): { origin: string, host: string } => {
  const { origin, hostname } = new URL(publicUrl)
  return { origin, host: hostname }
}
const bytesOf = (text: string): Uint8Array<ArrayBuffer> => new Uint8Array(Buffer.from(text, 'base64url'))
const textOf = (bytes: Uint8Array): string => Buffer.from(bytes).toString('base64url')

export function passkeys(context: Context): Promise<Passkey[]> {
  const { organisationId, personId } = context.actor
  return transaction(context, tx => passkeysOf(tx, organisationId, personId))
}

/** What a device makes a key by: asked for by whoever knows the password, with the device's own lock. */
export async function newPasskeyOptions(context: Context, password: string): Promise<PasskeyOptions> {
  const person = await mustKnowPassword(context, password)
  const { organisationId, personId } = context.actor
  const there = await transaction(context, tx => credentialsOf(tx, organisationId, personId))
  return await generateRegistrationOptions({
    rpName: 'Keen Anchor', rpID: siteOf(context.publicUrl).host, userName: person.email, userDisplayName: person.name,
    userID: new Uint8Array(Buffer.from(person.id)), attestationType: 'none',
    authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
    excludeCredentials: there.map(id => ({ id })),
  }) as unknown as PasskeyOptions
}

/** Stores the key that a device has made. */
export async function addPasskey(
  context: Context, { name, response }: PasskeyInput & { readonly name: string }, challenge: string,
): Promise<Passkey[]> {
  const { organisationId, personId } = context.actor
  const { origin, host } = siteOf(context.publicUrl)
  const made = await verifyRegistrationResponse({
    response: response as never, expectedChallenge: challenge, expectedOrigin: origin, expectedRPID: host,
    requireUserVerification: true,
  }).catch(() => null)
  if (!made?.verified || !made.registrationInfo) throw notIt()
  const { id: credentialId, publicKey, counter } = made.registrationInfo.credential
  return writing(context, async (tx) => {
    const key = { id: newKey(), organisationId, personId, credentialId, publicKey: textOf(publicKey), counter }
    if (!await insertPasskey(tx, key, name.trim()))
      throw new AppError('alreadyExists', 'This device has a key here already.')
    await tellOfSignIn(tx, context, 'passkey', 'a passkey was added: that device signs in without the password')
    await record(tx, context, 'account.passkey', { subjectId: personId })
    return passkeysOf(tx, organisationId, personId)
  })
}

export function endPasskey(context: Context, id: string): Promise<Passkey[]> {
  const { organisationId, personId } = context.actor
  return writing(context, async (tx) => {
    if (!await removePasskey(tx, organisationId, personId, id))
      throw new AppError('notFound', 'There is no such passkey any more.')
    await tellOfSignIn(tx, context, 'passkey', 'a passkey was taken away')
    await record(tx, context, 'account.passkeyEnded', { subjectId: personId })
    return passkeysOf(tx, organisationId, personId)
  })
}

/** What a device shows its key by; whose it is, it says itself. */
export async function passkeySignInOptions(publicUrl: string): Promise<PasskeyOptions> {
  return await generateAuthenticationOptions({
    rpID: siteOf(publicUrl).host, userVerification: 'required',
  }) as unknown as PasskeyOptions
}

const notIt = (): AppError => new AppError('wrongSignIn', 'This passkey is not known here, or took too long.')

/** The account whose key a device has shown. A key that was unlocked on its device is a second factor in itself. */
export async function signInByPasskey(
  db: Knex, { response }: PasskeyInput, { challenge, publicUrl }: Asked, requestId: string | null, now: Date,
): Promise<Person> {
  const { id } = response as { id?: unknown }
  const key = typeof id === 'string' ? await byLink(db, id, tx => passkeyByCredential(tx, id)) : null
  if (!key) throw notIt()
  const counter = await checked(key, response, { challenge, publicUrl })
  const { organisationId, personId } = key
  const person = await inOrganisation(db, asSystemOf(organisationId), async (tx) => {
    await markUsed(tx, key.id, counter, now)
    return personById(tx, organisationId, personId)
  })
  if (!person || person.closed) throw notIt()
  const { role, athleteId } = person
  await inOrganisation(db, { organisationId, personId, role, athleteId }, tx =>
    record(tx, { actor: { organisationId, personId, role }, requestId, write: null }, 'account.signIn', {
      subjectId: personId, athleteId,
    }))
  return person
}

async function checked(
  { credentialId, publicKey, counter }: StoredPasskey, response: object, { challenge, publicUrl }: Asked,
): Promise<number> {
  const { origin, host } = siteOf(publicUrl)
  const shown = await verifyAuthenticationResponse({
    response: response as never, expectedChallenge: challenge, expectedOrigin: origin, expectedRPID: host,
    requireUserVerification: true, credential: { id: credentialId, publicKey: bytesOf(publicKey), counter },
  }).catch(() => null)
  if (!shown?.verified) throw notIt()
  return shown.authenticationInfo.newCounter
}
