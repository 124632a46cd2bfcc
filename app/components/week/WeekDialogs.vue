<script setup lang="ts">
import { v7 as newKey } from 'uuid'
import { ACTION_FACTS, type TrunkAction, type Variation } from '~~/core/catalogue'
import {
  addSession, addAdapted, changeSession, comparePlans, putLift, removeItem, removeLift, removeSession, weekLedger,
  type Improvement, type PlannedLift, type PlannedSession, type WeekPlan,
} from '~~/core/programme'
import type { Applied, Group, RosterRow, WeekReview, WeekSheet } from '~~/shared/types'
import ModalDialog from '~/components/common/ModalDialog.vue'
import { useAttempt } from '~/composables/useAttempt'
import { useCatalogue } from '~/composables/useCatalogue'
import type { KeyAction } from '~/composables/useSingleKeys'
import type { useWeekSheet, WeekStore } from '~/composables/useWeekSheet'
import ApplyForm from './ApplyForm.vue'
import DrillFinder from './DrillFinder.vue'
import KeysHelp from './KeysHelp.vue'
import LiftForm from './LiftForm.vue'
import PasteRoutine from './PasteRoutine.vue'
import PlanCompare from './PlanCompare.vue'
import ReviewList from './ReviewList.vue'
import SessionExtras from './SessionExtras.vue'
import SessionForm from './SessionForm.vue'
import TargetForm from './TargetForm.vue'
import type { WeekDialog } from '~/words/weekDialog'

/** Every dialog of the week sheet; one at a time. */
const dialog = defineModel<WeekDialog | null>({ required: true })
const props = defineProps<{
  store: WeekStore
  sheet: WeekSheet
  week: ReturnType<typeof useWeekSheet>
  editable: boolean
  rows: readonly RosterRow[]
  groups: readonly Group[]
  actions: readonly KeyAction[]
  keysOn: boolean
  titleOf: (session: PlannedSession) => string
}>()
const emit = defineEmits<
  { keys: [on: boolean], choose: [session: PlannedSession, variation: Variation], select: [itemId: string] }
>()

const catalogue = useCatalogue()
const plan = computed(() => props.store.plan)
const { context, ledger, targets, origins, proposed } = props.week
const close = (): void => { dialog.value = null }
const { busy, problem, attempt } = useAttempt()
const review = shallowRef<WeekReview | null>(null)
const applied = shallowRef<readonly Applied[] | null>(null)
const against = ref<'last' | 'proposal'>('last')

watch(dialog, (opened) => {
  problem.value = ''
  applied.value = null
  if (opened?.kind === 'review') void look()
  if (opened?.kind === 'compare') against.value = props.sheet.previousPlan ? 'last' : 'proposal'
})

const look = (): Promise<boolean> => attempt(async () => {
  review.value = null
  review.value = await props.store.review()
})

function take({ kind, itemId, sessionId, item }: Improvement): void {
  const without = kind === 'add' || !itemId ? plan.value : removeItem(plan.value, itemId)
  props.store.change(item ? addAdapted(without, sessionId, item) : without)
  void look()
}

/** That somebody watches is the usual, and not written down. */
function putSession(session: PlannedSession | null, day: number, minutes: number, supervised: boolean): void {
  const put = ({ supervised: _, ...plain }: PlannedSession): PlannedSession => ({
    ...plain, day, minutes, ...(supervised ? {} : { supervised }),
  })
  const changed = session
    ? changeSession(plan.value, session.id, put)
    : addSession(plan.value, put({ id: newKey(), day, minutes, lifts: [], items: [] }))
  props.store.change({ sessions: [...changed.sessions].sort((a, b) => a.day - b.day) })
  close()
}

/** A pasted day takes the place of that day; other days stay. */
function putRoutine(routine: WeekPlan): void {
  const days = new Set(routine.sessions.map(s => s.day))
  const fresh = routine.sessions.map(s => ({
    ...s, id: newKey(), lifts: s.lifts.map(l => ({ ...l, id: newKey() })),
    items: s.items.map(i => ({ ...i, id: newKey() })),
  }))
  props.store.change({
    sessions: [...plan.value.sessions.filter(s => !days.has(s.day)), ...fresh].sort((a, b) => a.day - b.day),
  })
  dialog.value = { kind: 'review' }
}

const difference = computed(() => {
  const other = against.value === 'last' ? props.sheet.previousPlan : proposed.value
  if (!other) return null
  return comparePlans({ plan: other, ledger: weekLedger(other, targets.value, catalogue.value) }, {
    plan: plan.value, ledger: ledger.value,
  }, catalogue.value)
})
const setBand = (action: TrunkAction, band: { lowS: number, highS: number } | null): Promise<boolean> =>
  attempt(async () => {
    await props.store.settle(({ bands: { [action]: _, ...bands }, ...rules }) => ({
      ...rules, bands: band ? { ...bands, [action]: band } : bands,
    }))
    close()
  })
const apply = (itemIds: readonly string[] | null, athleteIds: readonly string[]): Promise<boolean> =>
  attempt(async () => {
    applied.value = await props.store.applyTo(itemIds, athleteIds)
  })
const others = computed(() => props.rows.filter(row => row.athlete.id !== props.sheet.athlete.id))
const countOf = (itemIds: readonly string[] | null): number =>
  itemIds?.length ?? plan.value.sessions.reduce((sum, s) => sum + s.items.length, 0)
