<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { v7 as newKey } from 'uuid'
import { addDays } from '~~/core/calendar'
import type { Variation } from '~~/core/catalogue'
import {
  addSession, changeSession, dayKindOf, layOutSession, putLift, removeLift, removeSession, type PlannedLift, type PlannedSession,
} from '~~/core/programme'
import type { WeekSheet } from '~~/shared/types'
import { useCatalogue } from '~/composables/useCatalogue'
import { useSingleKeys, type KeyAction } from '~/composables/useSingleKeys'
import { useStripDrag } from '~/composables/useStripDrag'
import { proofText } from '~/composables/proofWords'
import { useWeekSheet, type WeekStore } from '~/composables/useWeekSheet'
import { shortDay } from '~/composables/useWords'
import ModalDialog from '~/components/common/ModalDialog.vue'
import DrillFinder from './DrillFinder.vue'
import ItemPanel from './ItemPanel.vue'
import KeysHelp from './KeysHelp.vue'
import LiftForm from './LiftForm.vue'
import PlaneLedger from './PlaneLedger.vue'
import SessionForm from './SessionForm.vue'
import SessionStrip from './SessionStrip.vue'

/** The strips, the ledger beside them and the answers beneath. */
const props = withDefaults(defineProps<{ store: WeekStore, sheet: WeekSheet, editable: boolean, today?: number, add?: string | null }>(), { today: 0, add: null })
const emit = defineEmits<{ assign: [], added: [] }>()

const catalogue = useCatalogue()
const week = useWeekSheet(props.store, computed(() => props.sheet), catalogue)
const plan = computed(() => props.store.plan)
const { selectedId, ledger, conflicts, selected, last, swaps, notes, proof, proving, context } = week

type Dialog = { kind: 'lift', session: PlannedSession, lift: PlannedLift, isNew: boolean }
  | { kind: 'drill', session: PlannedSession } | { kind: 'session', session: PlannedSession | null } | { kind: 'keys' }
const dialog = ref<Dialog | null>(null)

const area = ref<HTMLElement | null>(null)
const { width } = useElementSize(area)
const stripWidth = computed(() => Math.max(240, width.value - 112))
const longestMinutes = computed(() =>
  Math.max(30, ...plan.value.sessions.map(s => Math.max(s.minutes, layOutSession(s, catalogue.value).totalS / 60))))
const trunkMinutes = computed(() => Math.round(plan.value.sessions.reduce((sum, s) => sum + layOutSession(s, catalogue.value).trunkS, 0) / 60))
const pxPerMinute = computed(() => stripWidth.value / longestMinutes.value)
const { preview } = useStripDrag(area, () => plan.value, () => pxPerMinute.value, () => catalogue.value, week.moveTo)

const titleOf = (session: PlannedSession): string => shortDay(addDays(props.sheet.week.startsOn, session.day))
const KIND = { competition: 'competition', dayBefore: 'day before: activation only', twoDaysBefore: 'two days before', dayAfter: 'day after: easy', training: '' }
const kindOf = (session: PlannedSession): string => KIND[dayKindOf(session.day, context.value.competitionDays)]

function newLift(session: PlannedSession): void {
  const lift: PlannedLift = { id: newKey(), lift: 'backSquat', sets: 4, reps: 5, percent1Rm: 78 }
  dialog.value = { kind: 'lift', session, lift, isNew: true }
}

function chooseDrill(session: PlannedSession, variation: Variation): void {
  week.add(session.id, variation, variation.doses[0]!)
  dialog.value = null
}

function putSession(session: PlannedSession | null, day: number, minutes: number): void {
  props.store.change(session
    ? { ...changeSession(plan.value, session.id, s => ({ ...s, day, minutes })) }
    : addSession(plan.value, { id: newKey(), day, minutes, lifts: [], items: [] }))
  if (session) props.store.change({ sessions: [...props.store.plan.sessions].sort((a, b) => a.day - b.day) })
  dialog.value = null
}

