import Joi from 'joi'
import { isTrainingDay, mondayOf } from '~~/core/calendar'
import { form } from './common'

/** A key in an address. */
export const keyParam = Joi.string().guid().lowercase().required()

/** A training day in an address. */
export const dayParam = Joi.string().required()
  .custom((value: string, helpers) => (isTrainingDay(value) ? value : helpers.error('any.invalid')))

/** The Monday a week starts on. */
export const mondayParam = dayParam
  .custom((value: string, helpers) => (mondayOf(value) === value ? value : helpers.error('any.invalid')))

/** Which part of the record: before a moment, about one athlete. */
export const recordQuerySchema = form<{ before?: string, athleteId?: string }>({
  before: Joi.string().isoDate().max(40).label('Moment'),
  athleteId: Joi.string().guid().label('Athlete'),
})
