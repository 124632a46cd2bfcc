<script setup lang="ts">
import type { Group } from '~~/shared/types'

/** Which squad the rooms are about, where there are more athletes in sight than a room can show. */
defineProps<{ groups: readonly Group[], chosen: string | null, shown: number, more: boolean }>()
const emit = defineEmits<{ take: [id: string | null] }>()
</script>

<template>
  <p class="no-print flex flex-wrap items-center gap-2 mb-3 border-b border-line pb-2">
    <label
      class="font-semibold"
      for="squad-at-hand"
    >Squad at hand</label>
    <select
      id="squad-at-hand"
      class="field w-auto"
      :value="chosen ?? ''"
      @change="emit('take', ($event.target as HTMLSelectElement).value || null)"
    >
      <option value="">
        everybody
      </option>
      <option
        v-for="group in groups"
        :key="group.id"
        :value="group.id"
      >
        {{ group.name }}
      </option>
    </select>
    <span
      v-if="more"
      class="text-quiet"
      role="status"
    >The first {{ shown }} by name are at hand. Choose a squad for the others; the roster finds anybody.</span>
  </p>
</template>
