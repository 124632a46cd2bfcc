import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { SportEdit, SportProfileId } from '~~/core/programme'
import { storedFirst } from '~~/shared/errors'
import type { StoredSports } from '~~/shared/types'
import * as api from '~/api/planning'
import { reading } from './parts/reading'

/** What the organisation says otherwise about sports. */
export const useSportsStore = defineStore('sports', () => {
  const stored = shallowRef<StoredSports>({ version: 0, edits: {} })
  const { state, problem, read, again } = reading()

  const load = (): Promise<void> => read(async () => {
    stored.value = await api.fetchSports()
  })

  /** Stores one sport anew, null: ours again. When somebody else stored first, theirs is shown, nothing overwritten. */
  async function save(id: SportProfileId, edit: SportEdit | null): Promise<void> {
    const { version, edits: { [id]: _, ...others } } = stored.value
    try {
      stored.value = await api.saveSports({ version, edits: edit ? { ...others, [id]: edit } : others })
    }
    catch (error) {
      stored.value = storedFirst<StoredSports>(error) ?? stored.value
      throw error
    }
  }

  return { stored, state, problem, again, load, save }
})
