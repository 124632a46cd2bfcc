import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { batteriesWith, testsWith, type OwnTest } from '~~/core/assessment'
import { AppError } from '~~/shared/errors'
import type { StoredOwnTests } from '~~/shared/types'
import { messageOf } from '~/api/call'
import * as api from '~/api/assessment'

/** The tests an organisation chooses from: ours with its own. */
export const useTestsStore = defineStore('tests', () => {
  const stored = shallowRef<StoredOwnTests>({ version: 0, tests: [] })
  const tests = computed(() => testsWith(stored.value.tests))
  const batteries = computed(() => batteriesWith(stored.value.tests))
  const state = ref<'idle' | 'loading' | 'ready' | 'failed'>('idle')
  const problem = ref('')

  async function load(): Promise<void> {
    if (state.value !== 'ready') state.value = 'loading'
    try {
      stored.value = await api.fetchOwnTests()
      state.value = 'ready'
    }
    catch (error) {
      problem.value = messageOf(error)
      state.value = 'failed'
    }
  }

  /** Stores a changed list. When somebody else stored first, theirs is shown and nothing of it is overwritten. */
  async function save(tests: readonly OwnTest[]): Promise<void> {
    try {
      stored.value = await api.saveOwnTests({ version: stored.value.version, tests })
    }
    catch (error) {
      if (error instanceof AppError && error.code === 'changedElsewhere' && error.current)
        stored.value = error.current as StoredOwnTests
      throw error
    }
  }

  return { stored, tests, batteries, state, problem, load, save }
})
