import Joi from 'joi'
import type { Facility } from '../types'
import { count, form } from './common'

/** What stands in the gym, over the version that was read. */
export const facilitySchema = form<Facility>({
  version: count('Version', 1, 1_000_000_000),
  counts: Joi.object().pattern(Joi.string().max(40), Joi.number().integer().min(0).max(500).label('Count')).required()
    .label('Equipment'),
})
