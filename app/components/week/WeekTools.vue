<script setup lang="ts">
import { markedIds } from '~/composables/week/useWeekKeys'
import type { WeekDialog } from '~/words/weekDialog'

/** What can be done with the week as a whole. */
defineProps<{ editable: boolean, marked: ReadonlySet<string> }>()
const emit = defineEmits<{ open: [dialog: WeekDialog], print: [] }>()
</script>

<template>
  <div>
    <button
      v-if="editable"
      type="button"
      class="btn btn-quiet underline underline-offset-2 no-print"
      @click="emit('open', { kind: 'session', session: null })"
    >
      + session
    </button>
    <span class="no-print">
      <button
        type="button"
        class="btn btn-quiet underline underline-offset-2"
        @click="emit('open', { kind: 'review' })"
      >
        Look through it <kbd>e</kbd>
      </button>
      <button
        type="button"
        class="btn btn-quiet underline underline-offset-2"
        @click="emit('open', { kind: 'compare' })"
      >
        Compare
      </button>
      <button
        type="button"
        class="btn btn-quiet underline underline-offset-2"
        @click="emit('print')"
      >
        Print
      </button>
      <template v-if="editable">
        <button
          type="button"
          class="btn btn-quiet underline underline-offset-2"
          @click="emit('open', { kind: 'paste' })"
        >
          Paste a routine
        </button>
        <button
          type="button"
          class="btn btn-quiet underline underline-offset-2"
          @click="emit('open', { kind: 'apply', itemIds: markedIds(marked) })"
        >
          Copy {{ marked.size > 0 ? `${marked.size} marked` : 'all' }} to others <kbd>c</kbd>
        </button>
      </template>
    </span>
  </div>
</template>
