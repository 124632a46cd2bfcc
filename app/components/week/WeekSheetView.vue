<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { v7 as newKey } from 'uuid'
import { addDays } from '~~/core/calendar'
import type { Variation } from '~~/core/catalogue'
import { layOutSession, screenOn, type PlannedLift, type PlannedSession } from '~~/core/programme'
import { dayKindOf } from '~~/core/rules'
import type { Group, RosterRow, WeekSheet } from '~~/shared/types'
import { useAttempt } from '~/composables/useAttempt'
import { useCatalogue } from '~/composables/useCatalogue'
import { useStripDrag } from '~/composables/useStripDrag'
import { useWeekKeys } from '~/composables/useWeekKeys'
import { useWeekSheet, type WeekStore } from '~/composables/useWeekSheet'
import type { WeekDialog } from '~/words/weekDialog'
import { weekMoment } from '~/words/weekMoment'
import { shortDay } from '~/words/inWords'
import DragPreview from './DragPreview.vue'
import ItemPanel from './ItemPanel.vue'
import SessionStrip from './SessionStrip.vue'
import WeekAside from './WeekAside.vue'
import WeekDialogs from './WeekDialogs.vue'
import WeekToolbar from './WeekToolbar.vue'
import WeekTools from './WeekTools.vue'

/** The strips, the ledger beside them and the answers beneath. */
const props = withDefaults(defineProps<{
  store: WeekStore
  sheet: WeekSheet
  editable: boolean
  /** A red flag stands: nothing is proposed or assigned. */
  stopped?: boolean
  today?: number
  add?: string | null
  /** Whom drills may be copied to. */
  rows?: readonly RosterRow[]
  groups?: readonly Group[]
}>(), { stopped: false, today: 0, add: null, rows: () => [], groups: () => [] })
const emit = defineEmits<{ assign: [], added: [], go: [monday: string] }>()

const catalogue = useCatalogue()
const week = useWeekSheet(props.store, computed(() => props.sheet), catalogue)
const plan = computed(() => props.store.plan)
const { selectedId, conflicts, selected, last, swaps, notes, context, marked } = week

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
const drillForSelected = (): void => {
  const session = selected.value?.session ?? plan.value.sessions[0]
  if (session) dialog.value = { kind: 'drill', session }
}
const { actions, on: keysOn } = useWeekKeys(week, props.store, () => props.editable, {
  open: (which) => { dialog.value = which }, addDrill: drillForSelected, assign: () => emit('assign'),
})
</script>

<template>
  <WeekToolbar
    :starts-on="sheet.week.startsOn"
    :editable="editable"
    :stopped="stopped"
    :before="sheet.previousPlan !== null"
    :store="store"
    @go="emit('go', $event)"
    @propose="week.propose"
    @copy-lifts="week.copyLifts"
    @copy-week="week.copyWeek"
    @keys="dialog = { kind: 'keys' }"
    @assign="emit('assign')"
  />
  <slot />
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
      <WeekTools
        :editable="editable"
        :marked="marked"
        @open="dialog = $event"
        @print="printSheet"
      />
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
    <WeekAside
      :week="week"
      :trunk-minutes="trunkMinutes"
      :moment="moment"
      @open="dialog = { kind: 'target', action: $event }"
    />
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
    <DragPreview
      :preview="preview"
      :title="preview?.sessionId ? titleOf(plan.sessions.find(s => s.id === preview!.sessionId)!) : ''"
      :mates="dragging ? mates : []"
    />
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
