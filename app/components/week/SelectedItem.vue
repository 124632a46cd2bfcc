<script setup lang="ts">
import { addDays } from '~~/core/calendar'
import { loadsFor } from '~~/core/prescription'
import { itemEffort, meansOf, screenOn, type PlannedSession } from '~~/core/programme'
import type { WeekSheet } from '~~/shared/types'
import { useAttempt } from '~/composables/useAttempt'
import type { WeekDesk } from '~/composables/week/useWeekSheet'
import { shortDay } from '~/words/inWords'
import ItemPanel from './ItemPanel.vue'

/** The selected drill of a week, with everything that can be done to it. */
const props = defineProps<{
  sheet: WeekSheet
  desk: WeekDesk
  editable: boolean
  titleOf: (session: PlannedSession) => string
}>()

const { selectedId, selected, conflicts, context, last, swaps, costs, mends } = props.desk
const item = computed(() => selected.value!.item)
const session = computed(() => selected.value!.session)
/** Loads that there are for it; none where it takes none. */
const loads = computed(() => {
  const drill = context.value.screen.catalogue.find(item.value.variationId)
  return drill ? loadsFor(drill, meansOf(context.value)) : []
})

/** A lock is stored for the athlete: the week itself stays as it is. */
const { problem, attempt } = useAttempt()
const lock = (to: 'never' | readonly string[] | null): Promise<boolean> =>
  attempt(() => props.desk.lock(item.value.variationId, to))
watch(selectedId, () => { problem.value = '' })
</script>

<template>
  <ItemPanel
    :item="item"
    :worth="itemEffort(item, context)"
    :trunk="context.trunk"
    :loads="loads"
    :session="session"
    :session-title="titleOf(session)"
    :swaps="swaps"
    :conflicts="conflicts.filter(c => c.itemId === item.id)"
    :screen="screenOn(context, session.day)"
    :last="last"
    :last-day="last ? shortDay(addDays(sheet.week.startsOn, last.day - 7)) : ''"
    :body="sheet.athlete"
    :editable="editable"
    :costs="costs"
    :mends="mends"
    :rules="context.rules"
    :problem="problem"
    @mend="desk.mendIt"
    @lock="lock"
    @note="desk.setNote(item.id, $event)"
    @dose="desk.setDose(item.id, $event)"
    @setting="desk.setSetting(item.id, $event)"
    @swap="desk.swap"
    @keep="desk.keepIt"
    @remove="desk.remove"
    @nudge="desk.nudge"
    @extra="side => desk.change(item.id, i => ({ ...i, extraSetSide: side }))"
  />
</template>
