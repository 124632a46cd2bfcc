<script setup lang="ts">
import { daysBetween } from '~~/core/calendar'
import { inDays } from '~/words/inWords'
import ToolBar, { type Tool } from '~/components/common/ToolBar.vue'
import type { EntryInput } from '~~/shared/types'

/** What is next, and what can be done with the season as a whole. */
const props = defineProps<
  { coming: readonly EntryInput[], today: string, days: boolean, editable: boolean, report: string | null }
>()
const emit = defineEmits<{ zoom: [], add: [], shape: [], read: [], table: [], feeds: [], keys: [] }>()

const tools = computed((): Tool[] => [
  { text: props.days ? 'Weeks' : 'Days', key: 'z', run: () => emit('zoom') },
  ...(props.editable
    ? [
      { text: 'Add', key: 'a', run: () => emit('add') }, { text: 'Shape', run: () => emit('shape') },
      { text: 'Read a calendar', run: () => emit('read') },
    ]
    : []),
  { text: 'Save as CSV', run: () => emit('table') }, { text: 'Addresses', run: () => emit('feeds') },
])
</script>

<template>
  <div class="flex flex-wrap items-center gap-x-3 gap-y-1 mb-2">
    <span
      v-for="one in coming.slice(0, 3)"
      :key="one.id"
    ><b>{{ one.importance }}</b> {{ one.name }}
      <span class="text-quiet">{{ inDays(daysBetween(today, one.day)) }}</span></span>
    <span class="ml-auto flex flex-wrap gap-1.5">
      <ToolBar :tools="tools" />
      <NuxtLink
        v-if="report"
        class="btn"
        :to="report"
      >Report</NuxtLink>
      <button
        type="button"
        class="btn btn-quiet px-2"
        aria-label="Keys"
        @click="emit('keys')"
      ><kbd>?</kbd></button>
    </span>
  </div>
</template>
