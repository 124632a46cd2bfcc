<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { formatDose } from '~~/core/dose'
import { PAIN_CAUTION } from '~~/core/screening'
import RoomPage from '~/components/common/RoomPage.vue'
import PlaneMark from '~/components/plane/PlaneMark.vue'
import DrillCues from '~/components/run/DrillCues.vue'
import DrillWords from '~/components/run/DrillWords.vue'
import RestTimer from '~/components/run/RestTimer.vue'
import SetLogForm from '~/components/run/SetLogForm.vue'
import SetTimer from '~/components/run/SetTimer.vue'
import LateSetForm from '~/components/safety/LateSetForm.vue'
import StoppedDrill from '~/components/safety/StoppedDrill.vue'
import StopPanel from '~/components/safety/StopPanel.vue'
import { useAlerts } from '~/composables/useAlerts'
import { useAttempt } from '~/composables/useAttempt'
import { useCatalogue } from '~/composables/useCatalogue'
import { sharesOf } from '~/words/drillFacts'
import { useBeep } from '~/composables/useBeep'
import { useRunner, type SetOutcome } from '~/composables/useRunner'
import { longDay } from '~/words/inWords'
import { useOutboxStore } from '~/stores/outbox'
import { useRunStore } from '~/stores/run'
import { useSignInStore } from '~/stores/signIn'
import type { SessionRun } from '~~/shared/types'

definePageMeta({ layout: 'plain' })
useHead({ title: 'Session · Keen Anchor' })

const EMPTY: SessionRun = { athleteId: '', athleteName: '', day: '', stop: null, session: null, logs: [] }

const route = useRoute()
const signedIn = useSignInStore()
const store = useRunStore()
const outbox = useOutboxStore()
const catalogue = useCatalogue()
const { waiting } = storeToRefs(outbox)
const runner = useRunner(computed(() => store.run ?? EMPTY), waiting, outbox.add)
const { current, steps, done, stopped, restS } = runner
const { on: sound } = useBeep()

const ended = ref<number | null>(null)
const painShown = ref(false)
const id = computed(() => String(route.params.id))
const home = computed(() => (signedIn.me?.role === 'athlete' ? '/today' : `/athletes/${store.run?.athleteId ?? ''}`))
const drills = computed(() => store.run?.session?.items ?? [])
const openDrills = computed(() => drills.value.filter(item => !item.stopped))
const place = computed(() => openDrills.value.findIndex(item => item.id === current.value?.item.id) + 1)
const sideText = computed(() => (current.value?.side ? `${current.value.side} side` : ''))

onMounted(() => store.load(id.value))
useAlerts(() => store.refresh())
const { busy, problem, attempt } = useAttempt()
const notToday = computed(() => drills.value.filter(item => item.stopped))

function log(outcome: SetOutcome): void {
  runner.log(outcome)
  ended.value = null
  painShown.value = outcome.breakPoint === 'pain'
}

function skip(): void {
  runner.skipDrill()
  ended.value = null
}
</script>

<template>
  <div class="floor-page max-w-md mx-auto p-4 text-[1.05rem]">
    <header class="flex items-center gap-3 mb-3">
      <NuxtLink
        :to="home"
        class="btn min-h-[48px]"
        aria-label="Leave the session"
      >✕</NuxtLink>
      <p class="mr-auto leading-tight">
        <b>{{ store.run?.athleteName }}</b><br>
        <span class="text-quiet">{{ store.run?.session ? longDay(store.run.session.day) : '' }}</span>
      </p>
      <button
        type="button"
        class="btn min-h-[48px]"
        :aria-pressed="sound"
        @click="sound = !sound"
      >
        Sound {{ sound ? 'on' : 'off' }}
      </button>
    </header>
    <RoomPage
      :readings="[store]"
      @retry="store.again"
    >
      <StopPanel
        v-if="store.run?.stop"
        :stop="store.run.stop"
      >
        <LateSetForm
          v-if="store.run.stop.toLog.length > 0"
          :stop="store.run.stop"
          :day="store.run.day"
          @log="outbox.add"
        />
      </StopPanel>
      <section
        v-else-if="painShown"
        class="caution text-[1.15rem]"
        role="alert"
      >
        <h1 class="mb-2">
          Pain: this drill is over
        </h1>
        <p class="mb-4">
          {{ PAIN_CAUTION }}
        </p>
        <button
          type="button"
          class="btn btn-floor"
          @click="painShown = false"
        >
          Go on without it
        </button>
      </section>
      <section v-else-if="!current">
        <h1 class="mb-2">
          Session done
        </h1>
        <p class="mb-1">
          <b class="figure">{{ done.size }}</b> of <b class="figure">{{ steps.length }}</b> sets are logged.
        </p>
        <p
          v-if="stopped.size > 0"
          class="caution mb-2"
        >
          A drill was stopped for pain. Tell your coach today.
        </p>
        <div
          v-for="item in notToday"
          :key="item.id"
          class="mb-2"
        >
          <b>{{ item.name }}</b>
          <StoppedDrill
            :stopped="item.stopped!"
            :busy="busy"
            @take="attempt(() => store.takeIn(item.id))"
          />
        </div>
        <p
          v-if="problem"
          class="caution"
          role="alert"
        >
          {{ problem }}
        </p>
        <NuxtLink
          :to="home"
          class="btn btn-main btn-floor mt-4"
        >Finish</NuxtLink>
      </section>
      <RestTimer
        v-else-if="restS > 0"
        :seconds="restS"
        :next="`${current.item.name}${sideText ? `, ${sideText}` : ''}`"
        @over="restS = 0"
      />
      <section
        v-else
        class="floor-set"
      >
        <p class="text-quiet">
          Drill {{ place }} of {{ openDrills.length }} · set
          {{ current.setNumber <= current.item.dose.sets
            ? `${current.setNumber} of ${current.item.dose.sets}` : `${current.setNumber}, extra` }}
        </p>
        <h1 class="flex gap-2 items-center">
          <PlaneMark
            :shares="sharesOf(current.item.variationId, catalogue)"
            :width="24"
            :height="18"
          />
          {{ current.item.name }}
        </h1>
        <p class="text-[1.15rem] mb-2">
          <b
            v-if="sideText"
            class="bg-ink text-paper px-2 py-0.5 rounded mr-1"
          >{{ sideText }}</b>
          <span class="figure">{{ formatDose(current.item.dose, current.item.sides) }}</span>
        </p>
        <template v-if="ended === null">
          <DrillCues :item="current.item" />
          <SetTimer
            :key="current.key"
            :step="current"
            @ended="ended = $event"
          />
          <DrillWords :item="current.item" />
          <button
            type="button"
            class="btn btn-quiet underline underline-offset-2 min-h-[48px]"
            @click="skip"
          >
            Skip this drill
          </button>
        </template>
        <SetLogForm
          v-else
          :key="current.key"
          :step="current"
          :amount="ended"
          :setting="runner.lastSetting.value"
          :units="signedIn.me!.units"
          @log="log"
          @back="ended = null"
        />
      </section>
    </RoomPage>
  </div>
</template>
