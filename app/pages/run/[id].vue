<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { PAIN_CAUTION } from '~~/core/screening'
import RoomPage from '~/components/common/RoomPage.vue'
import LastSet from '~/components/run/LastSet.vue'
import RestTimer from '~/components/run/RestTimer.vue'
import RunCircuit from '~/components/run/RunCircuit.vue'
import RunDone from '~/components/run/RunDone.vue'
import RunSet from '~/components/run/RunSet.vue'
import RunSwap from '~/components/run/RunSwap.vue'
import LateSetForm from '~/components/safety/LateSetForm.vue'
import StopPanel from '~/components/safety/StopPanel.vue'
import { useAlerts } from '~/composables/useAlerts'
import { useAttempt } from '~/composables/useAttempt'
import { useBeep } from '~/composables/useBeep'
import { useRunner, type SetOutcome } from '~/composables/useRunner'
import { longDay } from '~/words/inWords'
import { useOutboxStore } from '~/stores/outbox'
import { useRunStore } from '~/stores/run'
import { useSignInStore } from '~/stores/signIn'
import type { SessionRun, Swap } from '~~/shared/types'

definePageMeta({ layout: 'plain' })
useHead({ title: 'Session · Keen Anchor' })

const EMPTY: SessionRun = { athleteId: '', athleteName: '', day: '', stop: null, session: null, logs: [], effort: null }

const route = useRoute()
const signedIn = useSignInStore()
const store = useRunStore()
const outbox = useOutboxStore()
const { waiting } = storeToRefs(outbox)
const runner = useRunner(computed(() => store.run ?? EMPTY), waiting, outbox.add)
const { current, steps, done, stopped, restS } = runner
const { on: sound } = useBeep()

const painShown = ref(false)
/** Its clock goes on after its last set: a cool-down is part of it. */
const inCircuit = ref(false)
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

/** The drill that another one is looked for. */
const swapping = ref<string | null>(null)
const swaps = ref<Swap[] | null>(null)
async function openSwaps(): Promise<void> {
  const itemId = current.value?.item.id
  if (!itemId) return
  swapping.value = itemId
  swaps.value = null
  await attempt(async () => { swaps.value = await store.swapsFor(itemId) })
}
async function takeSwap(variationId: string): Promise<void> {
  const itemId = swapping.value
  if (itemId && await attempt(() => store.swap(itemId, variationId))) swapping.value = null
}

function log(outcome: SetOutcome, whole: number): void {
  runner.log(outcome, whole)
  painShown.value = outcome.breakPoint === 'pain'
}
function putRight(outcome: Partial<SetOutcome>): void {
  runner.putRight(outcome)
  if (outcome.breakPoint === 'pain') painShown.value = true
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
      <RunCircuit
        v-else-if="store.run?.session && (current?.item.circuit !== undefined || inCircuit)"
        :session="store.run.session"
        :runner="runner"
        :units="signedIn.me!.units"
        @busy="inCircuit = $event"
      />
      <RunDone
        v-else-if="!current"
        :done="done.size"
        :of="steps.length"
        :pain="stopped.size > 0"
        :not-today="notToday"
        :home="home"
        :busy="busy"
        :problem="problem"
        :effort="store.run?.effort ?? null"
        :minutes="store.run?.session?.minutes ?? 60"
        @take="item => attempt(() => store.takeIn(item))"
        @tell="store.tell"
      />
      <RestTimer
        v-else-if="restS > 0"
        :seconds="restS"
        :next="`${current.item.name}${sideText ? `, ${sideText}` : ''}`"
        @over="restS = 0"
      >
        <LastSet
          v-if="runner.last.value"
          class="mt-4"
          :last="runner.last.value"
          :units="signedIn.me!.units"
          :scores="signedIn.me!.role !== 'athlete'"
          @right="putRight"
        />
      </RestTimer>
      <RunSwap
        v-else-if="swapping === current.item.id"
        :name="current.item.name"
        :swaps="swaps"
        :busy="busy"
        :problem="problem"
        @take="takeSwap"
        @close="swapping = null"
      />
      <RunSet
        v-else
        :key="current.key"
        :step="current"
        :place="place"
        :of="openDrills.length"
        :setting="runner.lastSetting.value"
        :slots="runner.inOneGo.value"
        :units="signedIn.me!.units"
        :scores="signedIn.me!.role !== 'athlete'"
        :fresh="!runner.logs.value.some(one => one.prescribedItemId === current?.item.id)"
        @log="log"
        @skip="runner.skipDrill()"
        @swap="openSwaps"
      />
      <LastSet
        v-if="runner.last.value && (restS <= 0 || !current) && !painShown && !store.run?.stop && !inCircuit"
        :key="runner.last.value.step.key"
        class="mt-6"
        :last="runner.last.value"
        :units="signedIn.me!.units"
        :scores="signedIn.me!.role !== 'athlete'"
        @right="putRight"
      />
    </RoomPage>
  </div>
</template>
