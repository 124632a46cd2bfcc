<script setup lang="ts">
import type { TrainingWeek } from '~~/shared/types'
import { savingText, type Saving } from '~/words/savingWords'
import ToolBar, { type Tool } from '~/components/common/ToolBar.vue'
import WeekStep from './WeekStep.vue'

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

const tools = computed((): Tool[] => [
  { text: 'Propose', key: 'p', look: 'main', disabled: props.stopped, run: () => emit('propose') },
  ...(props.before
    ? [
      { text: 'Lifts of last week', run: () => emit('copyLifts') },
      { text: 'All of last week', run: () => emit('copyWeek') },
    ]
    : []),
  { text: 'Undo', disabled: !props.canUndo, run: () => emit('undo') },
  { text: 'Redo', disabled: !props.canRedo, run: () => emit('redo') },
])
</script>

<template>
  <div class="flex flex-wrap items-center gap-2 mb-1 no-print">
    <WeekStep
      :model-value="startsOn"
      @update:model-value="emit('go', $event)"
    />
    <ToolBar
      v-if="editable"
      :tools="tools"
    />
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
