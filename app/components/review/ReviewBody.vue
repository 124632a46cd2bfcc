<script setup lang="ts">
import type { Catalogue } from '~~/core/catalogue'
import { reviewText } from '~~/core/review'
import { CAPACITY_CHARTS } from '~/words/reviewWords'
import type { AthleteReview, StoredSetLog } from '~~/shared/types'
import AskedDone from './AskedDone.vue'
import CapacityPanel from './CapacityPanel.vue'
import LoadPanel from './LoadPanel.vue'
import MovedPanel from './MovedPanel.vue'
import WeekSets from './WeekSets.vue'

/** What the trunk can hold, what was asked, and what came of it. */
const props = defineProps<{
  found: AthleteReview
  catalogue: Catalogue
  /** Sets behind the weeks; null where they are not at hand. */
  logs: readonly StoredSetLog[] | null
}>()
const emit = defineEmits<{ week: [] }>()
const chosen = ref<number | null>(null)
const text = computed(() => reviewText(props.found.review))
const week = computed(() => (chosen.value === null ? null : props.found.review.weeks[chosen.value] ?? null))
function choose(index: number): void {
  chosen.value = chosen.value === index ? null : index
  emit('week')
}
</script>

<template>
  <div class="flex flex-col gap-4 on-one-page">
    <p>{{ text || 'No capacity has moved by more than a twentieth in this time.' }}</p>
    <div class="grid lg:grid-cols-2 print:grid-cols-2 gap-4">
      <CapacityPanel
        v-for="chart in CAPACITY_CHARTS"
        :key="chart.name"
        :name="chart.name"
        :ids="chart.ids"
        :review="found.review"
      />
    </div>
    <section
      class="panel min-w-0"
      aria-label="Asked and done"
    >
      <h2>
        Asked and done <span class="text-quiet font-normal text-[0.85rem]">full sets a week by plane: outlined asked,
          hatched done</span>
      </h2>
      <AskedDone
        :review="found.review"
        :phases="found.phases"
        :competitions="found.competitions"
        :chosen="chosen"
        @choose="choose"
      />
      <WeekSets
        v-if="week && logs"
        :week="week"
        :logs="logs"
        :catalogue="catalogue"
      />
    </section>
    <div class="grid lg:grid-cols-2 print:grid-cols-2 gap-4 items-start">
      <MovedPanel
        :review="found.review"
        :catalogue="catalogue"
      />
      <LoadPanel :review="found.review" />
    </div>
  </div>
</template>
