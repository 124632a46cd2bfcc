import { Scrypt } from '@adonisjs/hash/drivers/scrypt'
import type { Knex } from 'knex'
import { AppError } from '~~/shared/errors'
import type { Me, SignInInput } from '~~/shared/types'
import { asVisitor, inOrganisation } from '../database/connection'
import { organisationById } from '../repositories/organisations'
import { personByEmail, personById, type Person } from '../repositories/people'
import { dayIn } from './context'

const scrypt = new Scrypt({})

/** A password as it is kept: salted scrypt. */
export function hashPassword(password: string): Promise<string> {
  return scrypt.make(password)
}

let decoy: Promise<string> | null = null

/**
 * The account behind an e-mail and password. An unknown e-mail takes as long as a wrong password,
 * so that the answer does not tell which accounts exist.
 */
export async function signIn(db: Knex, { email, password }: SignInInput): Promise<Person> {
  const person = await asVisitor(db, email, tx => personByEmail(tx, email))
  decoy ??= hashPassword('nobody has this password')
  const matches = await scrypt.verify(person?.passwordHash ?? await decoy, password)
  if (!person || !matches) throw new AppError('wrongSignIn', 'E-mail or password is not right.')
  return person
}

/** The signed-in person as the sealed cookie names them; null when the session was ended. */
export async function whoIs(
  db: Knex, session: { organisationId: string, personId: string, sessionVersion: number }, now: Date,
): Promise<{ person: Person, me: Me } | null> {
  return inOrganisation(db, session, async (tx) => {
    const person = await personById(tx, session.organisationId, session.personId)
    const organisation = await organisationById(tx, session.organisationId)
    if (!person || !organisation || person.sessionVersion !== session.sessionVersion) return null
    const me: Me = {
      id: person.id,
      name: person.name,
      role: person.role,
      organisationName: organisation.name,
      today: dayIn(organisation.timeZone, now),
      athleteId: person.athleteId,
      units: person.units,
    }
    return { person, me }
  })
}
