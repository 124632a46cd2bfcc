import Joi from 'joi'
import { day, evidence, type ReadEvidence } from './capacity'
import { done, type ReadDecide } from './decide'
import { athlete } from './propose'
import { amount } from './read'

interface ReadReview extends Pick<ReadDecide, 'athlete' | 'done'> {
  readonly evidence: ReadEvidence
  readonly efforts: readonly { readonly day: string, readonly effort: number, readonly minutes: number }[]
  readonly from: string
  readonly to: string
}

const effort = Joi.object({
  day: day.required(), effort: amount.min(0).max(10).required(), minutes: amount.min(1).max(600).required(),
})

export const reviewSchema = Joi.object<ReadReview>({
  athlete, evidence, done: Joi.array().items(done).required(), efforts: Joi.array().items(effort).default([]),
  from: day.required(), to: day.required(),
}).unknown()
