import { AppError } from '~~/shared/errors'
import type { Person } from '../repositories/people'

const INSTEAD = 'Take a few words that only you would put together.'
const FIRST_TRIED = `This password is among the first that are tried. ${INSTEAD}`
const OWN_NAME = `This is your own name or address. ${INSTEAD}`
const SHORTEST_CORE = 4

let list: Promise<ReadonlySet<string>> | null = null

/** Passwords that many people have (49,233 of the list that ships with the kept package). */
const common = (): Promise<ReadonlySet<string>> =>
  list ??= import('@zxcvbn-ts/language-common').then(({ dictionary }) => new Set(dictionary['passwords-common']))

/** A password without what people put before and after a word to make it another one. */
function coreOf(password: string): string {
  const signs = Array.from(password)
  const isLetter = (sign: string): boolean => /\p{L}/u.test(sign)
  return signs.slice(Math.max(0, signs.findIndex(isLetter)), signs.findLastIndex(isLetter) + 1).join('')
}

/** The shortest part that a password is a repetition of. */
const unitOf = (password: string): string =>
  password.slice(0, Array.from(password, (_, i) => i + 1).find(n => password === password.slice(0, n)
    .repeat(Math.ceil(password.length / n)).slice(0, password.length)))

/**
 * Refuses a new password that is tried first: a common one, one with digits or signs around it, one over and over, the
 * own name or address. Nothing else is asked for: length protects (NIST SP 800-63B, recalled from memory).
 *
 * @throws AppError `badInput` at the field
 */
export async function mustBeGood(
  password: string, { name, email }: Pick<Person, 'name' | 'email'>, field: string,
): Promise<void> {
  const typed = password.toLowerCase()
  const unit = unitOf(typed)
  const core = coreOf(unit)
  const known = await common()
  const refuse = (text: string): never => {
    throw new AppError('badInput', text, { [field]: text })
  }
  const own = [email, email.split('@')[0]!, name, name.replaceAll(/\s/g, '')].map(text => text.toLowerCase())
  if (own.some(word => word === typed || word === core || word === unit)) refuse(OWN_NAME)
  if (core.length < SHORTEST_CORE || [typed, unit, core].some(text => known.has(text))) refuse(FIRST_TRIED)
}
