import Joi from 'joi'
import type { Facility } from '../types'
import { count, form } from './common'

/** What stands in the gym, over the version that was read. */
export const facilitySchema = form<Facility>({
  version: count('Version', 1, 1_000_000_000),
  counts: Joi.object().pattern(Joi.string().max(40), Joi.number().integer().min(0).max(500).label('Count')).required()
    .label('Equipment'),
  weights: Joi.object().pattern(
    Joi.string().max(40),
    Joi.array().items(Joi.number().greater(0).max(600).label('Weight')).max(80).unique().label('Weights'),
  ).required().label('Weights'),
})
