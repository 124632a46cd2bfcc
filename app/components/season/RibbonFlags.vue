<script setup lang="ts">
import { daysBetween } from '~~/core/calendar'
import { withRoom } from '~/drawing/ribbonLayout'
import { dayMonth } from '~/words/inWords'
import type { EntryInput } from '~~/shared/types'

/** Competitions as flags on the line, the higher the more they matter, with their days of travel. */
const props = defineProps<{
  entries: readonly EntryInput[]
  startsOn: string
  width: number
  dayPx: number
  /** Where the poles stand on, and where they end. */
  top: number
  keel: number
  /** The flag that is being dragged, and how far. */
  held: string | null
  shiftDays: number
}>()
const emit = defineEmits<{ grab: [event: PointerEvent, entryId: string], open: [entryId: string] }>()
const POLE = { A: 54, B: 40, C: 26 } as const

const x = (day: string): number => daysBetween(props.startsOn, day) * props.dayPx
const competitions = computed(() =>
  props.entries.filter(e => e.kind === 'competition' && x(e.day) >= 0 && x(e.day) < props.width)
)
const flags = computed(() =>
  withRoom(competitions.value.map(e => ({ ...e, x: x(e.day), text: e.name })), props.width, 6.4)
)
const travel = computed(() =>
  competitions.value.flatMap(e => [
    ...(e.travelBefore > 0
      ? [{ id: `${e.id}<`, x: x(e.day) - e.travelBefore * props.dayPx, w: e.travelBefore * props.dayPx }]
      : []),
    ...(e.travelAfter > 0 ? [{ id: `${e.id}>`, x: x(e.lastDay) + props.dayPx, w: e.travelAfter * props.dayPx }] : []),
  ])
)
</script>

<template>
  <g>
    <rect
      v-for="t in travel"
      :key="t.id"
      :x="t.x"
      :y="keel - 6"
      :width="t.w"
      height="4"
      fill="var(--color-signal)"
      opacity="0.55"
    />
    <g
      v-for="flag in flags"
      :key="flag.id"
      :transform="`translate(${flag.x + dayPx / 2 + (held === flag.id ? shiftDays * dayPx : 0)} 0)`"
      class="cursor-grab touch-none"
      role="button"
      :data-entry="flag.id"
      :tabindex="0"
      :aria-label="`${flag.name}, importance ${flag.importance}, ${dayMonth(flag.day)}. Open`"
      @pointerdown="emit('grab', $event, flag.id)"
      @keydown.enter.prevent="emit('open', flag.id)"
      @keydown.space.prevent="emit('open', flag.id)"
    >
      <rect
        x="-6"
        :y="top - POLE[flag.importance ?? 'C']"
        width="26"
        :height="keel - top + POLE[flag.importance ?? 'C']"
        fill="transparent"
      />
      <line
        x1="0"
        x2="0"
        :y1="top - POLE[flag.importance ?? 'C']"
        :y2="keel"
        stroke="var(--color-signal)"
        stroke-width="1.5"
      />
      <rect
        x="0"
        :y="top - POLE[flag.importance ?? 'C']"
        width="14"
        height="15"
        :fill="flag.importance === 'A' ? 'var(--color-signal)' : 'var(--color-paper)'"
        stroke="var(--color-signal)"
        stroke-width="1.5"
      />
      <text
        x="7"
        :y="top - POLE[flag.importance ?? 'C'] + 11.5"
        text-anchor="middle"
        class="text-[11px] font-bold"
        :class="flag.importance === 'A' ? 'fill-paper' : 'fill-signal-ink'"
      >{{ flag.importance }}</text>
      <text
        x="18"
        :y="top - POLE[flag.importance ?? 'C'] + 11.5"
        class="fill-ink text-[11.5px]"
      >{{ held === flag.id && shiftDays !== 0 ? `${shiftDays > 0 ? '+' : ''}${shiftDays} d` : flag.shown }}</text>
    </g>
  </g>
</template>
