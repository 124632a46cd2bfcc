import Joi from 'joi'
import type { Facility, GymRoom, GymRooms } from '../types'
import { count, form, id, listOf, timeOfDay, words } from './common'

/** What stands in the gym, over the version that was read. */
export const facilitySchema = form<Facility>({
  version: count('Version', 1, 1_000_000_000),
  counts: Joi.object().pattern(Joi.string().max(40), Joi.number().integer().min(0).max(500).label('Count')).required()
    .label('Equipment'),
  weights: Joi.object().pattern(
    Joi.string().max(40),
    Joi.array().items(Joi.number().greater(0).max(600).label('Weight')).max(80).unique().label('Weights'),
  ).required().label('Weights'),
})

const roomSchema = form<GymRoom>({
  id: id('Room'),
  name: words('Name', 60).disallow('').min(2),
  people: count('People at once', 1, 500),
  from: timeOfDay('Opens'),
  to: timeOfDay('Closes').custom((to: string, helpers) => {
    const [{ from }] = helpers.state.ancestors as [GymRoom]
    return from < to ? to : helpers.error('any.invalid')
  }).messages({ 'any.invalid': 'A room closes after it opens.' }),
})

/** Rooms that squads share, over the version that was read. */
export const roomsSchema = form<GymRooms>({
  version: count('Version', 1, 1_000_000_000),
  rooms: listOf('Rooms', roomSchema).max(20).unique('id').unique('name'),
})
