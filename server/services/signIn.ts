import { Scrypt } from '@adonisjs/hash/drivers/scrypt'
import type { Knex } from 'knex'
import { AppError } from '~~/shared/errors'
import type { Me, SignInInput } from '~~/shared/types'
import { asSystemOf, asVisitor, inOrganisation } from '../database/connection'
import { organisationById } from '../repositories/organisations'
import { personByEmail, personById, type Person } from '../repositories/people'
import { dayIn } from './context'
import { record } from './record'

const scrypt = new Scrypt({})

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
  if (!await passwordFits(person, password)) throw new AppError('wrongSignIn', 'E-mail or password is not right.')
  const { organisationId, id: personId, role, athleteId } = person!
  await inOrganisation(
    db, { organisationId, personId, role, athleteId },
    tx =>
      record(tx, { actor: { organisationId, personId, role }, requestId, write: null }, 'account.signIn', {
        subjectId: personId, athleteId,
      }),
  )
  return person!
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
