<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { v7 as newKey } from 'uuid'
import { addDays } from '~~/core/calendar'
import { itemEffort, layOutSession, type PlannedLift, type PlannedSession, type WeekPlan } from '~~/core/programme'
import type { RosterRow, WeekSheet } from '~~/shared/types'
import { useCatalogue } from '~/composables/useCatalogue'
import { useStripDrag } from '~/composables/week/useStripDrag'
import type { WeekDesk } from '~/composables/week/useWeekSheet'
import type { WeekDialog } from '~/words/weekDialog'
import { worthWord } from '~/words/effortWords'
import { weekMoment } from '~/words/weekMoment'
import { dayKindText } from '~/words/dayKindText'
import { shortDay } from '~/words/inWords'
import DragPreview from './DragPreview.vue'
import SelectedItem from './SelectedItem.vue'
import SessionStrip from './SessionStrip.vue'
import WeekAside from './WeekAside.vue'
import WeekTools from './WeekTools.vue'

/** The strips, the ledger beside them and the answers beneath. */
const props = defineProps<{
  sheet: WeekSheet
  plan: WeekPlan
  desk: WeekDesk
  editable: boolean
  /** Athletes of the same groups: a drill dropped on one of them is copied. */
  mates: readonly RosterRow[]
  /** What came of the last drop on an athlete. */
  copied: string
}>()
const emit = defineEmits<{ open: [dialog: WeekDialog], copy: [itemIds: readonly string[], athleteId: string] }>()

const catalogue = useCatalogue()
const { selectedId, conflicts, selected, notes, context, marked } = props.desk

const area = ref<HTMLElement | null>(null)
const { width } = useElementSize(area)
const stripWidth = computed(() => Math.max(240, width.value - 132))
const layouts = computed(() =>
  props.plan.sessions.map(session => ({ session, ...layOutSession(session, catalogue.value) }))
)
const longestMinutes = computed(() =>
  Math.max(30, ...layouts.value.map(({ session, totalS, homeS }) => Math.max(session.minutes, (totalS + homeS) / 60)))
)
const trunkMinutes = computed(() => Math.round(layouts.value.reduce((sum, { trunkS }) => sum + trunkS, 0) / 60))
const moment = computed(() => weekMoment(props.plan, props.sheet.athlete, catalogue.value))
const pxPerMinute = computed(() => stripWidth.value / longestMinutes.value)
const { preview, dragging } = useStripDrag(
  area, () => props.plan, () => pxPerMinute.value, () => catalogue.value, props.desk.moveTo,
  (itemId, athleteId) => emit('copy', marked.value.has(itemId) ? [...marked.value] : [itemId], athleteId),
)

const titleOf = (session: PlannedSession): string => shortDay(addDays(props.sheet.week.startsOn, session.day))
const dropTitle = computed(() => {
  const session = props.plan.sessions.find(s => s.id === preview.value?.sessionId)
  return session ? titleOf(session) : ''
})

function newLift(session: PlannedSession): void {
  const lift: PlannedLift = { id: newKey(), lift: 'backSquat', sets: 4, reps: 5, percent1Rm: 78 }
  emit('open', { kind: 'lift', session, lift, isNew: true })
}

const printSheet = (): void => window.print()
</script>

<template>
  <div class="grid xl:grid-cols-[minmax(0,1fr)_312px] lg:grid-cols-[minmax(0,1fr)_280px] gap-4">
    <div
      ref="area"
      class="min-w-0"
    >
      <SessionStrip
        v-for="session in plan.sessions"
        :key="session.id"
        :session="session"
        :title="titleOf(session)"
        :kind="dayKindText(session.day, context)"
        :width="stripWidth"
        :px-per-minute="pxPerMinute"
        :selected-id="selectedId"
        :conflicts="conflicts.filter(c => c.sessionId === session.id)"
        :drop-here="preview?.sessionId === session.id"
        :editable="editable"
        :marked="marked"
        :worth-of="item => worthWord(itemEffort(item, context))"
        @mark="desk.mark"
        @extras="emit('open', { kind: 'extras', session })"
        @select="selectedId = $event"
        @lift="emit('open', { kind: 'lift', session, lift: $event, isNew: false })"
        @add-lift="newLift(session)"
        @add-drill="emit('open', { kind: 'drill', session })"
        @options="emit('open', { kind: 'session', session })"
      />
      <p
        v-if="plan.sessions.length === 0"
        class="panel"
      >
        No day is set for training yet. Add a session, then its lifts.
      </p>
      <WeekTools
        :editable="editable"
        :marked="marked"
        @open="emit('open', $event)"
        @print="printSheet"
      />
      <p
        v-if="copied"
        class="my-2 border-l-4 border-ink bg-paper px-3 py-1.5"
        role="status"
      >
        {{ copied }}
      </p>
      <div
        v-if="notes.length > 0"
        class="caution my-2"
        role="status"
      >
        <b>What the proposal leaves open:</b> {{ notes.join(' ') }}
      </div>
    </div>
    <WeekAside
      :desk="desk"
      :trunk-minutes="trunkMinutes"
      :moment="moment"
      @open="emit('open', { kind: 'target', action: $event })"
    />
    <SelectedItem
      v-if="selected"
      class="lg:col-span-2 sticky bottom-0 z-10 max-h-[46vh] overflow-y-auto"
      :sheet="sheet"
      :desk="desk"
      :title-of="titleOf"
      :editable="editable"
    />
    <DragPreview
      :preview="preview"
      :title="dropTitle"
      :mates="dragging ? mates : []"
    />
  </div>
</template>
