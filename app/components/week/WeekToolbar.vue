<script setup lang="ts">
import { addDays } from '~~/core/calendar'
import type { TrainingWeek } from '~~/shared/types'
import { savingText, type Saving } from '~/words/savingWords'
import { weekSpan } from '~/words/inWords'

/** Which week, what can be done with all of it, and how far it is stored and assigned. */
const props = defineProps<{
  startsOn: string
  editable: boolean
  stopped: boolean
  /** Whether there is a week before to copy from. */
  before: boolean
  week: TrainingWeek
  saving: Saving
  storedAt: Date | null
  canUndo: boolean
  canRedo: boolean
}>()
const emit = defineEmits<{
  go: [monday: string]
  propose: []
  copyLifts: []
  copyWeek: []
  undo: []
  redo: []
  keys: []
  assign: []
}>()

const status = computed(() => {
  if (props.week.status !== 'assigned') return 'draft'
  return props.week.changedSinceAssigned || props.saving !== 'stored' ? 'assigned, changed since' : 'assigned'
})
</script>

<template>
  <div class="flex flex-wrap items-center gap-2 mb-1 no-print">
    <button
      type="button"
      class="btn btn-quiet px-2"
      aria-label="Week before"
      @click="emit('go', addDays(startsOn, -7))"
    >
      ←
    </button>
    <span class="font-semibold figure">{{ weekSpan(startsOn) }}</span>
    <button
      type="button"
      class="btn btn-quiet px-2"
      aria-label="Week after"
      @click="emit('go', addDays(startsOn, 7))"
    >
      →
    </button>
    <template v-if="editable">
      <button
        type="button"
        class="btn btn-main"
        :disabled="stopped"
        @click="emit('propose')"
      >
        Propose <kbd>p</kbd>
      </button>
      <button
        v-if="before"
        type="button"
        class="btn"
        @click="emit('copyLifts')"
      >
        Lifts of last week
      </button>
      <button
        v-if="before"
        type="button"
        class="btn"
        @click="emit('copyWeek')"
      >
        All of last week
      </button>
      <button
        type="button"
        class="btn"
        :disabled="!canUndo"
        @click="emit('undo')"
      >
        Undo
      </button>
      <button
        type="button"
        class="btn"
        :disabled="!canRedo"
        @click="emit('redo')"
      >
        Redo
      </button>
    </template>
    <button
      type="button"
      class="btn btn-quiet underline underline-offset-2"
      @click="emit('keys')"
    >
      <kbd>?</kbd><span class="sr-only"> keys</span>
    </button>
    <span
      class="ml-auto"
      :class="['stored', 'waiting', 'saving'].includes(saving) ? 'text-quiet' : 'problem'"
      role="status"
    >{{ savingText(saving, storedAt, week.version) }} · {{ status }}</span>
    <button
      v-if="editable"
      type="button"
      class="btn btn-main"
      :disabled="stopped || (status === 'assigned')"
      @click="emit('assign')"
    >
      {{ week.status === 'assigned' ? 'Assign again' : 'Assign week' }}
    </button>
  </div>
</template>
