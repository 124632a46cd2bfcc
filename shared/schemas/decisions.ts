import Joi from 'joi'
import type { DecisionInput } from '../types'
import { choice, form, id, isoDay, listOf, words } from './common'

const decisionSchema = form<DecisionInput>({
  id: id('Key'),
  athleteId: id('Athlete'),
  branch: Joi.string().min(1).max(120).required().label('Branch'),
  kind: choice('Decision', ['refer', 'swap', 'down', 'up', 'more', 'stay']),
  evidenceDay: isoDay('Day'),
  way: Joi.number().integer().min(0).max(9).allow(null).required().label('Way'),
  reason: words('Reason', 300),
})

export const decisionsSchema = form<{ decisions: DecisionInput[] }>({
  decisions: listOf('Decisions', decisionSchema).min(1).max(400),
})
