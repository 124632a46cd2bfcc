<script setup lang="ts">
import type { RosterRow } from '~~/shared/types'
import type { DragPreview } from '~/composables/week/useStripDrag'

/** What a drag would do, beside the pointer, and athletes to drop a drill on. */
defineProps<{ preview: DragPreview | null, title: string, mates: readonly RosterRow[] }>()
</script>

<template>
  <div
    v-if="preview"
    class="fixed z-50 pointer-events-none bg-ink text-paper px-2 py-1 rounded text-[0.9em]"
    :style="{ left: `${preview.x + 12}px`, top: `${preview.y + 12}px` }"
    aria-hidden="true"
  >
    {{ title ? `${title}, ` : '' }}{{ preview.text }}
  </div>
  <ul
    v-if="mates.length > 0"
    class="fixed inset-x-0 bottom-0 z-40 bg-ink text-chalk p-3 flex flex-wrap gap-2"
    aria-hidden="true"
  >
    <li class="font-semibold">
      Drop on an athlete to copy:
    </li>
    <li
      v-for="row in mates"
      :key="row.athlete.id"
      class="border border-chalk rounded px-2 py-0.5"
      :data-mate="row.athlete.id"
      :data-name="row.athlete.name"
    >
      {{ row.athlete.name }}
    </li>
  </ul>
</template>
