import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { Today } from '~~/shared/types'
import { messageOf } from '~/api/call'
import { fetchRun } from '~/api/weeks'

/** The session that is being run. */
export const useRunStore = defineStore('run', () => {
  const run = shallowRef<Today | null>(null)
  const state = ref<'idle' | 'loading' | 'ready' | 'failed'>('idle')
  const problem = ref('')

  async function load(sessionId: string): Promise<void> {
    state.value = 'loading'
    try {
      run.value = await fetchRun(sessionId)
      state.value = 'ready'
    }
    catch (error) {
      problem.value = messageOf(error)
      state.value = 'failed'
    }
  }

  return { run, state, problem, load }
})
