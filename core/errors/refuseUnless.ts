import { DomainError } from './DomainError'

/**
 * Refuses what came in unless something holds of it, naming the field.
 *
 * @throws DomainError with the field and the text when it does not hold.
 * @example
 * refuseUnless(true, 'weeks', 'A season has 1 to 60 weeks.') // => undefined
 */
export function refuseUnless(good: boolean, field: string, text: string): void {
  if (!good) throw new DomainError(field, text)
}
