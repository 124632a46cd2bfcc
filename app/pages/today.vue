<script setup lang="ts">
import { homeworkState } from '~~/core/assessment'
import { daysBetween } from '~~/core/calendar'
import { setCount } from '~~/core/dose'
import { liftFacts } from '~~/core/programme'
import RoomPage from '~/components/common/RoomPage.vue'
import StatePanel from '~/components/common/StatePanel.vue'
import ComingUp from '~/components/run/ComingUp.vue'
import TodayDrill from '~/components/run/TodayDrill.vue'
import NoticeList from '~/components/season/NoticeList.vue'
import LateSetForm from '~/components/safety/LateSetForm.vue'
import StopPanel from '~/components/safety/StopPanel.vue'
import TodaySeason from '~/components/season/TodaySeason.vue'
import { useAlerts } from '~/composables/useAlerts'
import { useAttempt } from '~/composables/useAttempt'
import { useCatalogue } from '~/composables/useCatalogue'
import { sharesOf } from '~/words/drillFacts'
import { inDays, longDay } from '~/words/inWords'
import { useAssessmentStore } from '~/stores/assessment'
import { useAthleteStore } from '~/stores/athlete'
import { useOutboxStore } from '~/stores/outbox'
import { useSignInStore } from '~/stores/signIn'
import type { PrescribedItem } from '~~/shared/types'

definePageMeta({ layout: 'plain' })
useHead({ title: 'Today · Keen Anchor' })

const signedIn = useSignInStore()
const store = useAthleteStore()
const catalogue = useCatalogue()
const assessment = useAssessmentStore()
const homework = computed(
  () => (assessment.found
    ? homeworkState(assessment.found.course.homework, assessment.found.practices, signedIn.me!.today)
    : null)
)
const braceNext = computed(() => Math.min(7, (assessment.found?.braceStep ?? 1) + 1))

const load = (): Promise<void> => store.loadToday(signedIn.me!.athleteId!)
useAlerts(() => (signedIn.me?.athleteId ? store.refreshToday(signedIn.me.athleteId) : undefined))
const { busy, problem, attempt } = useAttempt()
const outbox = useOutboxStore()
onMounted(async () => {
  await outbox.drain()
  if (!signedIn.me?.athleteId) return
  await load()
  // What there is besides the session: the day does not wait for it.
  void assessment.loadOwn(signedIn.me.athleteId)
})

const today = computed(() => store.today)
const doneOf = (item: PrescribedItem): number =>
  today.value!.logs.filter(log => log.prescribedItemId === item.id).length
const allOf = (item: PrescribedItem): number => setCount(item.dose, item.sides, item.extraSetSide)
const open = computed(() => today.value?.session?.items.filter(item => !item.stopped) ?? [])
const started = computed(() => today.value?.session?.items.some(item => doneOf(item) > 0) ?? false)
const finished = computed(() => open.value.length > 0 && open.value.every(item => doneOf(item) >= allOf(item)))

async function signOut(): Promise<void> {
  await signedIn.signOut()
  await navigateTo('/sign-in')
}
</script>

<template>
  <div class="max-w-md mx-auto p-4 text-[1.05rem]">
    <header class="flex items-center gap-3 mb-3">
      <p class="mr-auto leading-tight">
        <b class="font-[family-name:var(--font-head)] text-[1.15rem]">Keen Anchor</b><br>
        <span class="text-quiet">{{ signedIn.me?.name }}</span>
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
        <p
          v-if="assessment.found"
          class="flex flex-wrap gap-2 my-2"
        >
          <NuxtLink
            v-if="!today.stop"
            to="/brace"
            class="btn min-h-[48px]"
            :class="homework?.remind ? 'border-signal border-2' : ''"
          >Brace, step {{ braceNext }}<template v-if="homework && homework.of > 0">
            · {{ homework.done }} of {{ homework.of }} today
          </template></NuxtLink>
          <NuxtLink
            to="/screening"
            class="btn min-h-[48px]"
            :class="assessment.found.screenedOn ? '' : 'border-signal border-2'"
          >{{ assessment.found.screenedOn ? 'Screening' : 'Answer the screening' }}</NuxtLink>
        </p>
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
        <template v-if="today.session && today.session.items.length > 0">
          <p
            v-if="problem"
            class="caution mb-2"
            role="alert"
          >
            {{ problem }}
          </p>
          <NuxtLink
            v-if="open.length > 0"
            :to="`/run/${today.session.id}`"
            class="btn btn-main btn-floor mb-4"
          >{{ finished ? 'Look at the session' : started ? 'Go on with the session' : 'Start the session' }}</NuxtLink>
          <p
            v-if="today.session.lifts.length > 0"
            class="mb-2"
          >
            <span class="text-quiet">Lifts:
            </span>{{
              today.session.lifts
                .map(l => `${liftFacts(l.lift).name} ${l.sets}×${l.reps} at ${l.percent1Rm} %`).join(', ')
            }}
          </p>
          <ol class="flex flex-col gap-3">
            <TodayDrill
              v-for="item in today.session.items"
              :key="item.id"
              :item="item"
              :shares="sharesOf(item.variationId, catalogue)"
              :done="doneOf(item)"
              :all="allOf(item)"
              :busy="busy"
              @take="attempt(() => store.takeStandIn(item.id))"
            />
          </ol>
        </template>
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
