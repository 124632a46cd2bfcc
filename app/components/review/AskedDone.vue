<script setup lang="ts">
import { mondayOf } from '~~/core/calendar'
import { PLANES } from '~~/core/catalogue'
import { PHASES, type PhaseId } from '~~/core/policy'
import type { Review } from '~~/core/review'
import type { Competition } from '~~/shared/types'
import { dayMonth } from '~/words/inWords'

/** Asked and done week by week, in full sets by plane; phases and competitions stand under it. */
const props = defineProps<{
  review: Review
  phases: readonly (PhaseId | null)[]
  competitions: readonly Competition[]
  chosen: number | null
}>()
const emit = defineEmits<{ choose: [week: number] }>()

const [WEEK_PX, HIGH, BAR] = [78, 120, 22]
const most = computed(() => Math.max(1, ...props.review.weeks.flatMap(({ fullSets: { asked, done } }) =>
  [asked, done].map(of => PLANES.reduce((sum, plane) => sum + of[plane], 0)))))
const stack = (of: Review['weeks'][number]['fullSets']['asked']) => {
  let y = HIGH
  return PLANES.map((plane) => {
    const height = (of[plane] / most.value) * HIGH
    y -= height
    return { plane, y, height }
  })
}
const total = (of: Review['weeks'][number]['fullSets']['asked']): number =>
  PLANES.reduce((sum, plane) => sum + of[plane], 0)
const told = ({ startsOn, fullSets, contacts, minutes }: Review['weeks'][number]): string => [
  `Week of ${dayMonth(startsOn)}: ${total(fullSets.done).toFixed(1)} of ${total(fullSets.asked).toFixed(1)} full sets`,
  `${contacts.done} of ${contacts.asked} contacts`,
  `${Math.round(minutes.done)} of ${Math.round(minutes.asked)} minutes`,
].join(', ')
const inWeek = (monday: string): string[] => props.competitions
  .filter(({ day }) => mondayOf(day) === monday)
  .map(({ name }) => name)
</script>

<template>
  <div class="overflow-x-auto">
    <ol
      class="flex"
      aria-label="Weeks"
    >
      <li
        v-for="(week, i) in review.weeks"
        :key="week.startsOn"
        :style="{ width: `${WEEK_PX}px` }"
        class="shrink-0"
      >
        <button
          type="button"
          class="block w-full text-left"
          :aria-pressed="chosen === i"
          :class="chosen === i ? 'bg-chalk-deep' : ''"
          :aria-label="told(week)"
          @click="emit('choose', i)"
        >
          <svg
            :width="WEEK_PX"
            :height="HIGH + 4"
            aria-hidden="true"
          >
            <rect
              v-for="part in stack(week.fullSets.asked)"
              :key="`asked ${part.plane}`"
              x="8"
              :y="part.y + 2"
              :width="BAR"
              :height="part.height"
              fill="none"
              :stroke="`var(--color-${part.plane})`"
              stroke-width="1.3"
            />
            <rect
              v-for="part in stack(week.fullSets.done)"
              :key="`done ${part.plane}`"
              :x="8 + BAR + 6"
              :y="part.y + 2"
              :width="BAR"
              :height="part.height"
              :fill="`url(#hatch-${part.plane})`"
              :stroke="`var(--color-${part.plane})`"
              stroke-width="1.3"
            />
          </svg>
          <span class="figure block text-[0.85em]">{{ dayMonth(week.startsOn) }}</span>
          <span class="figure block text-[0.85em] text-quiet">{{ week.adherence === null ? '–'
            : `${Math.round(week.adherence * 100)} %` }}</span>
        </button>
        <span class="block text-[0.8em] text-quiet leading-tight">{{ phases[i] && phases[i] !== phases[i - 1]
          ? PHASES[phases[i]!].name.toLowerCase() : '' }}</span>
        <span
          v-for="name in inWeek(week.startsOn)"
          :key="name"
          class="block text-[0.8em] leading-tight font-semibold"
        >{{ name }}</span>
      </li>
    </ol>
  </div>
</template>