/** A drill that was sent here from the bench goes to the first session that is still ahead. */
onMounted(() => {
  const variation = props.add ? catalogue.value.find(props.add) : undefined
  const session = plan.value.sessions.find(s => s.day >= props.today) ?? plan.value.sessions.at(-1)
  if (!variation || !session || !props.editable) return
  chooseDrill(session, variation)
  emit('added')
})

const whenEditable = (run: () => void) => (): void => { if (props.editable) run() }
const drillForSelected = (): void => {
  const session = selected.value?.session ?? plan.value.sessions[0]
  if (session) dialog.value = { kind: 'drill', session }
}
const actions: KeyAction[] = [
  { keys: ['p'], text: 'Propose trunk work for the week', run: whenEditable(week.propose) },
  { keys: ['ArrowDown', 'j'], text: 'Next drill', run: () => week.select(1) },
  { keys: ['ArrowUp', 'k'], text: 'Drill before', run: () => week.select(-1) },
  { keys: ['ArrowLeft'], text: 'Earlier along the line', run: whenEditable(() => week.nudge(-1)) },
  { keys: ['ArrowRight'], text: 'Later along the line', run: whenEditable(() => week.nudge(1)) },
  { keys: ['shift+ArrowUp'], text: 'To the session before', run: whenEditable(() => week.toNeighbour(-1)) },
  { keys: ['shift+ArrowDown'], text: 'To the next session', run: whenEditable(() => week.toNeighbour(1)) },
  { keys: ['+', '='], text: 'More: a rep, 5 s, 5 m', run: whenEditable(() => week.doseStep(1)) },
  { keys: ['-'], text: 'Less', run: whenEditable(() => week.doseStep(-1)) },
  { keys: [']'], text: 'One set more', run: whenEditable(() => week.setsStep(1)) },
  { keys: ['['], text: 'One set fewer', run: whenEditable(() => week.setsStep(-1)) },
  { keys: ['l'], text: 'Keep this drill here when proposing, or no longer', run: whenEditable(week.keepIt) },
  { keys: ['1', '2', '3', '4', '5'], text: 'Swap for that alternative', run: () => undefined },
  { keys: ['a'], text: 'Add a drill', run: whenEditable(drillForSelected) },
  { keys: ['Delete', 'Backspace'], text: 'Leave the drill out', run: whenEditable(week.remove) },
  { keys: ['ctrl+z', 'z'], text: 'Undo', run: whenEditable(props.store.undo) },
  { keys: ['ctrl+y', 'ctrl+shift+z', 'shift+z'], text: 'Redo', run: whenEditable(props.store.redo) },
  { keys: ['ctrl+Enter'], text: 'Assign the week', run: whenEditable(() => emit('assign')) },
  { keys: ['?'], text: 'These keys', run: () => { dialog.value = { kind: 'keys' } } },
]
const swapKeys: KeyAction[] = [1, 2, 3, 4, 5].map(n =>
  ({ keys: [String(n)], text: '', run: whenEditable(() => week.swap(n - 1)) }))
