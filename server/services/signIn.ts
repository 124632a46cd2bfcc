import { randomUUID } from 'node:crypto'
import type { Knex } from 'knex'
import { AppError } from '~~/shared/errors'
import type { RecordAction, SignInInput } from '~~/shared/types'
import { asSystemOf, asVisitor, inOrganisation } from '../database/connection'
import { personByEmail, replaceHash, type Person } from '../repositories/people'
import { factorOf } from '../repositories/secondFactors'
import { hashPassword, isWeak, passwordFits } from './passwordHash'
import { record } from './record'
import { takeCode } from './secondFactor'

/**
 * The account behind an e-mail and password; an unknown e-mail and a wrong password are told alike.
 *
 * @throws AppError `wrongSignIn`; `codeNeeded` where the password fits and the account asks for a code besides
 */
export async function signIn(
  db: Knex, { email, password, code }: SignInInput, requestId: string | null = null, now = new Date(),
): Promise<Person> {
  const person = await asVisitor(db, email, tx => personByEmail(tx, email))
  const fits = await passwordFits(person, password)
  const by = fits ? await codeFits(db, person!, code, now) : 'wrongPassword'
  if (person) await writeDown(db, person, by, requestId)
  // As long for nobody as for somebody.
  else await inOrganisation(db, asSystemOf(randomUUID()), tx => tx.raw('select 1'))
  if (!fits) throw new AppError('wrongSignIn', 'E-mail or password is not right.')
  if (by === 'codeNeeded') throw new AppError('codeNeeded', 'Type the code that your app shows.')
  if (by === 'wrongCode') throw new AppError('wrongSignIn', WRONG_CODE, { code: WRONG_CODE })
  await keepAsToday(db, person!, password)
  return person!
}

const WRONG_CODE = 'This code does not fit, or was used before.'
/** What somebody was let in by, or kept out by. */
type Try = 'password' | 'clock' | 'recovery' | 'codeNeeded' | 'wrongCode' | 'wrongPassword'

async function codeFits(
  db: Knex, { organisationId, id }: Person, code: string | undefined, now: Date,
): Promise<Try> {
  return inOrganisation(db, asSystemOf(organisationId), async (tx) => {
    const factor = await factorOf(tx, id)
    if (!factor?.confirmed) return 'password'
    if (!code) return 'codeNeeded'
    return await takeCode(tx, factor, code, now) ?? 'wrongCode'
  })
}

/** What stands in the record of a try; nothing of one that only asks what it has to bring. */
const IN_RECORD: Readonly<Record<Try, RecordAction | null>> = {
  password: 'account.signIn', clock: 'account.signIn', recovery: 'account.recoveryCode', codeNeeded: null,
  wrongCode: 'account.wrongSignIn', wrongPassword: 'account.wrongSignIn',
}

/** Writes a try at an account down: the person who is in, or nobody known who is not. */
async function writeDown(db: Knex, person: Person, by: Try, requestId: string | null): Promise<void> {
  const action = IN_RECORD[by]
  if (!action) return
  const isIn = action !== 'account.wrongSignIn'
  const { organisationId, id, role, athleteId } = person
  const personId = isIn ? id : null
  await inOrganisation(db, isIn ? { organisationId, personId, role, athleteId } : asSystemOf(organisationId), tx =>
    record(tx, { actor: { organisationId, personId, role }, requestId, write: null }, action, {
      subjectId: id, athleteId,
    }))
}

/** A password that was kept by weaker figures is kept by today's as soon as it is known again. */
async function keepAsToday(db: Knex, { organisationId, id, passwordHash }: Person, password: string): Promise<void> {
  if (!isWeak(passwordHash!)) return
  const fresh = await hashPassword(password)
  await inOrganisation(db, asSystemOf(organisationId), tx =>
    replaceHash(tx, organisationId, id, { before: passwordHash!, fresh }))
}
