import Joi from 'joi'
import { BREAK_POINTS, TEST_IDS } from '../../core/assessment'
import { CAPACITY_IDS, type DoneSet, type DoneTrial, type PerCapacity, type Trunk } from '../../core/capacity'
import { isTrainingDay } from '../../core/calendar'
import { DOSE_UNITS, type Dose, type Side } from '../../core/dose'
import { amount, perhaps, sex, words } from './read'

export interface ReadEvidence {
  readonly trials: readonly DoneTrial[]
  readonly sets: readonly (Omit<DoneSet, 'variationId'> & { readonly variation: string })[]
  readonly stands: readonly string[]
}
interface ReadTrunk extends Trunk {
  readonly capacities?: Partial<PerCapacity>
}
interface ReadCapacity {
  readonly athlete: Trunk
  readonly evidence: ReadEvidence
  readonly today: string
}
interface ReadEffort {
  readonly athlete: ReadTrunk & { readonly evidence?: ReadEvidence }
  readonly evidence?: ReadEvidence
  readonly variation: string
  readonly settings: Readonly<Record<string, unknown>>
  readonly dose: Dose & { readonly side: Side | null }
  readonly today: string
}

export const day = Joi.string()
  .custom((value: string, { error }) => (isTrainingDay(value) ? value : error('any.invalid')))
  .messages({ 'any.invalid': 'A day reads YYYY-MM-DD.' })
export const side = Joi.valid('left', 'right', null).default(null)
export const breakPoint = Joi.valid(...Object.keys(BREAK_POINTS)).default('none')
export const settings = Joi.object().pattern(Joi.string(), Joi.alternatives(amount, Joi.string().allow(''))).default({})
export const tempo = Joi.string().allow(null).default(null)
export const unit = Joi.valid(...DOSE_UNITS).required()
/** A day without evidence of its own: what is known speaks on it. */
const LATEST = '2999-12-31'

export const evidence = Joi.object({
  trials: Joi.array().items(Joi.object({
    test: Joi.valid(...TEST_IDS).required(), side, value: amount.min(0).max(20_000).required(), breakPoint,
    day: day.required(), settings, takenBy: words.allow(null).default(null),
  })).default([]),
  sets: Joi.array().items(Joi.object({
    variation: words.required(), settings, unit, amount: amount.min(0).max(600).required(), tempo, side, breakPoint,
    effort: amount.min(0).max(10).allow(null).default(null), day: day.required(),
  })).default([]),
  stands: Joi.array().items(words).default([]),
}).default({ trials: [], sets: [], stands: [] })

export const trunk = {
  sex, heightM: amount.required(), massKg: amount.required(), ageYears: perhaps.allow(null).default(null),
  trainingAgeYears: perhaps.min(0).max(60).default(0),
}

export const capacitySchema = Joi.object<ReadCapacity>({
  athlete: Joi.object(trunk).unknown().required(), evidence, today: day.required(),
}).unknown()

const capacities = Joi.object(Object.fromEntries(CAPACITY_IDS.map(id => [id, amount.greater(0).max(3000)])))

export const effortSchema = Joi.object<ReadEffort>({
  athlete: Joi.object({ ...trunk, capacities, evidence: evidence.optional() }).unknown().required(),
  evidence: evidence.optional(), variation: words.required(), settings,
  dose: Joi.object({
    sets: amount.integer().min(1).max(10).default(1), amount: amount.greater(0).max(600).required(), unit, tempo, side,
    restS: perhaps.default(0),
  }).required(),
  today: day.default(LATEST),
}).unknown()
