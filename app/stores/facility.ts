import { defineStore } from 'pinia'
import { ref } from 'vue'
import { messageOf } from '~/api/call'
import * as people from '~/api/people'

/** What stands in the gym, with counts. */
export const useFacilityStore = defineStore('facility', () => {
  const counts = ref<Readonly<Record<string, number>>>({})
  const state = ref<'idle' | 'loading' | 'ready' | 'failed'>('idle')
  const problem = ref('')

  async function load(): Promise<void> {
    if (state.value !== 'ready') state.value = 'loading'
    try {
      counts.value = await people.fetchFacility()
      state.value = 'ready'
    }
    catch (error) {
      problem.value = messageOf(error)
      state.value = 'failed'
    }
  }

  async function save(next: Readonly<Record<string, number>>): Promise<void> {
    counts.value = await people.saveFacility(next)
  }

  return { counts, state, problem, load, save }
})
