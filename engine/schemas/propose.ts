import Joi from 'joi'
import {
  EQUIPMENT, TRUNK_ACTIONS, type Equipment, type SchoolId, type SettingValues, type TrunkAction,
} from '../../core/catalogue'
import type { Trunk } from '../../core/capacity'
import { DOSE_UNITS, type Dose, type Side } from '../../core/dose'
import { PHASE_IDS, SCHOOL_IDS, type PhaseId } from '../../core/policy'
import {
  LIFT_IDS, SLOTS, SPORT_PROFILE_IDS, type LiftId, type PlannedLift, type Slot, type SportProfileId,
} from '../../core/programme'
import { FLAG_IDS, type FlagId } from '../../core/screening'
import { evidence, trunk, type ReadEvidence } from './capacity'
import { amount, perhaps, words } from './read'

export interface ReadPropose {
  readonly athlete: Trunk & {
    readonly sport: SportProfileId
    readonly position: string
    readonly braceStep: number
    readonly stands: readonly string[]
    readonly weakLink: TrunkAction | null
    readonly weakSide: Side | null
    readonly goalVariation: string | null
    readonly goalLift: LiftId | null
    readonly flags: readonly FlagId[]
    readonly equipment: readonly Equipment[]
    readonly school: SchoolId | null
  }
  readonly evidence: ReadEvidence
  readonly phase: PhaseId
  readonly blockWeek: number
  readonly sessions: readonly {
    readonly day: number
    readonly minutes: number
    readonly lifts: readonly Omit<PlannedLift, 'id'>[]
  }[]
  readonly competitionDays: readonly number[]
  readonly before: {
    readonly sessions: readonly {
      readonly day: number
      readonly items: readonly (Dose & {
        readonly variation: string
        readonly slot: Slot
        readonly settings: SettingValues
      })[]
    }[]
  } | null
  readonly today: string
}

const nullable = (schema: Joi.Schema): Joi.Schema => schema.allow(null).default(null)
const list = (known: readonly string[]): Joi.ArraySchema => Joi.array().items(Joi.valid(...known)).default([])
const day = amount.integer().min(0).max(6).required()
/** A day without evidence of its own: what is known speaks on it. */
const LATEST = '2999-12-31'

const before = Joi.object({
  sessions: Joi.array().items(Joi.object({
    day,
    items: Joi.array().items(Joi.object({
      variation: words.required(), sets: amount.integer().min(1).max(10).required(),
      amount: amount.greater(0).required(),
      unit: Joi.valid(...DOSE_UNITS).required(), tempo: Joi.string().empty(null), restS: perhaps.default(0),
      slot: Joi.valid(...Object.keys(SLOTS)).default('after'),
      settings: Joi.object().pattern(Joi.string(), Joi.alternatives(amount, Joi.string())).default({}),
    }).unknown()).default([]),
  }).unknown()).required(),
}).unknown()

export const athlete = Joi.object({
  ...trunk, sport: Joi.valid(...SPORT_PROFILE_IDS).required(), position: Joi.string().allow('').default(''),
  braceStep: amount.integer().min(1).max(7).default(1), stands: Joi.array().items(words).default([]),
  weakLink: nullable(Joi.valid(...TRUNK_ACTIONS)), weakSide: nullable(Joi.valid('left', 'right')),
  goalVariation: nullable(words), goalLift: nullable(Joi.valid(...LIFT_IDS)), flags: list(FLAG_IDS),
  equipment: list(Object.keys(EQUIPMENT)), school: nullable(Joi.valid(...SCHOOL_IDS)),
}).unknown().required()

export const proposeSchema = Joi.object<ReadPropose>({
  athlete, evidence, phase: Joi.valid(...PHASE_IDS).required(), blockWeek: amount.integer().min(1).max(12).default(1),
  sessions: Joi.array().max(14).items(Joi.object({
    day, minutes: amount.min(0).max(300).required(),
    lifts: Joi.array().items(Joi.object({
      lift: Joi.valid(...LIFT_IDS).required(), sets: amount.integer().min(1).max(20).required(),
      reps: amount.min(1).max(100).required(), percent1Rm: amount.min(1).max(100).required(),
    }).unknown()).default([]),
  }).unknown()).required(),
  competitionDays: Joi.array().items(amount.integer().min(-1).max(8)).default([]),
  before: before.allow(null).default(null), today: Joi.string().default(LATEST),
}).unknown()
