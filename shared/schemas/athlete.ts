import Joi from 'joi'
import { EQUIPMENT, findVariation, TRUNK_ACTIONS, VARIATIONS } from '~~/core/catalogue'
import { LIFT_IDS, SPORT_PROFILE_IDS } from '~~/core/programme'
import { FLAG_IDS } from '~~/core/screening'
import type { AthleteInput, Availability } from '../types'
import { choice, form, id, listOf, words } from './common'

const OWN_DRILL = /^[a-z0-9-]+\.own-[a-z0-9-]+$/
/** Of a drill of the organisation's own only its ladder can be told here. */
const branchOf = (id: string): string => findVariation(id)?.branch ?? id.split('.')[0]!

const availability = form<Availability>({
  day: Joi.number().integer().min(0).max(6).required().label('Day'),
  minutes: Joi.number().integer().min(5).max(240).required().label('Minutes'),
})

/** Body measures outside these are typing errors, not athletes; the ends are stated in the messages. */
export const athleteSchema = form<AthleteInput>({
  name: Joi.string().min(2).max(80).pattern(/\S.*\S/).required().label('Name')
    .messages({ 'string.pattern.base': 'Name is missing.' }),
  goal: words('Goal', 300),
  goalVariationId: Joi.alternatives(
    Joi.string().valid(...VARIATIONS.map(v => v.id)), Joi.string().pattern(OWN_DRILL).max(80),
  )
    .allow(null).required().label('Goal drill'),
  goalLift: Joi.string().valid(...LIFT_IDS).allow(null).required().label('Goal lift'),
  sport: choice('Sport profile', SPORT_PROFILE_IDS),
  position: words('Position', 60),
  sex: choice('Sex for body scaling', ['female', 'male']),
  heightCm: Joi.number().min(120).max(230).required().label('Height')
    .messages({
      'number.min': 'Height must be 120 cm (47 in) or more.', 'number.max': 'Height must be 230 cm (90 in) or less.',
    }),
  massKg: Joi.number().min(25).max(220).required().label('Body mass')
    .messages({
      'number.min': 'Body mass must be 25 kg (55 lb) or more.',
      'number.max': 'Body mass must be 220 kg (485 lb) or less.',
    }),
  birthYear: Joi.number().integer().min(1930).max(2020).required().label('Birth year'),
  trainingAgeYears: Joi.number().min(0).max(60).required().label('Training age'),
  equipment: listOf('Equipment', Joi.string().valid(...Object.keys(EQUIPMENT)).label('Equipment')).unique(),
  available: listOf('Days available', availability).unique('day').max(7)
    .messages({ 'array.unique': 'The same day twice.' }),
  flags: listOf('Flags', Joi.string().valid(...FLAG_IDS).label('Flag')).unique(),
  braceStep: Joi.number().integer().min(1).max(7).required().label('Brace step'),
  stands: listOf('Rungs', Joi.alternatives(
    Joi.string().valid(...VARIATIONS.map(v => v.id)), Joi.string().pattern(OWN_DRILL).max(80),
  ).label('Rung')).unique((a: string, b: string) => branchOf(a) === branchOf(b)).max(200)
    .messages({ 'array.unique': 'Two drills of one branch.' }),
  weakLink: Joi.string().valid(...TRUNK_ACTIONS).allow(null).required().label('Weak link'),
  weakSide: Joi.string().valid('left', 'right').allow(null).required().label('Weaker side'),
  groupIds: listOf('Groups', id('Group')).unique().max(20),
})

/** Saving an athlete over a version that was read. */
export const athleteUpdateSchema = form<{ version: number, athlete: AthleteInput }>({
  version: Joi.number().integer().min(1).required().label('Version'),
  athlete: athleteSchema,
})

export const athleteAddSchema = form<{ id: string, athlete: AthleteInput }>({ id: id('Key'), athlete: athleteSchema })

export const archiveSchema = form<{ version: number, archived: boolean }>({
  version: Joi.number().integer().min(1).required().label('Version'),
  archived: Joi.boolean().required().label('Archived'),
})

/** A roster brought in from a table: all of it or nothing. */
export const athletesImportSchema = form<{ athletes: { id: string, athlete: AthleteInput }[] }>({
  athletes: listOf('Athletes', form<{ id: string, athlete: AthleteInput }>({ id: id('Key'), athlete: athleteSchema }))
    .min(1).max(300).unique('id'),
})
