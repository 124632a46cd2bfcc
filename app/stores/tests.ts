import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { batteriesWith, testsWith, type OwnTest } from '~~/core/assessment'
import { storedFirst } from '~~/shared/errors'
import type { StoredOwnTests } from '~~/shared/types'
import * as api from '~/api/assessment'
import { reading } from './parts/reading'

/** The tests an organisation chooses from: ours with its own. */
export const useTestsStore = defineStore('tests', () => {
  const stored = shallowRef<StoredOwnTests>({ version: 0, tests: [] })
  const tests = computed(() => testsWith(stored.value.tests))
  const batteries = computed(() => batteriesWith(stored.value.tests))
  const { state, problem, read, again } = reading()

  const load = (): Promise<void> => read(async () => {
    stored.value = await api.fetchOwnTests()
  })

  /** Stores a changed list. When somebody else stored first, theirs is shown and nothing of it is overwritten. */
  async function save(tests: readonly OwnTest[]): Promise<void> {
    try {
      stored.value = await api.saveOwnTests({ version: stored.value.version, tests })
    }
    catch (error) {
      stored.value = storedFirst<StoredOwnTests>(error) ?? stored.value
      throw error
    }
  }

  return { stored, tests, batteries, state, problem, again, load, save }
})
