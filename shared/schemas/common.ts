import Joi from 'joi'
import { isTrainingDay } from '~~/core/calendar'

/** Wording for what Joi finds, in sentences a coach understands; `{#label}` is the field's own label. */
const MESSAGES = {
  'any.required': '{#label} is missing.',
  'any.invalid': '{#label} is missing.',
  'any.only': '{#label} is not one of the choices.',
  'string.empty': '{#label} is missing.',
  'string.base': '{#label} must be words.',
  'string.min': '{#label} is too short.',
  'string.max': '{#label} is too long: {#limit} characters at most.',
  'string.email': '{#label} does not read like an e-mail address.',
  'string.pattern.base': '{#label} is not written as it should be.',
  'string.guid': '{#label} is not a valid key.',
  'number.base': '{#label} must be a number.',
  'number.integer': '{#label} must be a whole number.',
  'number.min': '{#label} must be {#limit} or more.',
  'number.max': '{#label} must be {#limit} or less.',
  'number.unsafe': '{#label} is too large.',
  'array.base': '{#label} must be a list.',
  'array.max': '{#label}: {#limit} at most.',
  'array.min': '{#label}: at least {#limit}.',
  'array.unique': '{#label}: the same one twice.',
  'object.unknown': '{#label} is not known here.',
  'object.base': '{#label} is not filled in.',
}

/** A closed object with a schema for every field of `T`, whose messages are ours. */
export function form<T>(keys: Record<keyof T, Joi.Schema>): Joi.ObjectSchema<T> {
  return Joi.object<T>(keys as Joi.PartialSchemaMap<T>).required().messages(MESSAGES).prefs({
    errors: { wrap: { label: false } },
  })
}

export const id = (label: string): Joi.StringSchema => Joi.string().guid().required().label(label)

/** A whole number within bounds. */
export const count = (label: string, min: number, max: number): Joi.NumberSchema =>
  Joi.number().integer().min(min).max(max).required().label(label)

export const isoDay = (label: string): Joi.StringSchema =>
  Joi.string().required().label(label)
    .custom((value: string, helpers) => (isTrainingDay(value) ? value : helpers.error('string.pattern.base')))

/** A time of day, "HH:MM". */
export const timeOfDay = (label: string): Joi.StringSchema =>
  Joi.string().pattern(/^([01]\d|2[0-3]):[0-5]\d$/).required().label(label).messages({
    'string.pattern.base': 'A time is written like 09:30.',
  })

/** Whether the runtime knows a time zone of this name. */
export function isTimeZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name })
    return true
  }
  catch {
    return false
  }
}

export const timeZone = Joi.string().max(64).required().label('Time zone')
  .custom((value: string, helpers) => (isTimeZone(value) ? value : helpers.error('any.only')))
  .messages({ 'any.only': 'There is no time zone of this name.' })

export const choice = (label: string, values: readonly string[]): Joi.StringSchema =>
  Joi.string().valid(...values).required().label(label)

/** Free words: no control characters, trimmed length within bounds, may be empty. */
export const words = (label: string, max: number): Joi.StringSchema =>
  Joi.string().allow('').max(max).pattern(/^[^\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]*$/).required().label(label)

/** A list that may be empty: Joi takes a required item for "at least one". */
export const listOf = (label: string, item: Joi.Schema): Joi.ArraySchema =>
  Joi.array().items(item.optional()).required().label(label)
