import type { ObjectSchema, Schema } from 'joi'
import { AppError } from '../errors'

/** Joi's report as one message per field, `a.b.0` for nested ones. */
export function fieldMessages(schema: Schema, value: unknown, convert = false): Record<string, string> | null {
  const { error } = schema.validate(value, { abortEarly: false, convert })
  if (!error) return null
  const fields: Record<string, string> = {}
  for (const { path, message } of error.details) fields[path.join('.')] ??= message
  return fields
}

/**
 * Returns a value that fits the schema, stripped of nothing and coerced nowhere; of an address, which is all text,
 * numbers and yes or no are read (convert).
 *
 * @throws AppError `badInput` with a message per field.
 */
export function checked<T>(schema: ObjectSchema<T>, value: unknown, convert = false): T {
  const { error, value: good } = schema.validate(value, { abortEarly: false, convert })
  if (!error) return good
  const fields = fieldMessages(schema, value, convert) ?? {}
  throw new AppError('badInput', Object.values(fields)[0] ?? 'Some of this cannot be right.', fields)
}
