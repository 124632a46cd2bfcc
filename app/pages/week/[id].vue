<script setup lang="ts">
import ConflictChoice from '~/components/common/ConflictChoice.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import WeekDialogs from '~/components/week/WeekDialogs.vue'
import WeekHeader from '~/components/week/WeekHeader.vue'
import WeekNotices from '~/components/week/WeekNotices.vue'
import WeekSheetView from '~/components/week/WeekSheetView.vue'
import WeekToolbar from '~/components/week/WeekToolbar.vue'
import { useWeekRoom } from '~/composables/week/useWeekRoom'

// Every athlete's every week is a sheet of its own: nothing selected, marked or asked is carried over.
definePageMeta({ key: route => `week/${String(route.params.id)}/${String(route.query.start ?? '')}` })

const {
  signedIn, roster, store, editable, startsOn, athlete, desk, dialogs, actions, keysOn, stop, stopped, mates, others,
  titleOf, load, assigned, assign, chooseDrill, copy, copied,
} = useWeekRoom()
const route = useRoute()
useHead({ title: () => `${athlete.value ? `${athlete.value.name}, week` : 'Week'} · Keen Anchor` })
onBeforeRouteLeave(() => { void store.flush() })
</script>

<template>
  <div v-if="signedIn.me">
    <RoomPage
      :readings="[store.reader]"
      @retry="store.reader.again()"
    >
      <template v-if="store.sheet && store.week && athlete">
        <WeekHeader
          :athlete="athlete"
          :next="store.sheet.competitions[0] ?? null"
          :today="signedIn.me.today"
        />
        <WeekToolbar
          :starts-on="startsOn"
          :editable="editable"
          :stopped="stopped"
          :before="store.sheet.previousPlan !== null"
          :week="store.week"
          :saving="store.saving"
          :stored-at="store.storedAt"
          :can-undo="store.past.length > 0"
          :can-redo="store.future.length > 0"
          @go="day => navigateTo({ path: route.path, query: { start: day } })"
          @propose="desk.propose"
          @copy-lifts="desk.copyLifts"
          @copy-week="desk.copyWeek"
          @undo="store.undo"
          @redo="store.redo"
          @keys="dialogs.dialog.value = { kind: 'keys' }"
          @assign="assign()"
        />
        <WeekNotices
          :athlete="athlete"
          :editable="editable"
          :saving="store.saving"
          :problem="store.problem"
          :news="store.news"
          :stopped="stopped"
          :stop="stop"
          :missing="store.missing"
          :assigned="assigned && store.week.status === 'assigned' && !store.week.changedSinceAssigned"
          @reload="load"
          @seen="store.news = null"
          @assign="assign"
          @waive="store.missing = {}"
        />
        <WeekSheetView
          :sheet="store.sheet"
          :plan="store.plan"
          :desk="desk"
          :editable="editable"
          :mates="mates"
          :copied="copied"
          @open="dialogs.dialog.value = $event"
          @copy="copy"
        />
        <WeekDialogs
          :plan="store.plan"
          :starts-on="startsOn"
          :desk="desk"
          :dialogs="dialogs"
          :editable="editable"
          :has-last-week="store.sheet.previousPlan !== null"
          :rows="others"
          :groups="roster.groups"
          :actions="actions"
          :keys-on="keysOn"
          :title-of="titleOf"
          @keys="keysOn = $event"
          @choose="chooseDrill"
          @select="desk.selectedId.value = $event"
        />
        <ConflictChoice
          v-if="store.meeting"
          :who="store.meeting.who"
          subject="this week"
          :rows="store.meeting.conflicts"
          :others="store.meeting.theirChanges"
          @choose="store.choose"
        />
      </template>
    </RoomPage>
  </div>
</template>
