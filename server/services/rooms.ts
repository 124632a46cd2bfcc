import { AppError } from '~~/shared/errors'
import type { GymRooms } from '~~/shared/types'
import { roomsOf, setRooms } from '../repositories/rooms'
import { transaction, writing, type Context } from './context'
import { record } from './record'

/** The rooms that squads share. */
export function rooms(context: Context): Promise<GymRooms> {
  return transaction(context, tx => roomsOf(tx, context.actor.organisationId))
}

/** Saves the rooms over the version that was read. */
export function saveRooms(context: Context, next: GymRooms): Promise<GymRooms> {
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    const before = await roomsOf(tx, organisationId)
    if (!await setRooms(tx, organisationId, next)) {
      throw new AppError(
        'changedElsewhere', 'Somebody else changed the rooms meanwhile.', undefined,
        await roomsOf(tx, organisationId),
      )
    }
    await record(tx, context, 'rooms.change', { before: { rooms: before.rooms }, after: { rooms: next.rooms } })
    return roomsOf(tx, organisationId)
  })
}
