<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { v7 as newKey } from 'uuid'
import { addDays } from '~~/core/calendar'
import type { Variation } from '~~/core/catalogue'
import { PHASES } from '~~/core/policy'
import { layOutSession, screenOn, type PlannedLift, type PlannedSession } from '~~/core/programme'
import { dayKindOf } from '~~/core/rules'
import type { Group, RosterRow, WeekSheet } from '~~/shared/types'
import { useAttempt } from '~/composables/useAttempt'
import { useCatalogue } from '~/composables/useCatalogue'
import { useSingleKeys, type KeyAction } from '~/composables/useSingleKeys'
import { useStripDrag } from '~/composables/useStripDrag'
import { proofText } from '~/words/proofWords'
import { useWeekSheet, type WeekStore } from '~/composables/useWeekSheet'
import { weekMoment } from '~/words/weekMoment'
import { shortDay } from '~/words/inWords'
import ItemPanel from './ItemPanel.vue'
import PlaneLedger from './PlaneLedger.vue'
import SessionStrip from './SessionStrip.vue'
import WeekDialogs from './WeekDialogs.vue'
import type { WeekDialog } from './weekDialog'

/** The strips, the ledger beside them and the answers beneath. */
const props = withDefaults(defineProps<{
  store: WeekStore
  sheet: WeekSheet
  editable: boolean
  today?: number
  add?: string | null
  /** Whom drills may be copied to. */
  rows?: readonly RosterRow[]
  groups?: readonly Group[]
}>(), { today: 0, add: null, rows: () => [], groups: () => [] })
const emit = defineEmits<{ assign: [], added: [] }>()

const catalogue = useCatalogue()
const week = useWeekSheet(props.store, computed(() => props.sheet), catalogue)
const plan = computed(() => props.store.plan)
const { selectedId, ledger, conflicts, selected, last, swaps, notes, proof, proving, context, marked } = week

const dialog = ref<WeekDialog | null>(null)

const area = ref<HTMLElement | null>(null)
const { width } = useElementSize(area)
const stripWidth = computed(() => Math.max(240, width.value - 132))
const longestMinutes = computed(() =>
  Math.max(
    30,
    ...plan.value.sessions.map(s =>
      Math.max(s.minutes, (layOutSession(s, catalogue.value).totalS + layOutSession(s, catalogue.value).homeS) / 60)
    ),
  )
)
const trunkMinutes = computed(() =>
  Math.round(plan.value.sessions.reduce((sum, s) => sum + layOutSession(s, catalogue.value).trunkS, 0) / 60)
)
const moment = computed(() => weekMoment(plan.value, props.sheet.athlete, catalogue.value))
/** Athletes of the same groups: a drill dropped on one of them is copied. */
const mates = computed(() =>
  props.rows.filter(({ athlete }) =>
    athlete.id !== props.sheet.athlete.id && athlete.groupIds.some(id => props.sheet.athlete.groupIds.includes(id))
  ).slice(0, 24)
)
const pxPerMinute = computed(() => stripWidth.value / longestMinutes.value)
const { preview, dragging } = useStripDrag(
  area, () => plan.value, () => pxPerMinute.value, () => catalogue.value, week.moveTo,
  (itemId, athleteId) => void copyTo(itemId, athleteId),
)
const copied = ref('')
const copying = useAttempt()
const copyTo = (itemId: string, athleteId: string): Promise<boolean> => copying.attempt(async () => {
  copied.value = ''
  const ids = marked.value.has(itemId) ? [...marked.value] : [itemId]
  const [one] = await props.store.applyTo(ids, [athleteId])
  if (one) copied.value = `${one.athleteName}: ${one.placed} of ${ids.length} copied. ${one.notes.join(' ')}`
})

const titleOf = (session: PlannedSession): string => shortDay(addDays(props.sheet.week.startsOn, session.day))
const KIND = {
  competition: 'competition', dayBefore: 'day before: activation only', twoDaysBefore: 'two days before',
  dayAfter: 'day after: easy', training: '',
}
/** What speaks loudest about a day: a competition near it, or else what the season has it for. */
const kindOf = (session: PlannedSession): string => {
  const season = context.value.seasonDays?.[session.day]
  return KIND[dayKindOf(session.day, context.value.competitionDays)] || (season ? `${season} day` : '')
}

function newLift(session: PlannedSession): void {
  const lift: PlannedLift = { id: newKey(), lift: 'backSquat', sets: 4, reps: 5, percent1Rm: 78 }
  dialog.value = { kind: 'lift', session, lift, isNew: true }
}

function chooseDrill(session: PlannedSession, variation: Variation): void {
  week.add(session.id, variation, variation.doses[0]!)
  dialog.value = null
}

/** A lock is stored for the athlete: the week itself stays as it is. */
const locking = useAttempt()
const lock = (to: 'never' | readonly string[] | null): Promise<boolean> =>
  locking.attempt(() => week.lock(selected.value!.item.variationId, to))
watch(selectedId, () => {
  locking.problem.value = ''
})

