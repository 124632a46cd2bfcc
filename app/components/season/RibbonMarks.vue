<script setup lang="ts">
import { daysBetween } from '~~/core/calendar'
import { daysOfEntry } from '~~/core/season'
import type { EntryInput } from '~~/shared/types'
import { ENTRY_NAME } from '~/words/seasonWords'

/** What stands in the calendar besides competitions: practice, matches, closed days, school; each in its own mark. */
const props = defineProps<{
  entries: readonly EntryInput[]
  startsOn: string
  width: number
  dayPx: number
  y: number
}>()
const emit = defineEmits<{ open: [entryId: string] }>()

const marks = computed(() =>
  props.entries.filter(e => e.kind !== 'competition').flatMap(entry =>
    daysOfEntry(entry).map(day => ({
      entry, x: daysBetween(props.startsOn, day) * props.dayPx, key: `${entry.id}/${day}`,
    }))
  ).filter(({ x }) => x >= 0 && x < props.width)
)
</script>

<template>
  <g>
    <g
      v-for="mark in marks"
      :key="mark.key"
      class="cursor-pointer"
      @click="emit('open', mark.entry.id)"
    >
      <title>{{ mark.entry.name }}, {{ ENTRY_NAME[mark.entry.kind] }}</title>
      <circle
        v-if="mark.entry.kind === 'practice' || mark.entry.kind === 'match'"
        :cx="mark.x + dayPx / 2"
        :cy="y + 8"
        :r="mark.entry.kind === 'match' ? 4 : 2"
        :fill="mark.entry.kind === 'match' ? 'var(--color-paper)' : 'var(--color-quiet)'"
        :stroke="mark.entry.kind === 'match' ? 'var(--color-signal)' : 'none'"
        stroke-width="2"
      />
      <path
        v-else-if="mark.entry.kind === 'closure'"
        :d="`M${mark.x} ${y + 4} l${Math.max(4, dayPx)} 8 m0 -8 l-${Math.max(4, dayPx)} 8`"
        stroke="var(--color-ink)"
        stroke-width="1.5"
      />
      <rect
        v-else
        :x="mark.x"
        :y="y + 14"
        :width="dayPx"
        height="4"
        fill="var(--color-quiet)"
      />
    </g>
  </g>
</template>
