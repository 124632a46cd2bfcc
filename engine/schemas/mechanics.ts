import Joi from 'joi'
import type { BodySize } from '../../core/anatomy'
import { DOSE_UNITS, type Dose, type Side, type Sides } from '../../core/dose'
import type { BandReading } from '../../core/mechanics'
import { amount, sex } from './read'

type ReadMoments = BodySize & {
  readonly variation: string
  readonly settings: Readonly<Record<string, number>>
}

export const momentsSchema = Joi.object<ReadMoments>({
  sex, heightM: amount.required(), massKg: amount.required(), variation: Joi.string().default('all'),
  settings: Joi.object().default({}),
}).unknown()

interface ReadReactions {
  readonly contacts: readonly (readonly [number, number])[]
  readonly loadN: number
  readonly at: readonly [number, number]
}

/** A point on the ground: two numbers, metres. */
const point = Joi.array().ordered(amount.required(), amount.required())
export const reactionsSchema = Joi.object<ReadReactions>({
  contacts: Joi.array().items(point).required(), loadN: amount.required(), at: point.required(),
}).unknown()

interface ReadBand {
  readonly slackM: number
  readonly readings: readonly BandReading[]
  readonly lengthM: number
  readonly doubled: boolean
}

export const bandSchema = Joi.object<ReadBand>({
  slackM: amount.required(), lengthM: amount.required(), doubled: Joi.boolean().default(false),
  readings: Joi.array().items(Joi.object({ lengthM: amount.required(), forceN: amount.required() }).unknown())
    .required(),
}).unknown()

interface ReadDose {
  readonly dose: Dose
  readonly variation?: string
  readonly sides: Sides
  readonly extraSetSide: Side | null
  readonly momentNm?: number
  readonly as?: Omit<Dose, 'sets'>
  readonly before?: Dose
  readonly when: string
}

const work = {
  amount: amount.required(), unit: Joi.valid(...DOSE_UNITS).required(), restS: amount.default(0), tempo: Joi.string(),
}
const one = Joi.object({ sets: amount.required(), ...work }).unknown()
export const doseSchema = Joi.object<ReadDose>({
  dose: one.required(), variation: Joi.string(), sides: Joi.valid('both', 'each').default('both'),
  extraSetSide: Joi.valid('left', 'right', null).default(null), momentNm: amount,
  as: Joi.object(work).unknown(), before: one, when: Joi.string().default('before'),
}).unknown()
