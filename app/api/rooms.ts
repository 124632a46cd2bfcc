import type { GymRooms } from '~~/shared/types'
import { keptCall } from './keptCall'
import { write } from './writes'

export const fetchRooms = (): Promise<GymRooms> => keptCall('/api/rooms')
export const saveRooms = (rooms: GymRooms): Promise<GymRooms> => write('The rooms', 'PUT', '/api/rooms', rooms)