const { on: keysOn } = useSingleKeys([...swapKeys, ...actions])
defineExpose({ propose: week.propose, copyLifts: week.copyLifts, showKeys: () => { dialog.value = { kind: 'keys' } } })
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
        :kind="kindOf(session)"
        :width="stripWidth"
        :px-per-minute="pxPerMinute"
        :selected-id="selectedId"
        :conflicts="conflicts.filter(c => c.sessionId === session.id)"
        :drop-here="preview?.sessionId === session.id"
        :editable="editable"
        @select="selectedId = $event"
        @lift="dialog = { kind: 'lift', session, lift: $event, isNew: false }"
        @add-lift="newLift(session)"
        @add-drill="dialog = { kind: 'drill', session }"
        @options="dialog = { kind: 'session', session }"
      />
      <p
        v-if="plan.sessions.length === 0"
        class="panel"
      >
        No day is set for training yet. Add a session, then its lifts.
      </p>
      <button
        v-if="editable"
        type="button"
        class="btn btn-quiet underline underline-offset-2 no-print"
        @click="dialog = { kind: 'session', session: null }"
      >
        + session
      </button>
      <div
        v-if="notes.length > 0"
        class="caution my-2"
        role="status"
      >
        <b>What the proposal leaves open:</b> {{ notes.join(' ') }}
      </div>
    </div>
    <div>
      <PlaneLedger
        :ledger="ledger"
        :trunk-minutes="trunkMinutes"
      />
      <p
        v-if="proving || proof"
        class="mt-2 lg:ml-4"
        role="status"
      >
        {{ proving ? 'Looking whether something better exists …' : proofText(proof!) }}
      </p>
    </div>
    <ItemPanel
      v-if="selected"
      class="lg:col-span-2 sticky bottom-0 z-10 max-h-[46vh] overflow-y-auto"
      :item="selected.item"
      :session="selected.session"
      :session-title="titleOf(selected.session)"
      :swaps="swaps"
      :conflicts="conflicts.filter(c => c.itemId === selected!.item.id)"
      :flags="context.screen.flags"
      :last="last"
      :last-day="last ? shortDay(addDays(sheet.week.startsOn, last.day - 7)) : ''"
      :body="sheet.athlete"
      :editable="editable"
      @dose="week.setDose(selected!.item.id, $event)"
      @swap="week.swap"
      @keep="week.keepIt"
      @remove="week.remove"
      @nudge="week.nudge"
      @extra="side => week.change(selected!.item.id, i => ({ ...i, extraSetSide: side }))"
    />
    <div
      v-if="preview"
      class="fixed z-50 pointer-events-none bg-ink text-paper px-2 py-1 rounded text-[0.9em]"
      :style="{ left: `${preview.x + 12}px`, top: `${preview.y + 12}px` }"
      aria-hidden="true"
    >
      {{ titleOf(plan.sessions.find(s => s.id === preview!.sessionId)!) }}, {{ preview.text }}
    </div>

    <ModalDialog
      :open="dialog?.kind === 'lift'"
      :title="dialog?.kind === 'lift' ? `Lift on ${titleOf(dialog.session)}` : ''"
      @close="dialog = null"
    >
      <LiftForm
        v-if="dialog?.kind === 'lift'"
        :lift="dialog.lift"
        :is-new="dialog.isNew"
        @put="store.change(putLift(plan, dialog!.kind === 'lift' ? dialog!.session.id : '', $event)); dialog = null"
        @remove="dialog?.kind === 'lift' && store.change(removeLift(plan, dialog.session.id, dialog.lift.id)); dialog = null"
      />
    </ModalDialog>
    <ModalDialog
      :open="dialog?.kind === 'drill'"
      :title="dialog?.kind === 'drill' ? `Drill on ${titleOf(dialog.session)}` : ''"
      @close="dialog = null"
    >
      <DrillFinder
        v-if="dialog?.kind === 'drill'"
        :screen="context.screen"
        @choose="dialog?.kind === 'drill' && chooseDrill(dialog.session, $event)"
        @close="dialog = null"
      />
    </ModalDialog>
    <ModalDialog
      :open="dialog?.kind === 'session'"
      title="Session"
      @close="dialog = null"
    >
      <SessionForm
        v-if="dialog?.kind === 'session'"
        :day="dialog.session?.day ?? 0"
        :minutes="dialog.session?.minutes ?? 60"
        :is-new="dialog.session === null"
        @put="(day, minutes) => dialog?.kind === 'session' && putSession(dialog.session, day, minutes)"
        @remove="dialog?.kind === 'session' && dialog.session && store.change(removeSession(plan, dialog.session.id)); dialog = null"
      />
    </ModalDialog>
    <ModalDialog
      :open="dialog?.kind === 'keys'"
      title="Keys of the week sheet"
      @close="dialog = null"
    >
      <KeysHelp
        :actions="actions"
        :on="keysOn"
        @switch="keysOn = $event"
      />
    </ModalDialog>
  </div>
</template>
