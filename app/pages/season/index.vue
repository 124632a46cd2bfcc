<script setup lang="ts">
import RoomPage from '~/components/common/RoomPage.vue'
import StatePanel from '~/components/common/StatePanel.vue'
import SeasonBoard from '~/components/season/SeasonBoard.vue'
import SeasonDialogs from '~/components/season/SeasonDialogs.vue'
import SeasonTools from '~/components/season/SeasonTools.vue'
import SquadChoice from '~/components/season/SquadChoice.vue'
import SquadOverlay from '~/components/season/SquadOverlay.vue'
import { useMay } from '~/composables/useMay'
import { useSeasonRoom } from '~/composables/season/useSeasonRoom'
import { useSignInStore } from '~/stores/signIn'

useHead({ title: 'Season line · Keen Anchor' })

const OVERLAY_WEEKS = 30

const signedIn = useSignInStore()
const { govern } = useMay()
const room = useSeasonRoom()
const {
  all, groupId, athletes, focus, overlay, editable, squadEditable, today, sizes, places, report, feedChoices, zones, go,
  store, exchange, draft, edits, view, dialog, coming, addEntry, openFeeds, openReader, saveTable, actions, keysOn,
  busy, problem, fields, attempt,
} = room
const { shape, plan, season } = draft
const close = (): void => { dialog.value = null }
</script>

<template>
  <div v-if="signedIn.me">
    <SquadChoice
      :groups="all?.groups ?? []"
      :group-id="groupId"
      :athletes="athletes"
      :athlete-id="focus.athleteId"
      :overlay="overlay"
      :planned="season !== null"
      @squad="group => go({ group, athlete: undefined, view: undefined })"
      @athlete="id => go({ athlete: id ?? undefined })"
      @all="go({ view: overlay ? undefined : 'all' })"
    />
    <RoomPage
      :readings="[store]"
      :empty="!all || all.groups.length === 0 ? 'A season belongs to a squad, and there is none yet.' : null"
      :next="['/begin', 'Begin with a squad']"
      @retry="store.again"
    >
      <SquadOverlay
        v-if="all && overlay"
        :all="all"
        :sizes="sizes"
        :today="today"
        :weeks="OVERLAY_WEEKS"
        :places="places"
        @open="(group, monday) => go({ group, week: monday, view: undefined, athlete: undefined })"
      />
      <template v-else>
        <SeasonTools
          :coming="coming"
          :today="today"
          :days="view.days.value"
          :editable="squadEditable"
          :report="season ? report : null"
          @zoom="view.zoom"
          @add="addEntry"
          @shape="dialog = { kind: 'shape' }"
          @read="openReader"
          @table="saveTable"
          @feeds="openFeeds"
          @keys="dialog = { kind: 'keys' }"
        />
        <StatePanel
          v-if="!plan"
          state="empty"
          text="This squad has no season yet."
        >
          <button
            v-if="editable"
            type="button"
            class="btn btn-main"
            @click="draft.setShape(shape, 'The season is planned')"
          >
            Plan one
          </button>
        </StatePanel>
        <SeasonBoard
          v-if="plan"
          :room="room"
        />
      </template>
    </RoomPage>
    <SeasonDialogs
      :dialog="dialog"
      :shape="shape"
      :zones="zones"
      :shared="govern"
      :found="exchange.found"
      :feeds="exchange.feeds"
      :feed-choices="feedChoices"
      :feed-url="exchange.url"
      :busy="busy"
      :problem="problem"
      :fields="fields"
      :actions="actions"
      :keys-on="keysOn"
      @close="close"
      @put="entry => { edits.put(entry); close() }"
      @cancel="id => { draft.cancelEntry(id); close() }"
      @cancel-day="(entry, day) => { edits.cancelDay(entry, day); close() }"
      @shape="next => { edits.setShape(next); close() }"
      @read="source => attempt(() => exchange.read({ ...source, groupId }))"
      @take="list => { edits.take(list); close() }"
      @add-feed="(scope, subjectId) => attempt(() => exchange.add(scope, subjectId))"
      @revoke="id => attempt(() => exchange.revoke(id))"
      @keys="on => keysOn = on"
    />
  </div>
</template>
