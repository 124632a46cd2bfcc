<script setup lang="ts">
import type { Variation } from '~~/core/catalogue'
import type { Conflict } from '~~/core/rules'
import { LABEL_FIGURE_PX, type stripLayout } from '~/drawing/stripLayout'
import DrillFigure from '~/components/drill/DrillFigure.vue'
import PlaneMark from '~/components/plane/PlaneMark.vue'

/** One drill on a session's line: its bar of planes under the line, its name and dose below, joined by a thread. */
defineProps<{
  place: ReturnType<typeof stripLayout>['items'][number]
  drill: Variation | null
  /** The gravest thing against it. */
  broken: Conflict | undefined
  selected: boolean
  marked: boolean
  editable: boolean
  lineY: number
  rowPx: number
}>()
const emit = defineEmits<{ select: [], mark: [] }>()
</script>

<template>
  <div
    class="absolute touch-none"
    :class="editable ? 'cursor-grab' : ''"
    :style="{ left: `${place.barX}px`, top: `${lineY + 2}px` }"
    :data-item="editable ? place.item.id : undefined"
    aria-hidden="true"
    @click="emit('select')"
  >
    <PlaneMark
      :shares="drill?.shares ?? {}"
      :width="place.barWidth"
      :height="13"
    />
  </div>
  <svg
    class="absolute overflow-visible pointer-events-none"
    width="1"
    height="1"
    :style="{ left: `${place.barX + 2}px`, top: `${lineY + 15}px` }"
    aria-hidden="true"
  ><path
    :d="`M0 0v3h${place.labelX - place.barX + 2}v${4 + place.row * rowPx}`"
    fill="none"
    stroke="var(--color-quiet)"
    stroke-width="0.8"
  /></svg>
  <button
    type="button"
    class="absolute text-left leading-[1.2] pr-1 rounded-sm touch-none bg-chalk z-[1] flex items-center"
    :class="[
      selected ? 'outline-2 outline-signal bg-paper z-[2]' : 'hover:bg-paper',
      marked ? 'border-l-4 border-ink' : '',
      editable ? 'cursor-grab' : '',
    ]"
    :style="{
      left: `${place.labelX}px`,
      top: `${lineY + 22 + place.row * rowPx}px`, maxWidth: `${place.labelWidth}px` }"
    :aria-pressed="selected"
    :title="`${place.name}, ${place.dose}`"
    :data-item="editable ? place.item.id : undefined"
    @click="$event.ctrlKey || $event.metaKey ? emit('mark') : emit('select')"
  >
    <DrillFigure
      :drill="drill"
      :width="LABEL_FIGURE_PX"
      :height="32"
      small
    />
    <span class="min-w-0">
      <span class="block font-semibold truncate">
        <span
          v-if="broken"
          class="inline-block bg-signal text-paper rounded-full size-4 text-center text-[0.8em] leading-4"
          :title="broken.text"
        >{{ broken?.blocks ? '×' : '!' }}<span class="sr-only">
          {{ broken.text }}</span></span>
        <s v-if="broken?.blocks">{{ place.name }}</s><template v-else>
          {{ place.name }}
        </template>
      </span>
      <span class="block figure text-[0.88em] text-quiet whitespace-nowrap">{{ place.dose }}</span>
    </span>
  </button>
</template>
