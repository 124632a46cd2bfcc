import Joi from 'joi'
import { BREAK_POINTS, TEST_IDS, type BreakPoint, type StandardTestId } from '../../core/assessment'
import { EQUIPMENT, type Equipment } from '../../core/catalogue'
import { isTrainingDay } from '../../core/calendar'
import type { Side } from '../../core/dose'
import { LIFT_IDS, type LiftId } from '../../core/programme'
import { CLEARING_ROLES, extentsFor, FLAG_IDS, type ClearingRole, type FlagId } from '../../core/screening'
import { amount, perhaps, sex, words } from './read'

export interface ReadTrial {
  readonly test: StandardTestId
  readonly side: Side | null
  readonly value: number
  readonly breakPoint: BreakPoint
  readonly day: string
  readonly takenBy: string | null
}
interface ReadAssessment {
  readonly sex: 'female' | 'male'
  readonly ageYears: number | null
  readonly trials: readonly ReadTrial[]
  readonly repeats: Readonly<Partial<Record<StandardTestId, readonly (readonly number[])[]>>>
}

const day = Joi.string().custom((value: string, { error }) => (isTrainingDay(value) ? value : error('any.invalid')))
  .messages({ 'any.invalid': 'A day reads YYYY-MM-DD.' })
const trial = Joi.object({
  test: Joi.valid(...TEST_IDS).required(), side: Joi.valid('left', 'right', null).default(null),
  value: Joi.number().min(0).max(20_000).required(),
  breakPoint: Joi.valid(...Object.keys(BREAK_POINTS)).default('none'),
  day: day.default('2000-01-01'), takenBy: words.allow(null).default(null),
})
/** The repeat trials of each person; what is wrong with one is said of its test. */
const people = Joi.array().items(Joi.array().items(amount))
  .error(errors => errors.map(one => Object.assign(one, { path: one.path.slice(0, 2) })) as unknown as Error)

export const assessSchema = Joi.object<ReadAssessment>({
  sex, ageYears: Joi.number().min(0).max(120).allow(null).default(null), trials: Joi.array().items(trial).required(),
  repeats: Joi.object(Object.fromEntries(TEST_IDS.map(test => [test, people]))).default({}),
}).unknown()

interface ReadLift {
  readonly lift: LiftId
  readonly percent1Rm: number
  readonly tempo: string | null
  readonly heightM: number
  readonly setUpS: number | null
  readonly noBreathHold: boolean
}

export const braceSchema = Joi.object<ReadLift>({
  lift: Joi.valid(...LIFT_IDS).required(), percent1Rm: amount.required(),
  tempo: Joi.string().allow(null).default(null), heightM: perhaps.default(1.75),
  setUpS: amount.allow(null).default(null),
  noBreathHold: Joi.boolean().default(false),
}).unknown()

export interface ReadClearance {
  readonly flag: FlagId
  readonly extent: ReturnType<typeof extentsFor>[number]
  readonly givenBy: string
  readonly role: ClearingRole
  readonly from: string
  readonly until: string | null
}
export interface ReadScreen {
  readonly flags: readonly FlagId[]
  readonly equipment: readonly Equipment[]
  readonly braceStep: number
  readonly stands: readonly string[]
  readonly rungs: Readonly<Record<string, number>>
  readonly ageYears: number | null
  /** Without a day clearances say nothing. */
  readonly day?: string
  readonly clearances?: readonly ReadClearance[]
}

const equipment = Object.keys(EQUIPMENT)
/** A list of known words; a strange one is said of the list. */
const listOf = (known: readonly string[], field: string): Joi.ArraySchema =>
  Joi.array().custom((value: string[], helpers) =>
    (value.every(one => known.includes(one)) ? value : helpers.error('any.invalid'))
  ).messages({ 'any.invalid': `${field} is a list of: ${known.join(', ')}.` })
const clearance = Joi.object({
  flag: Joi.valid(...FLAG_IDS).required(), givenBy: words.required(),
  extent: Joi.when('flag', {
    switch: FLAG_IDS.map(flag => ({ is: flag, then: Joi.valid(...extentsFor(flag)).required() })),
  }),
  role: Joi.valid(...Object.keys(CLEARING_ROLES)).required(), from: words.required(),
  until: words.allow(null).default(null),
})

export const screenSchema = Joi.object<ReadScreen>({
  flags: listOf(FLAG_IDS, 'flags').default([]), equipment: listOf(equipment, 'equipment').default(equipment),
  braceStep: Joi.number().integer().min(1).max(7).empty(null).default(1),
  stands: Joi.array().items(Joi.string()).default([]),
  rungs: Joi.object().pattern(Joi.string(), Joi.number().integer().min(1)).default({}),
  ageYears: amount.allow(null).default(null),
  clearances: Joi.array().items(clearance), day: Joi.when('clearances', { is: Joi.exist(), then: words.required() }),
}).unknown()
