<script setup lang="ts">
import { BREAK_POINTS, testFacts } from '~~/core/assessment'
import { CAUTION, PAIN_CAUTION } from '~~/core/screening'
import { messageOf } from '~~/shared/errors'
import DeskLane from '~/components/assessment/DeskLane.vue'
import ChipChoice from '~/components/common/ChipChoice.vue'
import SelectField from '~/components/common/SelectField.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import TextField from '~/components/common/TextField.vue'
import { testName } from '~/words/testWords'
import { useInstrument } from '~/composables/useInstrument'
import { useSingleKeys } from '~/composables/useSingleKeys'
import { BREAK_KEYS, LANE_KEYS, useTestDesk } from '~/composables/useTestDesk'
import { useAlerts } from '~/composables/useAlerts'
import { useCatalogue } from '~/composables/useCatalogue'
import { deskLooks } from '~/words/deskLooks'
import { useAssessmentStore } from '~/stores/assessment'
import { useInstrumentsStore } from '~/stores/instruments'
import { useRosterStore } from '~/stores/roster'
import { useSessionStore } from '~/stores/session'
import { useTestsStore } from '~/stores/tests'

useHead({ title: 'Test desk · Keen Anchor' })

const session = useSessionStore()
const roster = useRosterStore()
const store = useAssessmentStore()
const instruments = useInstrumentsStore()
onMounted(() => Promise.all([roster.load(), instruments.load(), store.loadSquad()]))

const own = useTestsStore()
const catalogue = useCatalogue()
const looks = deskLooks(() => roster.rows.map(row => row.athlete), () => store.squad.trials, {
  catalogue: () => catalogue.value, tests: () => own.tests, today: () => session.me!.today,
})
useAlerts(() => roster.load())
const desk = useTestDesk(() => session.me!.today, store.logTrial, () => Date.now(), looks)
const { lanes, steps, front, allDone, setting } = desk
const batteryWords = computed(() => {
  const names = steps.value.map(step => testName(step.test, step.side, desk.tests.value).toLowerCase())
  return `${desk.battery.value.name}: ${names.join(', ')}`
})

/** A stopwatch button in the hand stands for one athlete's key. */
const buttonLane = ref<number | null>(null)
const button = computed(() => instruments.list.find(one => one.kind === 'button')?.name ?? null)
const listening = computed(() => (buttonLane.value === null ? null : button.value))
const pressed = useInstrument(listening, instruments.watch, {
  press: () => {
    if (buttonLane.value !== null) desk.press(buttonLane.value)
  },
})
const BUTTON_LANES = computed(
  () => [[null, 'nobody'] as const, ...lanes.value.map((lane, index) => [index, lane.name] as const)]
)

const groupId = ref<string | null>(null)
const battery = ref('fourHolds')
const chosenBattery = computed(() => own.batteries[battery.value] ?? own.batteries.fourHolds!)
const chosen = ref<string[]>([])
const problem = ref('')
const GROUPS = computed(() => [[null, 'everybody'] as const, ...roster.groups.map(g => [g.id, g.name] as const)])
const BATTERY_CHOICES = computed(() => Object.entries(own.batteries).map(([id, { name }]) => [id, name] as const))
const athletes = computed(() =>
  roster.rows.map(row => row.athlete).filter(a => !a.archived && (!groupId.value || a.groupIds.includes(groupId.value)))
)
const names = computed(() => Object.fromEntries(athletes.value.map(a => [a.id, a.name])))
watch(groupId, () => { chosen.value = groupId.value ? athletes.value.slice(0, LANE_KEYS.length).map(a => a.id) : [] })

function toggle(id: string): void {
  problem.value = ''
  if (chosen.value.includes(id)) chosen.value = chosen.value.filter(c => c !== id)
  else if (chosen.value.length < LANE_KEYS.length) chosen.value = [...chosen.value, id]
  else problem.value = `${LANE_KEYS.length} at once: one key each.`
}
function begin(): void {
  const order = athletes.value.filter(a => chosen.value.includes(a.id))
  if (order.length === 0) problem.value = 'Choose who is tested.'
  else desk.begin(chosenBattery.value, own.tests, order)
}

async function undo(index: number): Promise<void> {
  const trial = desk.undo(index)
  if (!trial) return
  try {
    await store.withdrawTrial(trial.id, null)
  }
  catch (error) {
    problem.value = messageOf(error)
  }
}

/** What has to be written down with a trial, where a test asks for it. */
const asks = computed(() => ({
  bandN: steps.value.some(s => s.test === 'pressOutHold'),
  loadKg: steps.value.some(s => s.test === 'rowSupported' || s.test === 'rowUnsupported'),
}))
function setSetting(name: 'bandN' | 'loadKg', typed: string): void {
  const value = Number(typed.trim().replace(',', '.'))
  const { [name]: _, ...rest } = setting.value
  setting.value = typed.trim() === '' || !(value >= 0) ? rest : { ...rest, [name]: value }
}
const pain = computed(() => lanes.value.find(lane => lane.done.at(-1)?.breakPoint === 'pain'))

