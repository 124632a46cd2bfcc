<script setup lang="ts">
import { ACTION_FACTS, type Variation } from '~~/core/catalogue'
import type { PlannedSession, WeekPlan } from '~~/core/programme'
import type { Group, RosterRow } from '~~/shared/types'
import ModalDialog from '~/components/common/ModalDialog.vue'
import type { KeyAction } from '~/composables/useSingleKeys'
import type { useWeekDialogs } from '~/composables/week/useWeekDialogs'
import type { WeekDesk } from '~/composables/week/useWeekSheet'
import type { WeekDialog } from '~/words/weekDialog'
import ApplyForm from './ApplyForm.vue'
import DrillFinder from './DrillFinder.vue'
import KeysHelp from './KeysHelp.vue'
import LiftForm from './LiftForm.vue'
import PasteRoutine from './PasteRoutine.vue'
import PlanComparison from './PlanComparison.vue'
import SessionExtras from './SessionExtras.vue'
import SessionForm from './SessionForm.vue'
import TargetForm from './TargetForm.vue'
import WeekReviewed from './WeekReviewed.vue'

/** Every dialog of the week sheet; one at a time. */
const props = defineProps<{
  plan: WeekPlan
  startsOn: string
  desk: WeekDesk
  dialogs: ReturnType<typeof useWeekDialogs>
  editable: boolean
  hasLastWeek: boolean
  /** Whom drills may be copied to. */
  rows: readonly RosterRow[]
  groups: readonly Group[]
  actions: readonly KeyAction[]
  keysOn: boolean
  titleOf: (session: PlannedSession) => string
}>()
const emit = defineEmits<
  { keys: [on: boolean], choose: [session: PlannedSession, variation: Variation], select: [itemId: string] }
>()

const { context, ledger, origins, proposed } = props.desk
const { dialog, close, busy, problem, review, applied, against, difference } = props.dialogs

const countOf = (itemIds: readonly string[] | null): number =>
  itemIds?.length ?? props.plan.sessions.reduce((sum, s) => sum + s.items.length, 0)
const current = (session: PlannedSession): PlannedSession =>
  props.plan.sessions.find(s => s.id === session.id) ?? session

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
      @put="dialog?.kind === 'lift' && dialogs.putLiftOn(dialog.session, $event)"
      @remove="dialog?.kind === 'lift' && dialogs.dropLift(dialog.session, dialog.lift)"
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
        && dialogs.putSession(dialog.session, day, minutes, supervised)"
      @remove="dialog?.kind === 'session' && dialogs.dropSession(dialog.session)"
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
      @set="(low, high) => dialog?.kind === 'target' && dialogs.setBand(dialog.action, { low, high })"
      @clear="dialog?.kind === 'target' && dialogs.setBand(dialog.action, null)"
    />
    <SessionExtras
      v-else-if="dialog?.kind === 'extras'"
      :session="current(dialog.session)"
      :plan="plan"
      :context="context"
      @put="dialogs.putPlan"
    />
    <PasteRoutine
      v-else-if="dialog?.kind === 'paste'"
      @put="dialogs.putRoutine"
    />
    <WeekReviewed
      v-else-if="dialog?.kind === 'review'"
      :plan="plan"
      :review="review"
      :problem="problem"
      :title-of="titleOf"
      :editable="editable"
      @take="dialogs.take"
      @show="emit('select', $event); close()"
    />
    <PlanComparison
      v-else-if="dialog?.kind === 'compare'"
      v-model="against"
      :difference="difference"
      :has-last-week="hasLastWeek"
      :has-proposal="proposed !== null"
    />
    <ApplyForm
      v-else-if="dialog?.kind === 'apply'"
      :drills="countOf(dialog.itemIds)"
      :rows="rows"
      :groups="groups"
      :applied="applied"
      :busy="busy"
      :problem="problem"
      :week="startsOn"
      @apply="dialog?.kind === 'apply' && dialogs.apply(dialog.itemIds, $event)"
    />
  </ModalDialog>
</template>
