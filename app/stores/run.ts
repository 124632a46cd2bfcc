import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { Today } from '~~/shared/types'
import { messageOf } from '~/api/call'
import { fetchRun, takeStandIn } from '~/api/weeks'

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

  /** The session anew, behind the page; a line that is down leaves it as it is. */
  async function refresh(): Promise<void> {
    const id = run.value?.session?.id
    const fresh = id ? await fetchRun(id).catch(() => null) : null
    if (fresh) run.value = fresh
  }
  async function takeIn(itemId: string): Promise<void> {
    const id = run.value?.session?.id
    if (id) run.value = await takeStandIn(id, itemId)
  }

  return { run, state, problem, load, refresh, takeIn }
})
