import Joi, { type Schema } from 'joi'
import { DomainError } from '../../core/errors'

/** What came in on standard input: one JSON object. */
export type Input = Readonly<Record<string, unknown>>

const MESSAGES = {
  'any.required': '{#label} is missing.', 'number.base': '{#label} must be a number.',
  'number.integer': '{#label} must be a whole number.', 'string.base': '{#label} must be words.',
  'string.empty': '{#label} must be words.', 'array.base': '{#label} must be a list.',
  'object.base': '{#label} must be an object.', 'object.unknown': 'There is no field {#label} here.',
  'any.only': '{#label} must be one of {#valids}.', 'boolean.base': '{#label} must be true or false.',
}

/**
 * What came in, as the schema has it, with what is usual filled in.
 *
 * @throws DomainError with the path of the first thing that is wrong.
 */
export function read<T>(schema: Schema<T>, input: unknown): T {
  const { error, value } = schema.validate(input, {
    convert: false, messages: MESSAGES, errors: { label: 'key', wrap: { label: false, array: false } },
  })
  const wrong = error?.details[0]
  if (wrong) throw new DomainError(wrong.path.join('.') || 'input', wrong.message)
  return value as T
}

export const words = Joi.string().min(1)
export const amount = Joi.number().unsafe()
/** A number; nothing or null where it is not said. */
export const perhaps = amount.empty(null)
/** Numbers by name. */
export const amounts = Joi.object().pattern(Joi.string(), amount).default({})
export const sex = Joi.valid('female', 'male').required()