/** Space and Enter press whatever button has the focus; only without one they mean the desk. */
const unlessOnButton = (run: () => void) => (): void => {
  const at = document.activeElement
  if (at instanceof HTMLButtonElement || at instanceof HTMLAnchorElement) at.click()
  else run()
}
useSingleKeys([
  ...LANE_KEYS.map((key, index) => ({
    keys: [key], text: `Start or stop athlete ${index + 1}`, run: () => desk.press(index),
  })),
  { keys: [' '], text: 'Start everybody who is ready', run: unlessOnButton(() => desk.startAll()) },
  ...BREAK_KEYS.map(([key, breakPoint]) => ({
    keys: [key], text: BREAK_POINTS[breakPoint],
    run: key === 'Enter' ? unlessOnButton(() => desk.end(breakPoint)) : () => desk.end(breakPoint),
  })),
  { keys: ['x'], text: 'Throw the measured time away', run: () => desk.discard() },
])
</script>

<template>
  <div v-if="session.me">
    <header class="flex flex-wrap items-baseline gap-x-4 gap-y-1 mb-2">
      <h1>Test desk</h1>
      <p class="text-quiet mr-auto">
        A watch for each athlete; one key starts and stops it, one says what ended it.
      </p>
      <NuxtLink
        to="/tests/instruments"
        class="btn"
      >
        Instruments
      </NuxtLink>
      <NuxtLink
        to="/tests/own"
        class="btn"
      >
        Your own tests
      </NuxtLink>
      <NuxtLink
        to="/tests/files"
        class="btn"
      >
        Files
      </NuxtLink>
      <NuxtLink
        to="/tests/squad"
        class="btn"
      >
        Where the squad stands
      </NuxtLink>
    </header>
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
        @retry="roster.again"
      >
        <template #empty>
          <NuxtLink
            to="/athletes/new"
            class="underline underline-offset-2"
          >
            Add an athlete
          </NuxtLink>
        </template>
        <section
          class="panel flex flex-col gap-3 max-w-4xl"
        >
          <div class="grid md:grid-cols-2 gap-3">
            <SelectField
              v-model="battery"
              label="Battery"
              name="battery"
              :options="BATTERY_CHOICES"
            />
            <SelectField
              v-model="groupId"
              label="Group"
              name="group"
              :options="GROUPS"
            />
          </div>
          <ul>
            <li
              v-for="test in chosenBattery.tests"
              :key="test"
            >
              <b>{{ testFacts(test, own.tests).name }}.</b>
              <span class="text-quiet">{{ testFacts(test, own.tests).setUp }} Ends:
                {{ testFacts(test, own.tests).stop.replace(/^./, c => c.toLowerCase()) }}</span>
            </li>
          </ul>
          <ChipChoice
            legend="Who is tested"
            :options="names"
            :pressed="chosen"
            @choose="toggle"
          />
          <p>
            <button
              type="button"
              class="btn btn-main"
              @click="begin"
            >
              Begin with {{ chosen.length }} {{ chosen.length === 1 ? 'athlete' : 'athletes' }}
            </button>
          </p>
          <p class="text-quiet text-[0.9em]">
            A trial ends at the first loss of position, not at the limit; pain ends it at once, and sharp, spreading or
            lasting pain goes to a clinician. {{ CAUTION }}
          </p>
        </section>
      </RoomPage>
    </template>
    <template v-else>
      <div class="flex flex-wrap items-end gap-3 mb-1">
        <button
          type="button"
          class="btn btn-main min-h-[48px]"
          :disabled="!lanes.some(desk.idle)"
          @click="desk.startAll()"
        >
          <kbd>space</kbd> start everybody who is ready
        </button>
        <TextField
          v-if="asks.bandN"
          :model-value="setting.bandN === undefined ? '' : String(setting.bandN)"
          label="Band tension, N"
          name="desk-band"
          inputmode="decimal"
          figure
          @update:model-value="setSetting('bandN', $event)"
        />
        <TextField
          v-if="asks.loadKg"
          :model-value="setting.loadKg === undefined ? '' : String(setting.loadKg)"
          label="Load of the row, kg"
          name="desk-load"
          inputmode="decimal"
          figure
          @update:model-value="setSetting('loadKg', $event)"
        />
        <SelectField
          v-if="button"
          v-model="buttonLane"
          label="Stopwatch button is for"
          name="desk-button"
          :options="BUTTON_LANES"
        />
        <button
          v-if="pressed.state.value?.simulated"
          type="button"
          class="btn"
          @click="instruments.ask(button!, { ask: 'act', value: 0, forS: 1 })"
        >
          Press it (simulated)
        </button>
        <p
          v-if="buttonLane !== null && pressed.away.value"
          class="problem"
        >
          The button is away: the keys work.
        </p>
        <p class="text-quiet mr-auto">
          {{ allDone ? 'Everybody is through.' : batteryWords }}
        </p>
        <button
          type="button"
          class="btn"
          @click="desk.finish()"
        >
          {{ allDone ? 'Done' : 'End the run' }}
        </button>
      </div>
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
