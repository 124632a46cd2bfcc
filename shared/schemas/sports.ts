import Joi from 'joi'
import { MODES, POSTURES, TRUNK_ACTIONS } from '~~/core/catalogue'
import { FAULT_IDS, SPORT_PROFILE_IDS, SPORT_WANT_IDS, type SportEdit } from '~~/core/programme'
import { PHASE_IDS } from '~~/core/policy'
import type { StoredSports } from '../types'
import { form } from './common'

/** An object of known keys, each of them optional. */
const some = (keys: readonly string[], value: Joi.Schema): Joi.ObjectSchema =>
  Joi.object(Object.fromEntries(keys.map(key => [key, value.optional()])))

const percent = Joi.number().integer().min(0).max(60).label('Share')
const times = Joi.number().integer().min(0).max(7).label('Times a week')

/** Words of a list, each once, in their order. */
const ordered = (known: readonly string[], label: string): Joi.ArraySchema =>
  Joi.array().items(Joi.string().valid(...known)).unique().max(known.length).label(label)
const weeks = Joi.number().integer().min(0).max(52).required().label('Weeks')

const edit = form<SportEdit>({
  weights: some(TRUNK_ACTIONS, percent).required().label('Shares'),
  times: some(SPORT_WANT_IDS, some(PHASE_IDS, times)).required().label('Times a week'),
  faults: ordered(FAULT_IDS, 'Faults').allow(null).required(),
  postures: ordered(Object.keys(POSTURES), 'Positions').optional(),
  modes: ordered(Object.keys(MODES), 'Ways').optional(),
  season: Joi.object({ offSeason: weeks, preSeason: weeks, inSeason: weeks, transition: weeks }).optional()
    .custom((year: Record<string, number>, { error }) =>
      (Object.values(year).reduce((sum, one) => sum + one, 0) <= 52 ? year : error('any.weeks')))
    .messages({ 'any.weeks': 'A year has 52 weeks at most.' }).label('Year'),
  why: Joi.string().trim().min(1).max(300).required().label('Why')
    .messages({ 'string.empty': 'Say why, for whoever reads it next year.' }),
})

export const sportsSchema = form<StoredSports>({
  version: Joi.number().integer().min(0).max(1_000_000_000).required().label('Version'),
  edits: some(SPORT_PROFILE_IDS, edit).required().label('Sports'),
})
