import Joi from 'joi'
import { BRACE_CUES, BREAK_POINTS, QUADRANTS, TEST_UNIT_WORDS, type Homework, type Practice } from '~~/core/assessment'
import { TRUNK_ACTIONS } from '~~/core/catalogue'
import { INSTRUMENT_FAULTS, INSTRUMENT_KINDS, type InstrumentCommand } from '~~/core/instruments'
import {
  CLEARANCE_EXTENTS, CLEARING_ROLES, FLAG_IDS, PAIN_VERDICTS, type Answers, type Clearance,
} from '~~/core/screening'
import type {
  BraceCheckInput, BraceCourse, PainInput, PlaceInput, StoredOwnTests, TrialInput, TrialTrace,
} from '../types'
import { choice, form, id, isoDay, listOf, words } from './common'
import { settingSchema } from './week'

const whole = (label: string, min: number, max: number): Joi.NumberSchema =>
  Joi.number().integer().min(min).max(max).required().label(label)

export const trialSchema = form<TrialInput>({
  id: id('Key'),
  athleteId: id('Athlete'),
  day: isoDay('Day'),
  performedAt: Joi.string().isoDate().required().label('Time'),
  test: Joi.string().pattern(/^([A-Za-z]{2,40}|own\.[a-z0-9-]{1,40})$/).required().label('Test'),
  side: Joi.string().valid('left', 'right').allow(null).required().label('Side'),
  value: Joi.number().min(0).max(20_000).required().label('Value'),
  breakPoint: choice('What ended it', Object.keys(BREAK_POINTS)),
  setting: settingSchema,
  note: words('Note', 500),
  sure: Joi.boolean().optional().label('Sure'),
  trace: form<TrialTrace>({
    kind: choice('Instrument', Object.keys(INSTRUMENT_KINDS)),
    hz: whole('Rate', 0, 1000),
    step: Joi.number().greater(0).max(100).required().label('Step'),
    count: whole('Samples', 1, 40_000),
    packed: Joi.string().pattern(/^[A-Za-z0-9+/]*$/).max(200_000).required().label('Trace'),
    reliable: Joi.boolean().required().label('Reliable'),
    says: listOf('Problems', Joi.string().max(200).label('Problem')).max(10),
    cvPercent: Joi.number().min(0).max(1000).allow(null).required().label('Steadiness'),
  }).optional().label('Trace'),
})

export const trialsSchema = form<{ trials: TrialInput[] }>({ trials: listOf('Trials', trialSchema).min(1).max(1500) })

export const withdrawSchema = form<{ id: string }>({ id: id('Key') })

/** Trials that count no more: one, or a whole import. */
export const withdrawTrialsSchema = form<{ ids: string[] }>({
  ids: listOf('Trials', id('Key')).min(1).max(1500).unique(),
})

export const braceCheckSchema = form<BraceCheckInput>({
  id: id('Key'),
  day: isoDay('Day'),
  step: whole('Step', 1, 7),
  swell: listOf('Swell', Joi.string().valid(...Object.keys(QUADRANTS)).label('Place')).unique().max(4),
  breathing: Joi.boolean().required().label('Breathing'),
  count: whole('Count', 0, 600),
  note: words('Note', 500),
})

export const answersSchema = form<{ version: number, answers: Answers }>({
  version: whole('Version', 0, 1_000_000_000),
  answers: Joi.object(Object.fromEntries(FLAG_IDS.map(flag => [flag, Joi.boolean().label('Answer')]))).min(
    FLAG_IDS.length,
  ).required().label('Answers')
    .messages({ 'object.min': 'Answer every question, yes or no.' }),
})

export const clearanceSchema = form<Clearance>({
  id: id('Key'),
  flag: choice('Flag', FLAG_IDS),
  extent: choice('Extent', Object.keys(CLEARANCE_EXTENTS)),
  givenBy: words('Given by', 120).disallow('').min(3).messages({ 'string.min': 'Write who gave it.' }),
  role: choice('In what role', Object.keys(CLEARING_ROLES)),
  from: isoDay('From'),
  until: isoDay('Until').allow(null),
  note: words('Note', 500),
})

export const painSchema = form<PainInput>({
  id: id('Key'),
  variationId: Joi.string().min(1).max(120).required().label('Drill'),
  verdict: choice('Decision', Object.keys(PAIN_VERDICTS)),
  reason: words('Reason', 500).disallow('').min(3).messages({
    'string.min': 'Say why, in a word or two.', 'any.invalid': 'Say why, in a word or two.',
  }),
  lookedAtBy: words('Who has looked at it', 120),
  role: Joi.string().valid(...Object.keys(CLEARING_ROLES)).allow(null).required().label('In what role'),
})

export const placeSchema = form<PlaceInput>({
  version: whole('Version', 1, 1_000_000_000),
  variationId: Joi.string().min(1).max(120).required().label('Rung'),
  reason: words('Reason', 300).disallow('').min(3).messages({ 'string.min': 'Say why, in a word or two.' }),
})

const ownTestSchema = form<StoredOwnTests['tests'][number]>({
  id: Joi.string().pattern(/^own\.[a-z0-9-]{1,40}$/).required().label('Key'),
  name: Joi.string().min(3).max(60).pattern(/^[^\u0000-\u001f\u007f]*$/).required().label('Name'),
  unit: choice('Unit', Object.keys(TEST_UNIT_WORDS)),
  better: choice('Better', ['more', 'less']),
  sides: choice('Sides', ['both', 'each']),
  action: Joi.string().valid(...TRUNK_ACTIONS).allow(null).required().label('Action'),
  setUp: words('Set-up', 300).disallow('').min(3).messages({ 'string.min': 'Say how it is set up.' }),
  stop: words('What ends it', 200).disallow('').min(3).messages({ 'string.min': 'Say what ends a trial.' }),
  retired: Joi.boolean().required().label('Retired'),
})
export const ownTestsSchema = form<StoredOwnTests>({
  version: whole('Version', 0, 1_000_000_000), tests: listOf('Tests', ownTestSchema).max(60),
})

const homeworkSchema = form<Homework>({
  timesADay: whole('Times a day', 1, 6), until: isoDay('Until').allow(null), note: words('Note', 200),
})
export const braceCourseSchema = form<Pick<BraceCourse, 'cue' | 'homework'>>({
  cue: choice('Cue', Object.keys(BRACE_CUES)), homework: homeworkSchema.allow(null).label('Homework'),
})
export const practiceSchema = form<Practice & { id: string }>({
  id: id('Key'), day: isoDay('Day'), step: whole('Step', 1, 7),
})

const instrumentName = Joi.string().pattern(/^[a-z0-9-]{1,40}$/).required().label('Instrument')
export const instrumentQuerySchema = form<{ name: string }>({ name: instrumentName })
export const instrumentCommandSchema = form<{ name: string, command: InstrumentCommand }>({
  name: instrumentName,
  command: Joi.alternatives().try(
    form<{ ask: 'zero' }>({ ask: choice('What', ['zero']) }),
    form<{ ask: 'fault', fault: string }>({
      ask: choice('What', ['fault']), fault: choice('Fault', Object.keys(INSTRUMENT_FAULTS)),
    }),
    form<{ ask: 'act', value: number, forS: number }>({
      ask: choice('What', ['act']),
      value: Joi.number().min(-200).max(2000).required().label('Value'),
      forS: Joi.number().greater(0).max(300).required().label('For'),
    }),
  ).required().label('What'),
})
