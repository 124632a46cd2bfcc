<script setup lang="ts">
import { addDays } from '~~/core/calendar'
import type { WeekStore } from '~/composables/useWeekSheet'
import { weekSpan } from '~/words/inWords'

/** Which week, what can be done with all of it, and how far it is stored and assigned. */
const props = defineProps<{
  startsOn: string
  editable: boolean
  stopped: boolean
  /** Whether there is a week before to copy from. */
  before: boolean
  store: WeekStore
}>()
const emit = defineEmits<{
  go: [monday: string]
  propose: []
  copyLifts: []
  copyWeek: []
  keys: []
  assign: []
}>()

const SAVING = {
  waiting: 'Not stored yet', saving: 'Storing …', choose: 'Waiting for your choice', refused: 'Not stored',
  noConnection: 'No connection: kept here', signedOut: 'Session ended: kept here',
} as const
const savingText = computed(() => {
  if (props.store.saving !== 'stored') return SAVING[props.store.saving]
  return props.store.storedAt
    ? `Stored ${props.store.storedAt.toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })}`
    : props.store.week?.version === 0 ? 'New week' : 'Stored'
})
const status = computed(() => {
  if (props.store.week?.status !== 'assigned') return 'draft'
  const changed = props.store.week.changedSinceAssigned || props.store.saving !== 'stored'
  return changed ? 'assigned, changed since' : 'assigned'
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
        :disabled="store.past.length === 0"
        @click="store.undo"
      >
        Undo
      </button>
      <button
        type="button"
        class="btn"
        :disabled="store.future.length === 0"
        @click="store.redo"
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
      :class="store.saving === 'stored' || store.saving === 'waiting' || store.saving === 'saving' ? 'text-quiet'
        : 'problem'"
      role="status"
    >{{ savingText }} · {{ status }}</span>
    <button
      v-if="editable"
      type="button"
      class="btn btn-main"
      :disabled="stopped || (status === 'assigned')"
      @click="emit('assign')"
    >
      {{ store.week?.status === 'assigned' ? 'Assign again' : 'Assign week' }}
    </button>
  </div>
</template>
