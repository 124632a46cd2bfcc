import Joi from 'joi'
import { BREAK_POINTS, QUADRANTS, TEST_IDS } from '~~/core/assessment'
import { FLAG_IDS, type Answers, type Clearance } from '~~/core/screening'
import type { BraceCheckInput, PlaceInput, TrialInput } from '../types'
import { choice, form, id, isoDay, listOf, words } from './common'
import { settingSchema } from './week'

const whole = (label: string, min: number, max: number): Joi.NumberSchema => Joi.number().integer().min(min).max(max).required().label(label)

export const trialSchema = form<TrialInput>({
  id: id('Key'),
  athleteId: id('Athlete'),
  day: isoDay('Day'),
  performedAt: Joi.string().isoDate().required().label('Time'),
  test: choice('Test', TEST_IDS),
  side: Joi.string().valid('left', 'right').allow(null).required().label('Side'),
  value: Joi.number().min(0).max(3600).required().label('Value'),
  breakPoint: choice('What ended it', Object.keys(BREAK_POINTS)),
  setting: settingSchema,
  note: words('Note', 500),
})

export const trialsSchema = form<{ trials: TrialInput[] }>({ trials: listOf('Trials', trialSchema).min(1).max(1500) })

export const withdrawSchema = form<{ id: string }>({ id: id('Key') })

/** Trials that count no more: one, or a whole import. */
export const withdrawTrialsSchema = form<{ ids: string[] }>({ ids: listOf('Trials', id('Key')).min(1).max(1500).unique() })

export const braceCheckSchema = form<BraceCheckInput>({
  id: id('Key'),
  day: isoDay('Day'),
  step: whole('Step', 1, 7),
  swell: listOf('Swell', Joi.string().valid(...Object.keys(QUADRANTS)).label('Place')).unique().max(4),
  breathing: Joi.boolean().required().label('Breathing'),
  count: whole('Count', 0, 600),
  note: words('Note', 500),
})

export const answersSchema = form<{ answers: Answers }>({
  answers: Joi.object(Object.fromEntries(FLAG_IDS.map(flag => [flag, Joi.boolean().label('Answer')]))).min(FLAG_IDS.length).required().label('Answers')
    .messages({ 'object.min': 'Answer every question, yes or no.' }),
})

export const clearanceSchema = form<Clearance>({
  id: id('Key'),
  flag: choice('Flag', FLAG_IDS),
  extent: choice('Extent', ['all', 'breath']),
  givenBy: words('Given by', 120).disallow('').min(3).messages({ 'string.min': 'Write who gave it.' }),
  from: isoDay('From'),
  until: isoDay('Until').allow(null),
  note: words('Note', 500),
})

export const placeSchema = form<PlaceInput>({
  version: whole('Version', 1, 1_000_000_000),
  ladder: Joi.string().max(80).required().label('Ladder'),
  rung: whole('Rung', 1, 40),
  reason: words('Reason', 300).disallow('').min(3).messages({ 'string.min': 'Say why, in a word or two.' }),
})
