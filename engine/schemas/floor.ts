import Joi, { type Schema } from 'joi'
import { amount, words } from './read'

interface Limit {
  readonly atOnce: number
  readonly narrow: readonly { readonly from: number, readonly to: number | null, readonly atOnce: number }[]
}

interface ReadBlock {
  readonly id: string
  readonly stations: readonly string[]
  readonly minutes: number
  readonly watched: boolean
  readonly partner: boolean
}

/** A room in minutes. */
export interface ReadRoom {
  readonly stations: readonly (Limit & { readonly id: string })[]
  readonly athletes: readonly {
    readonly id: string
    readonly from: number
    readonly until: number | null
    readonly order: 'strict' | 'loose'
    readonly blocks: readonly ReadBlock[]
  }[]
  readonly coach: Limit | null
  readonly moveMinutes: number
  readonly apart: readonly (readonly [string, string])[]
  readonly steps?: number
}

type ReadEvent =
  | { readonly kind: 'late', readonly athlete: string, readonly from: number }
  | { readonly kind: 'leaves', readonly athlete: string, readonly until: number }
  | { readonly kind: 'absent', readonly athlete: string }
  | { readonly kind: 'stationOut', readonly station: string, readonly atOnce: number, readonly until: number | null }
  | { readonly kind: 'takes', readonly block: string, readonly minutes: number }
  | { readonly kind: 'swap', readonly block: string, readonly stations: readonly string[], readonly minutes: number }
  | { readonly kind: 'dropped', readonly block: string }

export interface ReadTimetableRepair {
  readonly room: ReadRoom
  readonly timetable: readonly { readonly block: string, readonly start: number, readonly helper: string | null }[]
  readonly now: number
  readonly events: readonly ReadEvent[]
}

/** Minutes, in halves. */
const minutes = amount.multiple(0.5).min(0).max(1440).messages({
  'number.multiple': '{#label} goes in half minutes.', 'number.max': '{#label} is at most a day.',
})
const some = minutes.greater(0).messages({ 'number.greater': '{#label} is half a minute at least.' })
const stations = Joi.array().items(words).min(1).unique()
const atOnce = amount.integer().min(0).max(200)
const narrow = Joi.array().items(Joi.object({
  from: minutes.required(), to: minutes.allow(null).required(), atOnce: atOnce.required(),
})).default([])
const block = Joi.object({
  id: words.required(), stations: stations.required(), minutes: some.required(), watched: Joi.boolean().default(false),
  partner: Joi.boolean().default(false),
})

const room = {
  stations: Joi.array().items(Joi.object({ id: words.required(), atOnce: atOnce.default(1), narrow })).required(),
  athletes: Joi.array().items(Joi.object({
    id: words.required(), from: minutes.default(0), until: minutes.allow(null).default(null),
    order: Joi.valid('strict', 'loose').default('strict'), blocks: Joi.array().items(block).required(),
  })).max(100).required(),
  coach: Joi.object({ atOnce: atOnce.required(), narrow }).allow(null).default(null),
  moveMinutes: minutes.default(0),
  apart: Joi.array().items(Joi.array().items(words).length(2)).default([]),
  steps: amount.integer().min(0).max(1_000_000),
}

const event = (kind: string, rest: Readonly<Record<string, Schema>>): Schema =>
  Joi.object({ kind: Joi.valid(kind).required(), ...rest })
const events = Joi.array().items(Joi.alternatives().conditional('.kind', {
  switch: [
    { is: 'late', then: event('late', { athlete: words.required(), from: minutes.required() }) },
    { is: 'leaves', then: event('leaves', { athlete: words.required(), until: minutes.required() }) },
    { is: 'absent', then: event('absent', { athlete: words.required() }) },
    {
      is: 'stationOut', then: event('stationOut', {
        station: words.required(), atOnce: atOnce.default(0), until: minutes.allow(null).default(null),
      }),
    },
    { is: 'takes', then: event('takes', { block: words.required(), minutes: some.required() }) },
    {
      is: 'swap',
      then: event('swap', { block: words.required(), stations: stations.required(), minutes: some.required() }),
    },
    { is: 'dropped', then: event('dropped', { block: words.required() }) },
  ],
  otherwise: Joi.object({
    kind: Joi.valid('late', 'leaves', 'absent', 'stationOut', 'takes', 'swap', 'dropped').required(),
  }).unknown(),
}))

export const timetableSchema = Joi.object<ReadRoom>(room).unknown()

export const timetableRepairSchema = Joi.object<ReadTimetableRepair>({
  room: Joi.object(room).required(),
  timetable: Joi.array().items(Joi.object({
    block: words.required(), start: minutes.required(), helper: words.allow(null).default(null),
  }).unknown()).required(),
  now: minutes.required(), events: events.required(),
}).unknown()
