<script setup lang="ts">
import ToolBar, { type Tool } from '~/components/common/ToolBar.vue'
import { markedIds } from '~/composables/week/useWeekKeys'
import type { WeekDialog } from '~/words/weekDialog'

/** What can be done with the week as a whole. */
const props = defineProps<{ editable: boolean, marked: ReadonlySet<string> }>()
const emit = defineEmits<{ open: [dialog: WeekDialog], print: [] }>()

const quiet = (text: string, run: () => void, key?: string): Tool =>
  ({ text, look: 'quiet', run, ...(key ? { key } : {}) })
const opens = (text: string, dialog: () => WeekDialog, key?: string): Tool =>
  quiet(text, () => emit('open', dialog()), key)
const ofEditors = computed((): Tool[] => (props.editable
  ? [
    opens('Paste a routine', () => ({ kind: 'paste' })),
    opens(`Copy ${props.marked.size > 0 ? `${props.marked.size} marked` : 'all'} to others`,
      () => ({ kind: 'apply', itemIds: markedIds(props.marked) }), 'c'),
  ]
  : [])
)
const tools = computed((): Tool[] => [
  ...(props.editable ? [opens('+ session', () => ({ kind: 'session', session: null }))] : []),
  opens('Look through it', () => ({ kind: 'review' }), 'e'), opens('Compare', () => ({ kind: 'compare' })),
  quiet('Print', () => emit('print')), ...ofEditors.value,
])
</script>

<template>
  <div class="no-print">
    <ToolBar :tools="tools" />
  </div>
</template>