const nameOfItem = (id: string): string =>
  catalogue.value.find(plan.value.sessions.flatMap(s => s.items).find(i => i.id === id)?.variationId ?? '')?.name
    ?? 'a drill'
const dayOf = (id: string): string => {
  const found = plan.value.sessions.find(s => s.id === id)
  return found ? props.titleOf(found) : ''
}
const current = (session: PlannedSession): PlannedSession =>
  plan.value.sessions.find(s => s.id === session.id) ?? session
const putLiftIn = (session: PlannedSession, lift: PlannedLift): void => {
  props.store.change(putLift(plan.value, session.id, lift))
  close()
}
const TITLE: Readonly<Record<Exclude<WeekDialog['kind'], 'lift' | 'drill' | 'extras' | 'target'>, string>> = {
  session: 'Session', keys: 'Keys of the week sheet', review: 'The week, looked through', paste: 'Paste a routine',
  compare: 'Compare', apply: 'Copy to others',
}
const title = computed(() => {
  const shown = dialog.value
  if (!shown) return ''
  switch (shown.kind) {
    case 'lift': return `Lift on ${props.titleOf(shown.session)}`
    case 'drill': return `Drill on ${props.titleOf(shown.session)}`
    case 'extras': return `Around the work of ${props.titleOf(shown.session)}`
    case 'target': return `Where the target comes from: ${ACTION_FACTS[shown.action].label}`
    default: return TITLE[shown.kind]
  }
})
</script>

<template>
  <ModalDialog
    :open="dialog !== null"
    :title="title"
    :wide="dialog !== null && ['review', 'target', 'extras', 'compare'].includes(dialog.kind)"
    @close="close"
  >
    <LiftForm
      v-if="dialog?.kind === 'lift'"
      :lift="dialog.lift"
      :is-new="dialog.isNew"
      @put="dialog?.kind === 'lift' && putLiftIn(dialog.session, $event)"
      @remove="dialog?.kind === 'lift' && store.change(removeLift(plan, dialog.session.id, dialog.lift.id)); close()"
    />
    <DrillFinder
      v-else-if="dialog?.kind === 'drill'"
      :screen="context.screen"
      @choose="dialog?.kind === 'drill' && emit('choose', dialog.session, $event)"
      @close="close"
    />
    <SessionForm
      v-else-if="dialog?.kind === 'session'"
      :day="dialog.session?.day ?? 0"
      :minutes="dialog.session?.minutes ?? 60"
      :supervised="dialog.session?.supervised ?? true"
      :is-new="dialog.session === null"
      @put="(day, minutes, supervised) => dialog?.kind === 'session'
        && putSession(dialog.session, day, minutes, supervised)"
      @remove="dialog?.kind === 'session' && dialog.session
        && store.change(removeSession(plan, dialog.session.id)); close()"
    />
    <KeysHelp
      v-else-if="dialog?.kind === 'keys'"
      :actions="actions"
      :on="keysOn"
      @switch="emit('keys', $event)"
    />
    <TargetForm
      v-else-if="dialog?.kind === 'target'"
      :action="dialog.action"
      :origin="origins[dialog.action]"
      :line="ledger.lines.find(l => dialog?.kind === 'target' && l.action === dialog.action)!"
      :editable="editable"
      :busy="busy"
      :problem="problem"
      @set="(lowS, highS) => dialog?.kind === 'target' && setBand(dialog.action, { lowS, highS })"
      @clear="dialog?.kind === 'target' && setBand(dialog.action, null)"
    />
    <SessionExtras
      v-else-if="dialog?.kind === 'extras'"
      :session="current(dialog.session)"
      :plan="plan"
      :context="context"
      @put="store.change"
    />
    <PasteRoutine
      v-else-if="dialog?.kind === 'paste'"
      @put="putRoutine"
    />
    <template v-else-if="dialog?.kind === 'review'">
      <p
        v-if="problem"
        class="caution"
        role="alert"
      >
        {{ problem }}
      </p>
      <p
        v-else-if="!review"
        role="status"
      >
        Looking through the week …
      </p>
      <ReviewList
        v-else
        :review="review"
        :name-of-item="nameOfItem"
        :day-of="dayOf"
        :editable="editable"
        @take="take"
        @show="emit('select', $event); close()"
      />
    </template>
    <template v-else-if="dialog?.kind === 'compare'">
      <p class="flex gap-2 mb-2">
        <button
          type="button"
          class="chip"
          :aria-pressed="against === 'last'"
          :disabled="!sheet.previousPlan"
          @click="against = 'last'"
        >
          with last week
        </button>
        <button
          type="button"
          class="chip"
          :aria-pressed="against === 'proposal'"
          :disabled="!proposed"
          @click="against = 'proposal'"
        >
          with the last proposal
        </button>
      </p>
      <PlanCompare
        v-if="difference"
        :difference="difference"
        :than="against === 'last' ? 'last week' : 'the proposal'"
      />
      <p
        v-else
        class="text-quiet"
      >
        {{ against === 'last' ? 'There is no week before this one.'
          : 'Nothing was proposed since the sheet was opened.' }}
      </p>
    </template>
    <ApplyForm
      v-else-if="dialog?.kind === 'apply'"
      :drills="countOf(dialog.itemIds)"
      :rows="others"
      :groups="groups"
      :applied="applied"
      :busy="busy"
      :problem="problem"
      :week="sheet.week.startsOn"
      @apply="dialog?.kind === 'apply' && apply(dialog.itemIds, $event)"
    />
  </ModalDialog>
</template>
