import { threeWay, type Choices } from '~~/core/merge'
import type { GymRoom, GymRooms } from '~~/shared/types'

const byId = (rooms: readonly GymRoom[]): Record<string, GymRoom> =>
  Object.fromEntries(rooms.map(room => [room.id, room]))
const inWords = (room: GymRoom | undefined): string =>
  (room ? `${room.name}, ${room.people} people, ${room.from}–${room.to}` : 'taken out')

/** Two accounts of the rooms: what clashes, room by room, and the account that comes of a choice. */
export function roomsClash(start: readonly GymRoom[], mine: readonly GymRoom[], current: GymRooms) {
  const versions = [byId(start), byId(mine), byId(current.rooms)] as const
  const [, own, theirs] = versions
  const { conflicts, theirs: others } = threeWay(...versions)
  return {
    who: 'Another coach', version: current.version, theirs: current.rooms,
    rows: conflicts.map(id => ({
      key: id, what: (own[id] ?? theirs[id])?.name ?? 'A room', mine: inWords(own[id]), theirs: inWords(theirs[id]),
    })),
    others: others.map(id => inWords(theirs[id])),
    chosen: (choices: Choices): readonly GymRoom[] =>
      Object.values(threeWay(...versions, choices).merged as Record<string, GymRoom | undefined>)
        .filter(room => room !== undefined),
  }
}
