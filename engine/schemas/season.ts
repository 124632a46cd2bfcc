import Joi from 'joi'
import { DAY_KINDS, type SeasonCompetition, type SeasonInstance, type SeasonPlan } from '../../core/season'
import { perhaps, words, amount } from './read'

/** A day: a number from the season's first Monday, or a date where that Monday is known. */
export type ReadDay = number | string
/** A kind by name, or by its number from 0 (off) to 4 (high). */
export type ReadKind = (typeof DAY_KINDS)[number] | number

export interface ReadCompetition { readonly day: ReadDay, readonly importance: SeasonCompetition['importance'] }
export interface ReadSeason {
  readonly startsOn?: string
  readonly weeks: number
  readonly phases: readonly (SeasonInstance['phases'][number])[]
  readonly competitions: readonly ReadCompetition[]
  readonly matches?: readonly ReadDay[]
  readonly practices?: readonly ReadDay[]
  readonly closed?: readonly ReadDay[]
  readonly travel?: readonly ReadDay[]
  readonly school?: readonly ReadDay[]
  readonly weekdays?: readonly number[]
  readonly hardDays?: readonly number[]
  readonly volumes?: NonNullable<SeasonInstance['volumes']>
  readonly deloadEvery?: number
  readonly volumeRules: boolean
  readonly fixed: Readonly<Record<string, ReadKind>>
}
export interface ReadPlan {
  readonly days: readonly ReadKind[]
  readonly phases?: readonly number[]
  readonly loads?: SeasonPlan['loads']
  readonly baseline?: ReadPlan
}
export interface ReadChange {
  readonly kind: (typeof CHANGES)[number]
  readonly day: ReadDay
  readonly to?: ReadDay
  readonly importance: SeasonCompetition['importance']
}
interface ReadRepair {
  readonly season: ReadSeason
  readonly plan: ReadPlan
  readonly change: readonly ReadChange[] | ReadChange
  readonly pins: readonly ReadDay[]
  readonly today: ReadDay
  readonly prefer: 'fewestChanges' | 'bestVolumes'
}

const LOADS = ['usual', 'deload', 'taper'] as const
const CHANGES = [
  'moveCompetition', 'addCompetition', 'cancelCompetition', 'close', 'open', 'moveClosure', 'addAbsence',
  'cancelAbsence', 'addPractice', 'movePractice', 'cancelPractice', 'addMatch', 'moveMatch', 'cancelMatch',
] as const

const day = Joi.alternatives(Joi.number().integer(), words).messages({
  'alternatives.types': 'A day is a date such as 2026-03-02, or a whole number from the first Monday.',
  'alternatives.match': 'A day is a date such as 2026-03-02, or a whole number from the first Monday.',
})
const days = Joi.array().items(day)
const kind = Joi.valid(...DAY_KINDS, 0, 1, 2, 3, 4)
  .messages({ 'any.only': `A day is one of ${DAY_KINDS.join(', ')}, or 0 to 4.` })
const numbers = Joi.array().items(Joi.number().integer())
const importance = Joi.valid('A', 'B', 'C').default('A')
const volumes = Object.fromEntries(DAY_KINDS.map(one => [one, Joi.number().integer().min(0).max(50)]))

export const seasonSchema = Joi.object<ReadSeason>({
  startsOn: words, weeks: amount.required(),
  phases: Joi.array().items(Joi.object({
    id: words.required(), least: amount.required(), most: amount.required(), start: amount.allow(null).default(null),
    volume: amount.required(), notBefore: perhaps,
  })).required(),
  competitions: Joi.array().items(Joi.object({ day: day.required(), importance })).default([]),
  matches: days, practices: days, closed: days, travel: days, school: days, weekdays: numbers, hardDays: numbers,
  volumes: Joi.object(volumes), deloadEvery: perhaps, volumeRules: Joi.boolean().default(true),
  fixed: Joi.object().pattern(Joi.string(), kind).default({}),
})

const planFields = {
  days: Joi.array().items(kind).required(), phases: numbers, loads: Joi.array().items(Joi.valid(...LOADS)),
}
const change = Joi.object({
  kind: Joi.valid(...CHANGES).required(), day: day.required(), to: day, importance,
})

export const repairSchema = Joi.object<ReadRepair>({
  season: seasonSchema.required(),
  plan: Joi.object({ ...planFields, baseline: Joi.object(planFields) }).required(),
  change: Joi.alternatives().conditional(Joi.array(), { then: Joi.array().items(change), otherwise: change })
    .default([]),
  pins: days.default([]), today: day.default(0), prefer: Joi.valid('fewestChanges', 'bestVolumes')
    .default('fewestChanges'),
})
