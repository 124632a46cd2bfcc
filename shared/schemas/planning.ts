import Joi from 'joi'
import { TRUNK_ACTIONS } from '~~/core/catalogue'
import { mondayOf } from '~~/core/calendar'
import {
  LINE_IDS, PHASE_IDS, POLICY_LINES, RULE_SCOPES, SCHOOL_IDS, type OwnBand, type PlanningRules, type TrainingBlock,
} from '~~/core/policy'
import { SLOTS } from '~~/core/programme'
import type { ApplyRequest, PlanRunInput, RulesChange } from '../types'
import { choice, form, id, isoDay, listOf } from './common'
import { sessionSchema } from './week'

export const monday = (label: string): Joi.StringSchema =>
  isoDay(label).custom((value: string, helpers) => (mondayOf(value) === value ? value : helpers.error('any.only')))
    .messages({ 'any.only': 'A week starts on a Monday.' })

const fullSets = (label: string): Joi.NumberSchema => Joi.number().min(0).max(50).precision(1).required().label(label)

const band = Joi.object({
  low: fullSets('Least'), high: fullSets('Most'),
  wasS: Joi.array().items(Joi.number().min(0).max(3600)).length(2).label('Seconds'),
}).custom((
  value: OwnBand, helpers,
) => (value.low <= value.high ? value : helpers.error('any.only'))).messages({
  'any.only': 'The least is not above the most.',
}).label('Band')

const block = form<TrainingBlock>({
  startsOn: monday('Start of the block'),
  phase: Joi.string().valid(...PHASE_IDS).allow(null).required().label('Phase'),
  loads: listOf('Weeks', Joi.number().min(0.2).max(1.5).label('Load')).min(1).max(12)
    .messages({
      'number.min': 'A week of a block holds 20 to 150 % of the usual.',
      'number.max': 'A week of a block holds 20 to 150 % of the usual.',
    }),
})

const drillId = Joi.string().max(120).label('Drill')

const rulesSchema = form<PlanningRules>({
  school: Joi.string().valid(...SCHOOL_IDS).allow(null).required().label('School'),
  lines: Joi.object(
    Object.fromEntries(
      LINE_IDS.map(
        line => [line, Joi.string().valid(...Object.keys(POLICY_LINES[line].choices)).label(POLICY_LINES[line].title)]
      ),
    ),
  )
    .required().label('Lines'),
  bands: Joi.object(Object.fromEntries(TRUNK_ACTIONS.map(action => [action, band]))).required().label('Targets'),
  never: listOf('Never', drillId).max(200).unique(),
  only: Joi.object().pattern(drillId, listOf('Places', Joi.string().valid(...Object.keys(SLOTS)).label('Place')).min(1))
    .required().label('Places'),
  blocks: listOf('Blocks', block).max(60).unique('startsOn').messages({
    'array.unique': 'Two blocks start on the same day.',
  }),
})

export const rulesChangeSchema = form<RulesChange>({
  scope: choice('For', RULE_SCOPES),
  scopeId: Joi.string().min(1).max(60).required().label('For whom'),
  version: Joi.number().integer().min(0).required().label('Version'),
  rules: rulesSchema,
})

/** Lift days typed once for several athletes and weeks. */
export const planRunSchema = form<PlanRunInput>({
  id: id('Key'),
  athleteIds: listOf('Athletes', id('Athlete')).min(1).max(300).unique(),
  startsOn: monday('Week'),
  weeks: Joi.number().integer().min(1).max(8).required().label('Weeks'),
  sessions: listOf('Sessions', sessionSchema).max(14).unique('id'),
  replace: Joi.boolean().required().label('Replace'),
})

/** Null: every athlete whose weeks are proposed. */
export const acceptRunSchema = form<{ athleteIds: string[] | null }>({
  athleteIds: listOf('Athletes', id('Athlete')).max(300).unique().allow(null),
})

export const applySchema = form<ApplyRequest>({
  itemIds: listOf('Drills', Joi.string().min(1).max(120).label('Drill')).min(1).max(200).unique().allow(null),
  athleteIds: listOf('Athletes', id('Athlete')).min(1).max(200).unique(),
})
