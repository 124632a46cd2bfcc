import { createHash, randomInt, timingSafeEqual } from 'node:crypto'
import type { Knex } from 'knex'
import { v7 as newKey } from 'uuid'
import { AppError } from '~~/shared/errors'
import type { Founding } from '~~/shared/types'
import { asSystemOf, inOrganisation, takeTurn } from '../database/connection'
import {
  FIRST_LOCK, foundingHash, insertOrganisation, isEmptyInstallation, setFoundingHash,
} from '../repositories/organisations'
import { insertPerson, updateUnits, type Person } from '../repositories/people'
import { record } from './record'
import { hashPassword } from './signIn'

/** Letters and digits that nobody takes for one another when they are read out. */
const ALPHABET = '23456789ABCDEFGHJKMNPQRSTVWXYZ'
const [PARTS, PART] = [3, 4]

/** Spelled as it is read out: case, spaces and dashes are nothing. */
const hashOf = (code: string): string =>
  createHash('sha256').update(code.toUpperCase().replace(/[\s-]/g, '')).digest('hex')

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
  const letter = (): string => ALPHABET[randomInt(ALPHABET.length)]!
  const code = given ?? Array.from({ length: PARTS }, () => Array.from({ length: PART }, letter).join('')).join('-')
  const isOpen = await db.transaction(tx => setFoundingHash(tx, hashOf(code)))
  if (!isOpen) founded.add(db)
  return isOpen ? code : null
}

/** Founds the first organisation with its first head coach: once, by whoever has the code. */
export async function found(
  db: Knex, { code, organisationName, timeZone, units, name, email, password }: Founding, requestId: string | null,
): Promise<Pick<Person, 'id' | 'organisationId' | 'sessionVersion'>> {
  const [organisationId, id] = [newKey(), newKey()]
  const passwordHash = await hashPassword(password)
  return inOrganisation(db, asSystemOf(organisationId), async (tx) => {
    await takeTurn(tx, FIRST_LOCK)
    const kept = await isEmptyInstallation(tx) ? await foundingHash(tx) : null
    if (kept === null)
      throw new AppError('alreadyExists', 'There is an organisation here already. Sign in, or ask to be invited.')
    if (!timingSafeEqual(Buffer.from(kept), Buffer.from(hashOf(code)))) {
      const text = 'This is not the code that was printed at the start.'
      throw new AppError('badInput', text, { code: text })
    }
    await insertOrganisation(tx, { id: organisationId, name: organisationName.trim(), timeZone, demo: false })
    await insertPerson(tx, {
      id, organisationId, athleteId: null, role: 'headCoach', name: name.trim(), email, passwordHash,
    })
    await updateUnits(tx, organisationId, id, units)
    const teller = { actor: { organisationId, personId: null, role: 'headCoach' as const }, requestId, write: null }
    await record(tx, teller, 'organisation.found', { subjectId: id, after: { organisationName, timeZone } })
    return { id, organisationId, sessionVersion: 1 }
  })
}
