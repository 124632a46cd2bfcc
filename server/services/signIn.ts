import { randomUUID } from 'node:crypto'
import { Scrypt } from '@adonisjs/hash/drivers/scrypt'
import type { Knex } from 'knex'
import { AppError } from '~~/shared/errors'
import type { Me, SignInInput } from '~~/shared/types'
import { asSystemOf, asVisitor, inOrganisation } from '../database/connection'
import { organisationById } from '../repositories/organisations'
import { personByEmail, personById, replaceHash, type Person } from '../repositories/people'
import { dayIn } from './context'
import { record } from './record'

/** After OWASP's password storage advice (N 2^14, r 8, p 5), recalled from memory. */
const scrypt = new Scrypt({ cost: 16_384, blockSize: 8, parallelization: 5 })

/** A password as it is kept: salted scrypt. */
export function hashPassword(password: string): Promise<string> {
  return scrypt.make(password)
}

let decoy: Promise<string> | null = null

/** Whether a password is a person's. Nobody takes as long as somebody, so that the answer tells nothing. */
export async function passwordFits(person: Person | null, password: string): Promise<boolean> {
  decoy ??= hashPassword('nobody has this password')
  return await scrypt.verify(person?.passwordHash ?? await decoy, password) && person !== null
}

/** The account behind an e-mail and password; an unknown e-mail and a wrong password are told alike. */
export async function signIn(
  db: Knex, { email, password }: SignInInput, requestId: string | null = null,
): Promise<Person> {
  const person = await asVisitor(db, email, tx => personByEmail(tx, email))
  const fits = await passwordFits(person, password)
  if (person) await writeDown(db, person, fits, requestId)
  // As long for nobody as for somebody.
  else await inOrganisation(db, asSystemOf(randomUUID()), tx => tx.raw('select 1'))
  if (!fits) throw new AppError('wrongSignIn', 'E-mail or password is not right.')
  await keepAsToday(db, person!, password)
  return person!
}

/** Writes a try at an account down: the person who is in, or nobody known who is not. */
async function writeDown(db: Knex, person: Person, isIn: boolean, requestId: string | null): Promise<void> {
  const { organisationId, id, role, athleteId } = person
  const personId = isIn ? id : null
  await inOrganisation(db, isIn ? { organisationId, personId, role, athleteId } : asSystemOf(organisationId), tx =>
    record(tx, { actor: { organisationId, personId, role }, requestId, write: null },
      isIn ? 'account.signIn' : 'account.wrongSignIn', { subjectId: id, athleteId }))
}

/** A password that was kept by weaker figures is kept by today's as soon as it is known again. */
async function keepAsToday(db: Knex, { organisationId, id, passwordHash }: Person, password: string): Promise<void> {
  if (!scrypt.needsReHash(passwordHash!)) return
  const fresh = await hashPassword(password)
  await inOrganisation(db, asSystemOf(organisationId), tx =>
    replaceHash(tx, organisationId, id, { before: passwordHash!, fresh }))
}

/** The signed-in person as the sealed cookie names them; null when the session was ended. */
export async function whoIs(
  db: Knex, session: { organisationId: string, personId: string, sessionVersion: number }, now: Date,
): Promise<{ person: Person, me: Me } | null> {
  return inOrganisation(db, asSystemOf(session.organisationId), async (tx) => {
    const person = await personById(tx, session.organisationId, session.personId)
    const organisation = await organisationById(tx, session.organisationId)
    if (!person || !organisation || person.closed || person.sessionVersion !== session.sessionVersion) return null
    const me: Me = {
      id: person.id,
      name: person.name,
      role: person.role,
      organisationName: organisation.name,
      demo: organisation.demo,
      today: dayIn(organisation.timeZone, now),
      athleteId: person.athleteId,
      units: person.units,
    }
    return { person, me }
  })
}
