import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { GymRoom, GymRooms } from '~~/shared/types'
import { fetchRooms, saveRooms } from '~/api/rooms'
import { reading } from './parts/reading'

/** The rooms that squads share over a day. */
export const useRoomsStore = defineStore('rooms', () => {
  const all = ref<GymRooms>({ version: 0, rooms: [] })
  const { state, problem, read, again } = reading()
  const load = (): Promise<void> => read(async () => {
    all.value = await fetchRooms()
  })

  /** Saves over the version that was read, or over one that a clash has shown. */
  async function save(rooms: readonly GymRoom[], version = all.value.version): Promise<void> {
    all.value = await saveRooms({ version, rooms })
  }

  return { all, state, problem, again, load, save }
})
