import Joi from 'joi'
import type { PlannerItem, WeekInstance } from '../../core/planner'
import { restBetweenHighDoses, weekRepeats } from '../../core/rules'
import { amount, amounts, perhaps, words } from './read'

/** A number where nothing was said: no limit. */
const NO_LIMIT = 1_000_000

export interface ReadSlot {
  readonly id: string
  readonly capS?: number
  readonly items?: number
  readonly fatigue?: number
  readonly paired: boolean
  readonly activation: boolean
}
export interface ReadSession {
  readonly id: string
  readonly day: number
  readonly kind: 'training' | 'dayBefore' | 'competition'
  readonly capS: number
  readonly workCapS?: number
  readonly items: number
  readonly slots: readonly ReadSlot[]
  readonly lifts: Readonly<Record<string, number>>
}
interface ReadDose {
  readonly sets: number
  readonly seconds: number
  readonly demand: Readonly<Record<string, number>>
  readonly fatigue: number
  readonly cycles: number
}
/** Doses written out, or the sets there are with what one set is. */
export interface ReadVariation {
  readonly id: string
  readonly group?: string
  readonly doses?: readonly ReadDose[]
  readonly sets?: readonly number[]
  readonly perSet?: Omit<ReadDose, 'sets' | 'cycles'>
  readonly spineCost: number
  readonly planes: readonly string[]
  readonly slots?: readonly string[]
  readonly ballistic: boolean
  readonly cost: number
  readonly slotCosts: Readonly<Record<string, number>>
  readonly removed?: { readonly rule: string, readonly text: string }
  readonly not: readonly { session: string, slot: string, rule: string, text: string }[]
}
/** Where a session has one place only it need not be named. */
export type ReadItem = Omit<PlannerItem, 'slot'> & { readonly slot?: string }
export interface ReadWeek extends Omit<WeekInstance, 'actions' | 'sessions' | 'variations' | 'locks'> {
  readonly actions?: readonly string[]
  readonly sessions: readonly ReadSession[]
  readonly variations: readonly ReadVariation[]
  readonly locks: {
    readonly keep: readonly ReadItem[]
    readonly never: readonly string[]
    readonly only: Readonly<Record<string, readonly string[]>>
  }
  readonly wallS: number
}

const names = Joi.array().items(words)
const why = { rule: words.required(), text: Joi.string().allow('').default('') }

const slot = Joi.object({
  id: words.required(), capS: amount, items: amount, fatigue: amount, paired: Joi.boolean().default(false),
  activation: Joi.boolean().default(false),
})
const session = Joi.object({
  id: words.required(), day: amount.required(),
  kind: Joi.valid('training', 'dayBefore', 'competition').default('training'),
  capS: perhaps.default(NO_LIMIT), workCapS: amount, items: perhaps.default(NO_LIMIT), lifts: amounts,
  slots: Joi.array().items(slot).default([{ id: 'any', paired: false, activation: false }]),
})

const work = { seconds: amount.required(), demand: amounts, fatigue: perhaps.default(0) }
/** Where doses are written out nothing else is asked. */
const unlessDoses = (schema: Joi.Schema): Joi.Schema =>
  schema.when('doses', { is: Joi.exist(), then: Joi.optional(), otherwise: Joi.required() })
const variation = Joi.object({
  id: words.required(), group: words,
  doses: Joi.array().items(Joi.object({ sets: amount.required(), ...work, cycles: perhaps.default(0) })),
  sets: unlessDoses(Joi.array().items(Joi.number().integer())), perSet: unlessDoses(Joi.object(work)),
  spineCost: perhaps.default(0), planes: names.default([]), slots: names, ballistic: Joi.boolean().default(false),
  cost: perhaps.default(0), slotCosts: amounts, removed: Joi.object(why),
  not: Joi.array().items(Joi.object({ session: words.required(), slot: words.required(), ...why })).default([]),
})

const item = Joi.object({
  variation: words.required(), session: words.required(), slot: words, sets: amount.required(),
})
const band = Joi.object({ low: amount.required(), high: amount.required(), weight: amount, over: amount })

export const weekSchema = Joi.object<ReadWeek>({
  actions: names, bands: Joi.object().pattern(Joi.string(), band).default({}),
  sessions: Joi.array().items(session).required(), variations: Joi.array().items(variation).required(),
  limits: Joi.object({
    appearances: amount.default(weekRepeats.value), restHours: amount.default(restBetweenHighDoses.value.hours),
    distinct: amount, spineCost: amount, cycles: amount, highOver: amount, groupPerWeek: amount,
  }).default({ appearances: weekRepeats.value, restHours: restBetweenHighDoses.value.hours }),
  planes: amounts, penalties: amounts, preference: amounts, resisting: names, previous: names,
  keep: perhaps.default(0),
  locks: Joi.object({
    keep: Joi.array().items(item).default([]), never: names.default([]),
    only: Joi.object().pattern(Joi.string(), names).default({}),
  }).default({ keep: [], never: [], only: {} }),
  wallS: Joi.number().greater(0).max(600).default(10),
})

export const evaluateSchema = Joi.object<{ instance: ReadWeek, plan: readonly ReadItem[] }>({
  instance: weekSchema.required(), plan: Joi.array().items(item).required(),
})
