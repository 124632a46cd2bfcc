import { Scrypt } from '@adonisjs/hash/drivers/scrypt'
import type { Person } from '../repositories/people'

/** After OWASP's password storage advice (N 2^14, r 8, p 5), recalled from memory. */
const scrypt = new Scrypt({ cost: 16_384, blockSize: 8, parallelization: 5 })

/** A password as it is kept: salted scrypt. */
export function hashPassword(password: string): Promise<string> {
  return scrypt.make(password)
}

/** Whether a password was kept by weaker figures than today's. */
export const isWeak = (passwordHash: string): boolean => scrypt.needsReHash(passwordHash)

let decoy: Promise<string> | null = null

/** Whether a password is a person's. Nobody takes as long as somebody, so that the answer tells nothing. */
export async function passwordFits(person: Pick<Person, 'passwordHash'> | null, password: string): Promise<boolean> {
  decoy ??= hashPassword('nobody has this password')
  return await scrypt.verify(person?.passwordHash ?? await decoy, password) && person !== null
}
