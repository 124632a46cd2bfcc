import type { GymRooms } from '~~/shared/types'
import { json, type Tx } from './rows'

/** The rooms of an organisation with the version of them as a whole. */
export async function roomsOf(tx: Tx, organisationId: string): Promise<GymRooms> {
  const row = await tx('organisation').where({ id: organisationId })
    .first<{ rooms: GymRooms['rooms'], rooms_version: number }>('rooms', 'rooms_version')
  return { version: row.rooms_version, rooms: row.rooms }
}

/** Stores rooms over the version that was read; false when another write came first. */
export async function setRooms(tx: Tx, organisationId: string, { version, rooms }: GymRooms): Promise<boolean> {
  const changed = await tx('organisation').where({ id: organisationId, rooms_version: version })
    .update({ rooms: json(rooms), rooms_version: version + 1 })
  return changed > 0
}
