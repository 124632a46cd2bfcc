<script setup lang="ts">
import type { Battery } from '~~/core/assessment'
import { PAIN_CAUTION } from '~~/core/screening'
import { messageOf } from '~~/shared/errors'
import type { Athlete } from '~~/shared/types'
import DeskBar from '~/components/assessment/DeskBar.vue'
import DeskHead from '~/components/assessment/DeskHead.vue'
import DeskLane from '~/components/assessment/DeskLane.vue'
import DeskSetUp from '~/components/assessment/DeskSetUp.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import { batteryInWords } from '~/words/testWords'
import { LANE_KEYS } from '~/composables/desk/lane'
import { useDeskButton } from '~/composables/desk/useDeskButton'
import { useDeskKeys } from '~/composables/desk/useDeskKeys'
import { useTestDesk } from '~/composables/desk/useTestDesk'
import { useAlerts } from '~/composables/useAlerts'
import { useCatalogue } from '~/composables/useCatalogue'
import { deskLooks } from '~/words/deskLooks'
import { useAssessmentStore } from '~/stores/assessment'
import { useSquadTrialsStore } from '~/stores/squadTrials'
import { useInstrumentsStore } from '~/stores/instruments'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'
import { useTestsStore } from '~/stores/tests'

useHead({ title: 'Test desk · Keen Anchor' })

const signedIn = useSignInStore()
const roster = useRosterStore()
const store = useAssessmentStore()
const squad = useSquadTrialsStore()
const instruments = useInstrumentsStore()
onMounted(() => Promise.all([roster.load(), instruments.load(), squad.load()]))

const own = useTestsStore()
const catalogue = useCatalogue()
const looks = deskLooks(() => roster.rows.map(row => row.athlete), () => squad.squad.trials, {
  catalogue: () => catalogue.value, tests: () => own.tests, today: () => signedIn.me!.today,
})
useAlerts(() => roster.load())
const desk = useTestDesk(() => signedIn.me!.today, store.logTrial, () => Date.now(), looks)
const { lanes, steps, front, allDone, setting } = desk
const batteryWords = computed(() => batteryInWords(desk.battery.value, steps.value, desk.tests.value))

const { buttonLane, button, pressed } = useDeskButton(lane => desk.press(lane))
const problem = ref('')
const active = computed(() => roster.rows.map(row => row.athlete).filter(a => !a.archived))
const begin = (battery: Battery, athletes: readonly Athlete[]): void => desk.begin(battery, own.tests, athletes)

function undo(index: number): void {
  const trial = desk.undo(index)
  if (trial) store.withdrawTrial(trial.id, null).catch((error: unknown) => { problem.value = messageOf(error) })
}

/** What has to be written down with a trial, where a test asks for it. */
const asks = computed(() => ({
  bandN: steps.value.some(s => s.test === 'pressOutHold'),
  loadKg: steps.value.some(s => s.test === 'rowSupported' || s.test === 'rowUnsupported'),
}))
const pain = computed(() => lanes.value.find(lane => lane.done.at(-1)?.breakPoint === 'pain'))

useDeskKeys(desk)
</script>

<template>
  <div v-if="signedIn.me">
    <DeskHead />
    <p
      v-if="problem"
      class="caution mb-2"
      role="alert"
    >
      {{ problem }}
    </p>
    <template v-if="lanes.length === 0">
      <RoomPage
        :readings="[roster]"
        :empty="roster.rows.length === 0 ? 'Nobody is on the roster yet.' : null"
        :next="['/athletes/table', 'Bring athletes in']"
        @retry="roster.again"
      >
        <DeskSetUp
          :athletes="active"
          :groups="roster.groups"
          :batteries="own.batteries"
          :tests="own.tests"
          @begin="begin"
        />
      </RoomPage>
    </template>
    <template v-else>
      <DeskBar
        :asks="asks"
        :setting="setting"
        :can-start="lanes.some(desk.idle)"
        :words="allDone ? 'Everybody is through.' : batteryWords"
        :all-done="allDone"
        :has-button="button !== null"
        :button-away="pressed.away.value"
        :button-simulated="pressed.state.value?.simulated ?? false"
        :button-lane="buttonLane"
        :lane-names="lanes.map(lane => lane.name)"
        @start="desk.startAll()"
        @finish="desk.finish()"
        @setting="setting = $event"
        @button-lane="buttonLane = $event"
        @press="instruments.ask(button!, { ask: 'act', value: 0, forS: 1 })"
      />
      <p
        v-if="pain"
        class="caution my-1"
        role="alert"
      >
        {{ pain.name }}: {{ PAIN_CAUTION }}
      </p>
      <ul class="border-t-2 border-ink">
        <DeskLane
          v-for="(lane, index) in lanes"
          :key="lane.athleteId"
          :lane="lane"
          :tests="desk.tests.value"
          :lane-key="LANE_KEYS[index]!"
          :step="desk.stepAt(lane)"
          :next="steps[lane.at + 1] ?? null"
          :timed="desk.timed(lane)"
          :elapsed="desk.elapsedS(lane)"
          :is-front="front === index"
          :stop="desk.stopOf(lane)"
          :odd="desk.oddOf(lane)"
          @press="desk.press(index)"
          @enter="desk.enter(index, $event)"
          @note="desk.note(index, $event)"
          @end="desk.end($event, index)"
          @discard="desk.discard(index)"
          @skip="desk.skip(index)"
          @again="desk.again(index)"
          @undo="undo(index)"
        />
      </ul>
    </template>
  </div>
</template>
