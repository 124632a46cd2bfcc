<script setup lang="ts">
import { daysBetween } from '~~/core/calendar'
import { settleSets } from '~~/shared/sameSet'
import RoomPage from '~/components/common/RoomPage.vue'
import StatePanel from '~/components/common/StatePanel.vue'
import ComingUp from '~/components/run/ComingUp.vue'
import TodayTasks from '~/components/run/TodayTasks.vue'
import TodaySession from '~/components/run/TodaySession.vue'
import NoticeList from '~/components/season/NoticeList.vue'
import StopPanel from '~/components/safety/StopPanel.vue'
import TodaySeason from '~/components/season/TodaySeason.vue'
import { useAlerts } from '~/composables/useAlerts'
import { useAttempt } from '~/composables/useAttempt'
import { inDays, longDay } from '~/words/inWords'
import { useAssessmentStore } from '~/stores/assessment'
import { useAthleteStore } from '~/stores/athlete'
import { useOutboxStore } from '~/stores/outbox'
import { useSignInStore } from '~/stores/signIn'

definePageMeta({ layout: 'plain' })
useHead({ title: 'Today · Keen Anchor' })

/** Only after a stop, and then soon enough. */
const LateSetForm = defineAsyncComponent(() => import('~/components/safety/LateSetForm.vue'))

const signedIn = useSignInStore()
const store = useAthleteStore()
const assessment = useAssessmentStore()
const load = (): Promise<void> => store.loadToday(signedIn.me!.athleteId!)
useAlerts(() => (signedIn.me?.athleteId ? store.refreshToday(signedIn.me.athleteId) : undefined))
const { busy, problem, attempt } = useAttempt()
const outbox = useOutboxStore()
if (import.meta.server && signedIn.me?.athleteId)
  await store.drawToday(signedIn.me.athleteId, useRequestFetch() as unknown as (path: string) => Promise<unknown>)
onMounted(async () => {
  await outbox.drain()
  if (!signedIn.me?.athleteId) return
  await load()
  // What there is besides the session: the day does not wait for it.
  void assessment.loadOwn(signedIn.me.athleteId)
})

const today = computed(() => store.today)
/** Sets that are stored, and those that wait on this phone. */
const logs = computed(() => {
  const stored = today.value?.logs ?? []
  return settleSets([...stored, ...outbox.waiting])
})

async function signOut(): Promise<void> {
  await signedIn.signOut()
  // As a new page: nothing of whoever was here stays in it.
  await navigateTo('/sign-in', { external: true })
}
</script>

<template>
  <div class="max-w-md mx-auto p-4 text-[1.05rem]">
    <header class="flex items-center gap-3 mb-3">
      <p class="mr-auto leading-tight">
        <b class="font-[family-name:var(--font-head)] text-[1.15rem]">Keen Anchor</b><br>
        <span class="text-quiet">{{ signedIn.me?.name }}<template v-if="signedIn.me?.demo">, demo</template></span>
      </p>
      <NuxtLink
        to="/account"
        class="btn min-h-[48px]"
      >My sign-in</NuxtLink>
      <button
        type="button"
        class="btn min-h-[48px]"
        @click="signOut"
      >
        Sign out
      </button>
    </header>
    <RoomPage
      :readings="[store]"
      @retry="store.again"
    >
      <template v-if="today">
        <StopPanel
          v-if="today.stop"
          class="mb-3"
          :stop="today.stop"
        >
          <LateSetForm
            v-if="today.stop.toLog.length > 0"
            :stop="today.stop"
            :day="today.day"
            @log="outbox.add"
          />
        </StopPanel>
        <h1 v-else>
          {{ longDay(today.day) }}
        </h1>
        <TodayTasks
          v-if="assessment.found"
          :found="assessment.found"
          :today="signedIn.me!.today"
          :stopped="today.stop !== null"
        />
        <TodaySeason
          :day="today.day"
          :season="today.season"
          :entries="today.entries"
        />
        <NoticeList
          v-if="today.notices.length > 0"
          class="mb-3"
          :notices="today.notices"
          :today="today.day"
        />
        <p
          v-if="today.nextCompetition"
          class="mb-3"
        >
          {{ today.nextCompetition.name }} <b>{{ inDays(daysBetween(today.day, today.nextCompetition.day)) }}</b>
        </p>
        <ul
          v-if="today.decided.length > 0"
          class="panel mb-3"
          aria-label="Decided by your coach"
        >
          <li
            v-for="text in today.decided"
            :key="text"
          >
            {{ text }}
          </li>
        </ul>
        <TodaySession
          v-if="today.session && today.session.items.length > 0"
          :session="today.session"
          :logs="logs"
          :busy="busy"
          :problem="problem"
          :units="signedIn.me!.units"
          @take="item => attempt(() => store.takeStandIn(item))"
        />
        <StatePanel
          v-else-if="!today.stop"
          state="empty"
          text="Nothing is planned for today."
        />
        <ComingUp
          v-if="today.nextDays.length > 0"
          class="mt-5"
          :days="today.nextDays"
        />
        <p class="text-quiet text-[0.88em] mt-6">
          Own range, own rung. Pain ends a drill. Not medical advice: your clinician goes first.
        </p>
      </template>
    </RoomPage>
  </div>
</template>
