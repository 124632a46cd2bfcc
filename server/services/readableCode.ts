import { createHash, randomInt } from 'node:crypto'

/** Letters and digits that nobody takes for one another when they are read out. */
const ALPHABET = '23456789ABCDEFGHJKMNPQRSTVWXYZ'

/** A code to be written down and typed in: parts of letters, with a dash between. */
export function readableCode(parts: number, letters: number): string {
  const part = (): string => Array.from({ length: letters }, () => ALPHABET[randomInt(ALPHABET.length)]!).join('')
  return Array.from({ length: parts }, part).join('-')
}

/** What is kept of such a code. Case, spaces and dashes are nothing. */
export const hashOfCode = (code: string): string =>
  createHash('sha256').update(code.toUpperCase().replace(/[\s-]/g, '')).digest('hex')
