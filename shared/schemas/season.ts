import Joi from 'joi'
import { ENTRY_KINDS, type SeasonExceptions, type SeasonShape, type ShapePhase } from '~~/core/season'
import { PHASE_IDS } from '~~/core/policy'
import {
  FEED_SCOPES, type AthleteSeasonChange, type CalendarSource, type EntryInput, type FeedInput, type SeasonChange,
} from '../types'
import { choice, form, id, isoDay, listOf, timeOfDay, timeZone, words } from './common'
import { monday } from './planning'

const whole = (label: string, least: number, most: number): Joi.NumberSchema =>
  Joi.number().integer().min(least).max(most).required().label(label)
const weekdays = (label: string): Joi.ArraySchema =>
  listOf(label, Joi.number().integer().min(0).max(6).label(label)).max(7).unique()

const phase = form<ShapePhase>({
  phase: choice('Phase', PHASE_IDS.filter(p => p !== 'taper')),
  least: whole('Least weeks', 1, 60),
  most: whole('Most weeks', 1, 60).min(Joi.ref('least')).messages({ 'number.min': 'The most is not below the least.' }),
  start: whole('Begins', 0, 59).allow(null),
  volume: whole('Units a week', 0, 42),
  opening: Joi.object({
    braceStep: whole('Brace step', 1, 7).allow(null),
    done: Joi.number().min(0).max(1).allow(null).required().label('Sets done'),
  }).required().label('Opening'),
})

export const seasonShapeSchema = form<SeasonShape>({
  startsOn: monday('First Monday'),
  weeks: whole('Weeks', 1, 60),
  weekdays: weekdays('Training days').min(1),
  hardDays: weekdays('Hard days'),
  deloadEvery: whole('Lighter week every', 0, 12),
  phases: listOf('Phases', phase).min(1).max(12),
})

export const entrySchema = form<EntryInput>({
  id: id('Key'),
  kind: choice('Kind', ENTRY_KINDS),
  name: words('Name', 120).min(1).disallow(''),
  day: isoDay('Day'),
  lastDay: isoDay('Last day'),
  importance: Joi.string().valid('A', 'B', 'C').allow(null).required().label('Importance'),
  travelBefore: whole('Travel days before', 0, 14),
  travelAfter: whole('Travel days after', 0, 14),
  weeklyUntil: isoDay('Every week until').allow(null),
  except: listOf('Left out', isoDay('Left out')).max(120),
  groupId: id('Group').allow(null),
  startsAt: timeOfDay('Time').allow(null),
  minutes: whole('Minutes', 5, 1440).allow(null),
  timeZone,
  sourceUid: Joi.string().max(400).allow(null).required().label('Source'),
}).custom((entry: EntryInput, helpers) => {
  if (entry.lastDay < entry.day) return helpers.error('entry.order')
  if ((entry.kind === 'competition') !== (entry.importance !== null)) return helpers.error('entry.importance')
  return entry
}).messages({
  'entry.order': 'The last day is not before the first.',
  'entry.importance': 'A competition, and nothing else, has an importance.',
})

const title = words('What it is', 200)
const pins = listOf('Pins', Joi.number().integer().min(0).max(420).label('Pin')).max(420).unique()
const prefer = Joi.string().valid('fewestChanges', 'bestVolumes').allow(null).required().label('Prefer')
const replan = Joi.boolean().required().label('Plan anew')
const version = Joi.number().integer().min(0).required().label('Version')

export const seasonChangeSchema = form<SeasonChange>({
  version, title, shape: seasonShapeSchema, put: listOf('Calendar', entrySchema).max(400).unique('id'),
  cancel: listOf('Called off', id('Entry')).max(400).unique(), pins, prefer,
  expect: Joi.string().max(2000).allow(null).required().label('Plan'),
  replan,
})

const exceptionsSchema = form<SeasonExceptions>({
  absences: listOf(
    'Absences',
    Joi.object({
      from: isoDay('From'),
      to: isoDay('To').custom((
        value: string, helpers,
      ) => (value >= (helpers.state.ancestors[0] as { from: string }).from ? value : helpers.error('any.only')))
        .messages({ 'any.only': 'An absence ends on or after its first day.' }),
    }),
  ).max(40),
  skips: listOf('Not taking part', id('Entry')).max(200).unique(),
  pins,
  opens: Joi.object().pattern(/^\d{1,2}$/, whole('Opens', 0, 60)).required().label('Openings'),
})

export const athleteSeasonChangeSchema = form<AthleteSeasonChange>({
  version, groupId: id('Group'), title, exceptions: exceptionsSchema, prefer, replan,
})

export const calendarSourceSchema = form<CalendarSource>({
  groupId: id('Group'),
  kind: choice('Kind', ENTRY_KINDS),
  text: Joi.string().max(600_000).allow(null).required().label('File'),
  url: Joi.string().uri({ scheme: ['http', 'https', 'webcal'] }).max(500).allow(null).required().label('Address')
    .messages({
      'string.uri': 'An address starts with http://, https:// or webcal://.',
      'string.uriCustomScheme': 'An address starts with http://, https:// or webcal://.',
    }),
})

export const feedSchema = form<FeedInput>({
  id: id('Key'),
  scope: choice('For', FEED_SCOPES),
  subjectId: id('For whom').allow(null),
})
