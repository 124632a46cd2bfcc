import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Facility } from '~~/shared/types'
import { messageOf } from '~/api/call'
import * as people from '~/api/people'

/** What stands in the gym, with counts. */
export const useFacilityStore = defineStore('facility', () => {
  const facility = ref<Facility>({ version: 0, counts: {} })
  const counts = computed(() => facility.value.counts)
  const state = ref<'idle' | 'loading' | 'ready' | 'failed'>('idle')
  const problem = ref('')

  async function load(): Promise<void> {
    if (state.value !== 'ready') state.value = 'loading'
    try {
      facility.value = await people.fetchFacility()
      state.value = 'ready'
    }
    catch (error) {
      problem.value = messageOf(error)
      state.value = 'failed'
    }
  }

  /** Saves over the version that was read, or over one that a clash has shown. */
  async function save(next: Readonly<Record<string, number>>, version = facility.value.version): Promise<void> {
    facility.value = await people.saveFacility({ version, counts: next })
  }

  return { facility, counts, state, problem, load, save }
})
