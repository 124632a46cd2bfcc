import { DomainError } from '../core/errors'

/** What came in on standard input: one JSON object. */
export type Input = Readonly<Record<string, unknown>>

/** A number that must be there. */
export function number(input: Input, field: string, at = field): number {
  const value = input[field]
  if (typeof value !== 'number' || !Number.isFinite(value)) throw new DomainError(at, `${field} must be a number.`)
  return value
}

/** A number, or null when it is not there. */
export function optionalNumber(input: Input, field: string): number | null {
  return input[field] === undefined || input[field] === null ? null : number(input, field)
}

/** A list of objects. */
export function list(input: Input, field: string): Input[] {
  const value = input[field]
  if (!Array.isArray(value) || !value.every(one => typeof one === 'object' && one !== null && !Array.isArray(one))) {
    throw new DomainError(field, `${field} must be a list of objects.`)
  }
  return value as Input[]
}

/** One of a few words. */
export function oneOf<T extends string>(input: Input, field: string, words: readonly T[], at = field): T {
  const value = input[field]
  if (!words.includes(value as T)) throw new DomainError(at, `${field} must be one of ${words.join(', ')}.`)
  return value as T
}

/** An object, empty when it is not there. */
export function object(input: Input, field: string): Input {
  const value = input[field] ?? {}
  if (typeof value !== 'object' || Array.isArray(value)) throw new DomainError(field, `${field} must be an object.`)
  return value as Input
}

/** A point on the ground: two numbers, metres. */
export function point(value: unknown, field: string): [number, number] {
  if (!Array.isArray(value) || value.length !== 2 || !value.every(v => typeof v === 'number' && Number.isFinite(v))) {
    throw new DomainError(field, `${field} holds points of two numbers, metres.`)
  }
  return value as [number, number]
}

/** Words that must be there. */
export const text = (input: Input, field: string, at: string): string => {
  const value = input[field]
  if (typeof value !== 'string' || value === '') throw new DomainError(at, `${field} must be words.`)
  return value
}

/** Refuses a field that is not one of these: a slip of the pen would go unheard. */
export const known = (input: Input, fields: readonly string[], at: string): void => {
  const strange = Object.keys(input).find(field => !fields.includes(field))
  if (strange)
    throw new DomainError(
      at ? `${at}.${strange}` : strange,
      `There is no field ${strange} here. There are: ${fields.join(', ')}.`,
    )
}