/** A drill that was sent here from the bench goes to the first session that is still ahead. */
onMounted(() => {
  const variation = props.add ? catalogue.value.find(props.add) : undefined
  const session = plan.value.sessions.find(s => s.day >= props.today) ?? plan.value.sessions.at(-1)
  if (!variation || !session || !props.editable) return
  chooseDrill(session, variation)
  emit('added')
})

const printSheet = (): void => window.print()
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
  { keys: ['f'], text: 'Settle the conflict by its smallest step', run: whenEditable(() => week.mendIt()) },
  { keys: ['o'], text: 'Take the better week around your edits', run: whenEditable(week.takeOffer) },
  {
    keys: ['x'],
    text: 'Mark this drill, or no longer: what follows is done to all marked',
    run: () => week.mark(selectedId.value),
  },
  { keys: ['Escape'], text: 'Nothing marked', run: () => week.mark(null) },
  {
    keys: ['e'], text: 'Look through the week: known mistakes, single changes',
    run: () => {
      dialog.value = { kind: 'review' }
    },
  },
  {
    keys: ['c'], text: 'Copy marked drills, or all, to others',
    run: whenEditable(() => {
      dialog.value = { kind: 'apply', itemIds: marked.value.size > 0 ? [...marked.value] : null }
    }),
  },
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
defineExpose({
  propose: week.propose, copyLifts: week.copyLifts, copyWeek: week.copyWeek,
  showKeys: () => {
    dialog.value = { kind: 'keys' }
  },
})
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
        :marked="marked"
        @mark="week.mark"
        @extras="dialog = { kind: 'extras', session }"
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
      <span class="no-print">
        <button
          type="button"
          class="btn btn-quiet underline underline-offset-2"
          @click="dialog = { kind: 'review' }"
        >
          Look through it <kbd>e</kbd>
        </button>
        <button
          type="button"
          class="btn btn-quiet underline underline-offset-2"
          @click="dialog = { kind: 'compare' }"
        >
          Compare
        </button>
        <button
          type="button"
          class="btn btn-quiet underline underline-offset-2"
          @click="printSheet"
        >
          Print
        </button>
        <template v-if="editable">
          <button
            type="button"
            class="btn btn-quiet underline underline-offset-2"
            @click="dialog = { kind: 'paste' }"
          >
            Paste a routine
          </button>
          <button
            type="button"
            class="btn btn-quiet underline underline-offset-2"
            @click="dialog = { kind: 'apply', itemIds: marked.size > 0 ? [...marked] : null }"
          >
            Copy {{ marked.size > 0 ? `${marked.size} marked` : 'all' }} to others <kbd>c</kbd>
          </button>
        </template>
      </span>
      <p
        v-if="copied || copying.problem.value"
        class="my-2 border-l-4 border-ink bg-paper px-3 py-1.5"
        role="status"
      >
        {{ copying.problem.value || copied }}
      </p>
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
        :moment="moment"
        @open="dialog = { kind: 'target', action: $event }"
      />
      <p
        v-if="context.rules.block"
        class="mt-2 lg:ml-4"
      >
        <b>Week {{ context.rules.block.week }} of
          {{ context.rules.block.weeks }}</b><template v-if="context.rules.block.phase">,
          {{ PHASES[context.rules.block.phase].name.toLowerCase() }}:
          {{ PHASES[context.rules.block.phase].purpose }}</template>
      </p>
      <p
        v-if="proving || proof"
        class="mt-2 lg:ml-4"
        role="status"
      >
        {{ proving ? 'Looking whether something better exists …' : proofText(proof!) }}
      </p>
      <p
        v-if="week.offer.value"
        class="mt-2 lg:ml-4 border-l-4 border-signal bg-paper px-3 py-1.5"
        role="status"
      >
        Around your edits the rest can be planned better: {{ Math.round(week.offer.value.gain) }} weighted seconds less
        wanting.
        <button
          type="button"
          class="underline underline-offset-2 font-semibold"
          @click="week.takeOffer"
        >
          Take it <kbd>o</kbd>
        </button>
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
      :screen="screenOn(context, selected.session.day)"
      :last="last"
      :last-day="last ? shortDay(addDays(sheet.week.startsOn, last.day - 7)) : ''"
      :body="sheet.athlete"
      :editable="editable"
      :costs="week.costs.value"
      :mends="week.mends.value"
      :rules="context.rules"
      :problem="locking.problem.value"
      @mend="week.mendIt"
      @lock="lock"
      @note="week.setNote(selected!.item.id, $event)"
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
      {{ preview.sessionId ? `${titleOf(plan.sessions.find(s => s.id === preview!.sessionId)!)}, `
        : '' }}{{ preview.text }}
    </div>
    <ul
      v-if="dragging && mates.length > 0"
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

    <WeekDialogs
      v-model="dialog"
      :store="store"
      :sheet="sheet"
      :week="week"
      :editable="editable"
      :rows="rows"
      :groups="groups"
      :actions="actions"
      :keys-on="keysOn"
      :title-of="titleOf"
      @keys="keysOn = $event"
      @choose="chooseDrill"
      @select="selectedId = $event"
    />
  </div>
</template>
