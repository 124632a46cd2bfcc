import Joi from 'joi'
import { BODY_PLACES, BREAK_POINTS } from '~~/core/assessment'
import { DOSE_UNITS, parseTempo, type Dose } from '~~/core/dose'
import {
  LIFT_IDS, liftAmountMost, liftFacts, SLOTS, type Circuit, type PlannedLift, type PlannedSession, type TrunkItem,
  type WeekPlan,
} from '~~/core/programme'
import type { SetLogInput } from '../types'
import { choice, count, form, id, isoDay, listOf, words } from './common'

const key = (label: string): Joi.StringSchema => Joi.string().min(1).max(120).required().label(label)
const tempo = Joi.string().label('Tempo').custom((value: string, helpers) => {
  try {
    parseTempo(value)
    return value
  }
  catch {
    return helpers.error('string.pattern.base')
  }
}).messages({ 'string.pattern.base': 'Write tempo as four numbers of seconds, for example 3-0-3-0.' })

export const doseSchema = form<Dose>({
  sets: count('Sets', 1, 10),
  amount: Joi.number().min(1).max(600).required().label('Amount'),
  unit: choice('Unit', DOSE_UNITS),
  tempo: tempo.optional(),
  restS: Joi.number().min(0).max(600).required().label('Rest'),
})

export const settingSchema = Joi.object({
  loadKg: Joi.number().min(0).max(500).label('Load'),
  bandN: Joi.number().min(0).max(2000).label('Band tension'),
  distanceCm: Joi.number().min(0).max(10000).label('Distance'),
  heightCm: Joi.number().min(0).max(300).label('Height'),
  stance: Joi.string().allow('').max(60).label('Stance'),
}).required().label('Setting')

const liftSchema = form<PlannedLift>({
  id: key('Lift'),
  lift: choice('Lift', LIFT_IDS),
  sets: count('Sets', 1, 12),
  reps: count('Reps', 1, liftAmountMost('farmersWalk')).when('lift', {
    is: Joi.valid(...LIFT_IDS.filter(id => !liftFacts(id).counted)),
    then: Joi.number().max(liftAmountMost('backSquat')),
  }),
  percent1Rm: Joi.number().min(20).max(100).required().label('% of 1RM'),
})

const itemSchema = form<TrunkItem>({
  id: key('Item'),
  variationId: key('Drill'),
  dose: doseSchema,
  slot: choice('Place', Object.keys(SLOTS)),
  pairedWith: Joi.string().max(120).allow(null).required().label('Paired with'),
  extraSetSide: Joi.string().valid('left', 'right').allow(null).required().label('Extra set'),
  setting: settingSchema,
  why: words('Reason', 500),
  kept: Joi.valid(true).optional().label('Kept'),
  note: words('Note', 500).optional(),
  circuit: Joi.string().min(1).max(120).optional().label('Circuit'),
  between: Joi.valid(true).optional().label('Between rounds'),
  rounds: listOf(
    'Rounds',
    Joi.object({
      variationId: key('Drill'),
      fallbackId: Joi.string().max(120).allow(null).required().label('Fallback'),
    }),
  ).max(10).optional(),
})

const circuitSchema = form<Circuit>({
  id: key('Circuit'),
  rounds: count('Rounds', 1, 10),
  times: Joi.number().integer().min(1).max(3).optional().label('Times in a row'),
  workS: count('Work', 5, 300),
  restS: count('Rest', 0, 300),
  roundRestS: count('Rest between rounds', 0, 600),
  sides: choice('Sides', ['split', 'own']),
})

export const sessionSchema = form<PlannedSession>({
  id: key('Session'),
  day: count('Day', 0, 6),
  minutes: count('Minutes', 5, 240),
  lifts: listOf('Lifts', liftSchema).max(10).unique('id'),
  items: listOf('Drills', itemSchema).max(30).unique('id'),
  warmUpMinutes: Joi.number().integer().min(0).max(30).optional().label('Warm-up'),
  coolDownMinutes: Joi.number().integer().min(0).max(30).optional().label('Cool-down'),
  circuits: listOf('Circuits', circuitSchema).max(4).unique('id').optional(),
  note: words('Note', 1000).optional(),
  supervised: Joi.boolean().optional().label('Supervised'),
})

export const planSchema = form<WeekPlan>({
  sessions: listOf('Sessions', sessionSchema).max(14).unique('id'),
})

export const saveWeekSchema = form<{ version: number, plan: WeekPlan }>({
  version: count('Version', 0, 1_000_000_000),
  plan: planSchema,
})

export const assignSchema = form<{ version: number, reason: string }>({
  version: count('Version', 1, 1_000_000_000), reason: Joi.string().allow('').max(300).default('').label('Reason'),
})

export const standInSchema = form<{ itemId: string }>({ itemId: id('Drill') })

export const swapSchema = form<{ itemId: string, variationId: string }>({
  itemId: id('Drill'), variationId: key('Drill instead'),
})

/** Sessions with their lifts, to be filled. */
export const proposeSchema = form<{ sessions: PlannedSession[] }>({
  sessions: listOf('Sessions', sessionSchema).max(14).unique('id'),
})

export const setLogSchema = form<SetLogInput>({
  id: id('Key'),
  prescribedItemId: id('Drill'),
  variationId: Joi.string().max(120).optional().label('Option taken'),
  day: isoDay('Day'),
  performedAt: Joi.string().isoDate().required().label('Time'),
  setNumber: count('Set', 1, 30),
  side: Joi.string().valid('left', 'right').allow(null).required().label('Side'),
  amount: Joi.number().min(0).max(3600).required().label('Amount'),
  breakPoint: choice('What ended it', Object.keys(BREAK_POINTS)),
  setting: settingSchema,
  feltAt: listOf('Where it was felt', Joi.string().valid(...Object.keys(BODY_PLACES)).label('Place')).unique().max(10),
  effort: Joi.number().min(0).max(10).allow(null).required().label('Effort'),
  painAt: Joi.string().valid(...Object.keys(BODY_PLACES)).allow(null).required().label('Where it hurt'),
  note: words('Note', 500),
  quality: Joi.number().integer().min(1).max(10).allow(null).optional().label('Quality'),
  corrects: Joi.string().uuid().allow(null).optional().label('The set it puts right'),
})

export const setLogsSchema = form<{ logs: SetLogInput[] }>({
  logs: listOf('Sets', setLogSchema).min(1).max(100),
})
