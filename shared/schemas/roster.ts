import Joi from 'joi'
import { ROSTER_MOST } from '../rosterMost'
import { ROSTER_SORTS, type RosterQuery } from '../types'
import { form } from './common'

/** Which part of the roster, in an address. */
export const rosterQuerySchema = form<RosterQuery>({
  find: Joi.string().trim().allow('').max(80).label('Find'),
  group: Joi.string().guid().label('Group'),
  archived: Joi.boolean().label('Archived'),
  sort: Joi.string().valid(...ROSTER_SORTS).label('Order'),
  down: Joi.boolean().label('Downwards'),
  after: Joi.string().base64({ urlSafe: true, paddingRequired: false }).max(600).label('Page'),
  most: Joi.number().integer().min(1).max(ROSTER_MOST).label('Rows'),
})

/** Whose trials, in an address: a squad's, or everybody's at hand. */
export const squadQuerySchema = form<{ group?: string }>({ group: Joi.string().guid().label('Group') })
