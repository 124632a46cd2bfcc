import Joi from 'joi'
import { TRUNK_ACTIONS } from '~~/core/catalogue'
import { FAULT_IDS, SPORT_PROFILE_IDS, SPORT_WANT_IDS, type SportEdit } from '~~/core/programme'
import { PHASE_IDS } from '~~/core/policy'
import type { StoredSports } from '../types'
import { form } from './common'

/** An object of known keys, each of them optional. */
const some = (keys: readonly string[], value: Joi.Schema): Joi.ObjectSchema =>
  Joi.object(Object.fromEntries(keys.map(key => [key, value.optional()])))

const percent = Joi.number().integer().min(0).max(60).label('Share')
const times = Joi.number().integer().min(0).max(7).label('Times a week')

const edit = form<SportEdit>({
  weights: some(TRUNK_ACTIONS, percent).required().label('Shares'),
  times: some(SPORT_WANT_IDS, some(PHASE_IDS, times)).required().label('Times a week'),
  faults: Joi.array().items(Joi.string().valid(...FAULT_IDS)).unique().max(FAULT_IDS.length).allow(null).required()
    .label('Faults'),
  why: Joi.string().trim().min(1).max(300).required().label('Why')
    .messages({ 'string.empty': 'Say why, for whoever reads it next year.' }),
})

export const sportsSchema = form<StoredSports>({
  version: Joi.number().integer().min(0).max(1_000_000_000).required().label('Version'),
  edits: some(SPORT_PROFILE_IDS, edit).required().label('Sports'),
})
