import { timingSafeEqual } from 'node:crypto'
import type { Knex } from 'knex'
import { v7 as newKey } from 'uuid'
import { AppError } from '~~/shared/errors'
import type { Founding } from '~~/shared/types'
import { asSystemOf, inOrganisation, takeTurn } from '../database/connection'
import {
  FIRST_LOCK, foundingHash, insertOrganisation, isEmptyInstallation, setFoundingHash,
} from '../repositories/organisations'
import { insertPerson, updateUnits, type Person } from '../repositories/people'
import type { Tx } from '../repositories/rows'
import { mustBeGood } from './goodPassword'
import { hashOfCode, readableCode } from './readableCode'
import { record } from './record'
import { hashPassword } from './passwordHash'

const [PARTS, LETTERS] = [3, 4]

/** Databases with an organisation: they never are without one again, so every visitor need not ask. */
const founded = new WeakSet<Knex>()

/** Whether no organisation was ever made here, so that the first visitor founds one. */
export async function mayFound(db: Knex): Promise<boolean> {
  if (founded.has(db)) return false
  const isEmpty = await db.transaction(isEmptyInstallation)
  if (!isEmpty) founded.add(db)
  return isEmpty
}

/**
 * Lets an empty installation be founded by whoever has a code; the newest counts.
 *
 * @param given by the operator; one is made where there is none
 * @returns the code; null where there is an organisation
 */
export async function openFounding(db: Knex, given: string | null): Promise<string | null> {
  const code = given ?? readableCode(PARTS, LETTERS)
  const isOpen = await db.transaction(tx => setFoundingHash(tx, hashOfCode(code)))
  if (!isOpen) founded.add(db)
  return isOpen ? code : null
}

/** Founds the first organisation with its first head coach: once, by whoever has the code. */
export async function found(
  db: Knex, { code, password, ...form }: Founding, requestId: string | null,
): Promise<Pick<Person, 'id' | 'organisationId' | 'sessionVersion'>> {
  const [organisationId, id] = [newKey(), newKey()]
  await mustBeGood(password, form, 'password')
  const passwordHash = await hashPassword(password)
  await inOrganisation(db, asSystemOf(organisationId), tx =>
    foundIn(tx, { organisationId, id, form, passwordHash, mayGoOn: () => mustHaveCode(tx, code) }, requestId))
  return { id, organisationId, sessionVersion: 1 }
}

async function mustHaveCode(tx: Tx, code: string): Promise<void> {
  const kept = await foundingHash(tx)
  if (kept !== null && timingSafeEqual(Buffer.from(kept), Buffer.from(hashOfCode(code)))) return
  const text = 'This is not the code that was printed at the start.'
  throw new AppError('badInput', text, { code: text })
}

interface FirstOne {
  readonly organisationId: string
  /** Of its first head coach. */
  readonly id: string
  readonly form: Omit<Founding, 'code' | 'password'>
  /** Null: chosen by a link. */
  readonly passwordHash: string | null
  /** Asked while it is certain that there is none yet. */
  readonly mayGoOn: () => Promise<void>
}

/**
 * Makes the first organisation in the caller's transaction; of two at once the second finds one.
 *
 * @throws AppError `alreadyExists` when there is one
 */
export async function foundIn(
  tx: Tx, { organisationId, id, form, passwordHash, mayGoOn }: FirstOne, requestId: string | null,
): Promise<void> {
  const { organisationName, timeZone, units, name, email } = form
  await takeTurn(tx, FIRST_LOCK)
  if (!await isEmptyInstallation(tx))
    throw new AppError('alreadyExists', 'There is an organisation here already. Sign in, or ask to be invited.')
  await mayGoOn()
  await insertOrganisation(tx, { id: organisationId, name: organisationName.trim(), timeZone, demo: false })
  await insertPerson(tx, {
    id, organisationId, athleteId: null, role: 'headCoach', name: name.trim(), email, passwordHash,
  })
  await updateUnits(tx, organisationId, id, units)
  const teller = { actor: { organisationId, personId: null, role: 'headCoach' as const }, requestId, write: null }
  await record(tx, teller, 'organisation.found', { subjectId: id, after: { organisationName, timeZone } })
}
