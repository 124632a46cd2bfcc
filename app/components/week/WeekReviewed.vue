<script setup lang="ts">
import { slotText, type Improvement, type PlannedSession, type Slot, type WeekPlan } from '~~/core/programme'
import type { WeekReview } from '~~/shared/types'
import { useCatalogue } from '~/composables/useCatalogue'
import ReviewList from './ReviewList.vue'

/** The week seen with the engine's eyes, as soon as it has looked. */
const props = defineProps<{
  plan: WeekPlan
  review: WeekReview | null
  problem: string
  editable: boolean
  titleOf: (session: PlannedSession) => string
}>()
const emit = defineEmits<{ take: [change: Improvement], show: [itemId: string] }>()

const catalogue = useCatalogue()
const nameOfItem = (id: string): string =>
  catalogue.value.find(props.plan.sessions.flatMap(s => s.items).find(i => i.id === id)?.variationId ?? '')?.name
    ?? 'a drill'
const sessionOf = (id: string): PlannedSession | undefined => props.plan.sessions.find(s => s.id === id)
function dayOf(id: string): string {
  const found = sessionOf(id)
  return found ? props.titleOf(found) : ''
}
const placeOf = (id: string, slot: Slot): string => slotText(slot, sessionOf(id) ?? { lifts: [] })
</script>

<template>
  <p
    v-if="problem"
    class="caution"
    role="alert"
  >
    {{ problem }}
  </p>
  <p
    v-else-if="!review"
    role="status"
  >
    Looking through the week …
  </p>
  <ReviewList
    v-else
    :review="review"
    :name-of-item="nameOfItem"
    :day-of="dayOf"
    :place-of="placeOf"
    :editable="editable"
    @take="emit('take', $event)"
    @show="emit('show', $event)"
  />
</template>
