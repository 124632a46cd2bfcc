<script setup lang="ts">
import { BREATH_PATTERNS } from '~~/core/catalogue'
import type { PrescribedItem } from '~~/shared/types'

/** What to think of, when to stop, how to breathe: what stands beside the clock. */
defineProps<{ item: PrescribedItem }>()
</script>

<template>
  <ul class="mb-3 flex flex-col gap-1">
    <li><b>Cue:</b> {{ item.cueFirst === 'inside' ? item.cues.inside
      : item.cues.outside }}</li>
    <li
      v-for="note in item.notes ?? []"
      :key="note"
    >
      {{ note }}
    </li>
    <li><b>Stop when:</b> {{ item.stopSign }}</li>
    <li>
      <b>Breath:</b> {{ BREATH_PATTERNS[item.breath] }}.<template v-if="item.breathWhy">
        {{ item.breathWhy }}
      </template>
    </li>
  </ul>
</template>
