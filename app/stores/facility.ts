import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { EQUIPMENT, type Equipment } from '~~/core/catalogue'
import type { Facility } from '~~/shared/types'
import { fetchFacility, saveFacility } from '~/api/facility'
import { reading } from './parts/reading'

type Equipped = Pick<Facility, 'counts' | 'weights'>

/** What stands in the gym, with counts. */
export const useFacilityStore = defineStore('facility', () => {
  const facility = ref<Facility>({ version: 0, counts: {}, weights: {} })
  const counts = computed(() => facility.value.counts)
  /** What drills can be done with; parts of the room are no equipment. */
  const equipment = computed(() =>
    Object.keys(facility.value.counts).filter(key => Object.hasOwn(EQUIPMENT, key)) as Equipment[])
  const { state, problem, read, again } = reading()

  const load = (): Promise<void> => read(async () => {
    facility.value = await fetchFacility()
  })

  /** Saves over the version that was read, or over one that a clash has shown. */
  async function save(next: Equipped, version = facility.value.version): Promise<void> {
    facility.value = await saveFacility({ version, ...next })
  }

  return { facility, counts, equipment, state, problem, again, load, save }
})
