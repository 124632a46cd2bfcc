import Joi from 'joi'
import { BODY_PLACES, type BodyPlace, type BreakPoint } from '../../core/assessment'
import type { SettingValues } from '../../core/catalogue'
import type { DoseUnit, Side } from '../../core/dose'
import { PHASE_IDS, type PhaseId } from '../../core/policy'
import { breakPoint, day, evidence, settings, side, tempo, unit, type ReadEvidence } from './capacity'
import { athlete, type ReadPropose } from './propose'
import { amount, words } from './read'

export interface ReadDecide {
  readonly athlete: ReadPropose['athlete']
  readonly evidence: ReadEvidence
  readonly phase: PhaseId
  readonly phaseEndsOn: string | null
  readonly competitions: readonly string[]
  readonly done: readonly {
    readonly variation: string
    readonly day: string
    readonly unit: DoseUnit
    readonly tempo: string | null
    readonly settings: SettingValues
    readonly planned: { readonly sets: number, readonly amount: number }
    readonly sets: readonly {
      readonly side: Side | null
      readonly amount: number
      readonly breakPoint: BreakPoint
      readonly effort: number | null
      readonly painAt: BodyPlace | null
    }[]
  }[]
  readonly today: string
}

/** Sessions of drills as they were planned and done. */
export const done = Joi.object({
  variation: words.required(), day: day.required(), unit, tempo, settings,
  planned: Joi.object({
    sets: amount.integer().min(1).max(10).required(), amount: amount.greater(0).max(600).required(),
  }).required(),
  sets: Joi.array().items(Joi.object({
    side, amount: amount.min(0).max(600).required(), breakPoint,
    effort: amount.min(0).max(10).allow(null).default(null),
    painAt: Joi.valid(...Object.keys(BODY_PLACES), null).default(null),
  })).min(1).required(),
})

export const decideSchema = Joi.object<ReadDecide>({
  athlete, evidence, phase: Joi.valid(...PHASE_IDS).required(), phaseEndsOn: day.allow(null).default(null),
  competitions: Joi.array().items(day).default([]), done: Joi.array().items(done).required(), today: day.required(),
}).unknown()
