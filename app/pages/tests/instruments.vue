<script setup lang="ts">
import { v7 as newKey } from 'uuid'
import {
  BREAK_POINTS, TEST_IDS, testFacts, testStops, TESTS, type BreakPoint, type StandardTestId, type TestFacts,
} from '~~/core/assessment'
import type { Side } from '~~/core/dose'
import {
  INSTRUMENT_FAULTS, INSTRUMENT_KINDS, USUAL_BAND, type InstrumentCommand, type InstrumentFault,
} from '~~/core/instruments'
import { CAUTION, PAIN_CAUTION } from '~~/core/screening'
import { messageOf } from '~~/shared/errors'
import TraceView from '~/components/assessment/TraceView.vue'
import ChipChoice from '~/components/common/ChipChoice.vue'
import SelectField from '~/components/common/SelectField.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import TextField from '~/components/common/TextField.vue'
import { clockText } from '~/words/testWords'
import { useInstrument } from '~/composables/useInstrument'
import { useInstrumentRun, type RunPlan } from '~/composables/useInstrumentRun'
import { useAssessmentStore } from '~/stores/assessment'
import { useInstrumentsStore } from '~/stores/instruments'
import { useRosterStore } from '~/stores/roster'
import { useCatalogue } from '~/composables/useCatalogue'
import { screenOf } from '~~/shared/planningContext'
import { useSessionStore } from '~/stores/session'

useHead({ title: 'Instruments · Keen Anchor' })

const session = useSessionStore()
const catalogue = useCatalogue()
const roster = useRosterStore()
const store = useInstrumentsStore()
const assessment = useAssessmentStore()
onMounted(() => Promise.all([roster.load(), store.load()]))

const name = ref<string | null>(null)
const athleteId = ref<string | null>(null)
const side = ref<Side>('right')
const typed = ref('90')
const problem = ref('')
const said = ref('')

const measuring = computed(() => store.list.filter(one => one.kind !== 'button'))
watch(measuring, (list) => { if (!name.value && list[0]) name.value = list[0].name }, { immediate: true })

interface About {
  readonly name: string | null
  readonly athleteId: string | null
  readonly side: Side
  readonly test: StandardTestId | null
}
const run = useInstrumentRun((): About => ({
  name: name.value, athleteId: athleteId.value, side: side.value, test: test.value,
}))
const live = useInstrument(name, store.watch, { samples: run.take })
const kind = computed(() => {
  const found = live.state.value?.kind ?? store.list.find(one => one.name === name.value)?.kind
  return found && found !== 'button' ? found : null
})
const test = computed((): StandardTestId | null =>
  TEST_IDS.find(id => (TESTS[id] as TestFacts).instrument === kind.value) ?? null
)
watch(run.restored, (before) => {
  const about = before as About | null
  if (about) [name.value, athleteId.value, side.value] = [about.name, about.athleteId, about.side]
}, { immediate: true })
watch(kind, (now) => {
  if (run.phase.value === 'idle' && now) typed.value = now === 'force' ? '90' : String(USUAL_BAND.targetMmHg)
})

const target = computed(() => Number(typed.value.trim().replace(',', '.')))
const targetProblem = computed(() => (kind.value === 'cuff'
  ? (target.value >= 10 && target.value <= 150 ? undefined : 'From 10 to 150 mmHg.')
  : (target.value >= 5 && target.value <= 2000 ? undefined : 'From 5 to 2000 N.')))
/** The last target that could be: nonsense typed leaves the picture as it was. */
const lastGood = ref(90)
watch([target, targetProblem], () => { if (!targetProblem.value) lastGood.value = target.value }, { immediate: true })
const band = computed(() => (kind.value === 'cuff'
  ? [lastGood.value - USUAL_BAND.toleranceMmHg, lastGood.value + USUAL_BAND.toleranceMmHg]
  : [lastGood.value * 0.8, lastGood.value * 1.1])
)
const NAMES = computed(() =>
  roster.rows.filter(r => !r.athlete.archived).map(({ athlete }) => [athlete.id, athlete.name] as const)
)
const ATHLETES = computed(() => [[null, 'choose'] as const, ...NAMES.value])
const eachSide = computed(() => test.value !== null && testFacts(test.value).sides === 'each')
const unit = computed(() => (kind.value ? INSTRUMENT_KINDS[kind.value].unit : ''))

function ready(): void {
  said.value = ''
  const athlete = roster.rows.find(row => row.athlete.id === athleteId.value)?.athlete
  const [stop] = athlete && test.value
    ? testStops(test.value, screenOf(athlete, session.me!.today, catalogue.value))
    : []
  problem.value = !athleteId.value ? 'Choose who is tested.' : targetProblem.value ?? stop ?? ''
  if (!problem.value && kind.value) run.begin({ kind: kind.value, target: target.value } satisfies RunPlan)
}
function storeTrial(breakPoint: BreakPoint): void {
  const found = run.result.value
  if (!found || !athleteId.value || !test.value) return
  assessment.logTrial({
    id: newKey(), athleteId: athleteId.value, day: session.me!.today, performedAt: new Date().toISOString(),
    test: test.value, side: eachSide.value ? side.value : null, value: found.value, breakPoint,
    setting: found.plan.kind === 'force' ? { bandN: Math.round(found.plan.target) } : {},
    // The hold was looked at with its trace before it is told what ended it.
    note: '', sure: true, trace: found.trace,
  })
  const who = NAMES.value.find(([id]) => id === athleteId.value)?.[1] ?? ''
  said.value = `${who}${eachSide.value ? `, ${side.value}` : ''}: ${clockText(found.value)} stored with its trace.${
    breakPoint === 'pain' ? ` ${PAIN_CAUTION}` : ''
  }`
  if (eachSide.value) side.value = side.value === 'right' ? 'left' : 'right'
  run.cancel()
}
async function ask(command: InstrumentCommand): Promise<void> {
  problem.value = ''
  try {
    await store.ask(name.value!, command)
  }
  catch (error) {
    problem.value = messageOf(error)
  }
}
const fault = ref<InstrumentFault>('none')
watch(fault, next => ask({ ask: 'fault', fault: next }))
const FAULTS = Object.entries(INSTRUMENT_FAULTS) as [InstrumentFault, string][]
const act = () =>
  ask(kind.value === 'cuff' ? { ask: 'act', value: -12, forS: 4 } : { ask: 'act', value: target.value || 90, forS: 12 })
const PHASES = {
  idle: 'Not armed', waiting: 'Waiting for the hold to begin', holding: 'Holding', done: 'Over: say what ended it',
} as const
</script>

<template>
  <div v-if="session.me">
    <header class="flex flex-wrap items-baseline gap-x-4 gap-y-1 mb-2">
      <h1>Instruments</h1>
      <p class="text-quiet mr-auto">
        The hold is timed by the instrument itself; its trace stays with the test.
      </p>
      <NuxtLink
        to="/tests"
        class="btn"
      >
        Test desk
      </NuxtLink>
    </header>
    <RoomPage
      :readings="[store]"
      @retry="store.again"
    >
      <div
        class="grid lg:grid-cols-[19rem_minmax(0,1fr)] gap-4 items-start"
      >
        <section class="panel flex flex-col gap-3">
          <SelectField
            v-model="name"
            label="Instrument"
            name="instrument"
            :options="measuring.map(one => [
              one.name, `${INSTRUMENT_KINDS[one.kind].name}, ${one.name}${one.simulated ? ' (simulated)' : ''}`,
            ] as const)"
            :disabled="run.phase.value !== 'idle'"
          />
          <SelectField
            v-model="athleteId"
            label="Athlete"
            name="instrument-athlete"
            :options="ATHLETES"
          />
          <p v-if="test">
            <b>{{ testFacts(test).name }}.</b> <span class="text-quiet">{{ testFacts(test).setUp }} Ends:
              {{ testFacts(test).stop.replace(/^./, c => c.toLowerCase()) }}</span>
          </p>
          <ChipChoice
            v-if="eachSide"
            legend="Side"
            :options="{ right: 'right', left: 'left' }"
            :pressed="[side]"
            @choose="side = $event"
          />
          <TextField
            v-model="typed"
            :label="kind === 'cuff' ? 'Pressure to keep, mmHg' : 'Force to hold, N'"
            name="instrument-target"
            inputmode="decimal"
            figure
            :problem="targetProblem"
          />
          <p class="flex flex-wrap gap-2">
            <button
              v-if="run.phase.value === 'idle'"
              type="button"
              class="btn btn-main min-h-[48px]"
              @click="ready"
            >
              Ready
            </button>
            <button
              v-if="run.phase.value === 'holding'"
              type="button"
              class="btn btn-main min-h-[48px]"
              @click="run.finish(false)"
            >
              Stop here
            </button>
            <button
              v-if="run.phase.value === 'waiting' || run.phase.value === 'done'"
              type="button"
              class="btn"
              @click="run.cancel()"
            >
              {{ run.phase.value === 'done' ? 'Throw away' : 'Not now' }}
            </button>
            <button
              type="button"
              class="btn"
              :disabled="live.away.value"
              @click="ask({ ask: 'zero' })"
            >
              Set to zero
            </button>
          </p>
          <div
            v-if="live.state.value?.simulated"
            class="border-t border-line pt-2 flex flex-col gap-2"
          >
            <p class="text-quiet text-[0.92em]">
              This one is simulated.
            </p>
            <button
              type="button"
              class="btn self-start"
              @click="act"
            >
              {{ kind === 'cuff' ? 'Let the pressure fall' : 'Pull for 12 s' }}
            </button>
            <SelectField
              v-model="fault"
              label="It"
              name="instrument-fault"
              :options="FAULTS"
            />
          </div>
        </section>
        <section class="flex flex-col gap-2 min-w-0">
          <p
            v-if="problem"
            class="caution"
            role="alert"
          >
            {{ problem }}
          </p>
          <p
            v-if="said"
            role="status"
          >
            <b>{{ said }}</b>
          </p>
          <p
            v-if="live.away.value"
            class="caution"
            role="alert"
          >
            The instrument is away. What was measured is kept; it is looked for again.
            <button
              v-if="run.phase.value === 'holding'"
              type="button"
              class="underline underline-offset-2 font-semibold"
              @click="run.finish(true)"
            >
              End the hold where it went
            </button>
          </p>
          <p
            v-else-if="!live.trust.value.reliable"
            class="caution"
            role="alert"
          >
            Not reliable just now: {{ live.trust.value.says.join(' ') }}
          </p>
          <p
            v-else-if="live.trouble.value"
            class="caution"
          >
            {{ live.trouble.value }}
          </p>
          <div class="flex flex-wrap items-baseline gap-x-6">
            <p
              class="figure text-[3rem] leading-none"
              role="timer"
              :aria-label="`${run.elapsedS.value.toFixed(1)} seconds held`"
            >
              {{ clockText(run.elapsedS.value) }}
            </p>
            <p class="figure text-[1.5rem]">
              {{ live.latest.value ? live.latest.value.value.toFixed(kind === 'cuff' ? 1 : 0) : '–' }} {{ unit }}
            </p>
            <p aria-live="polite">
              <b>{{ PHASES[run.phase.value] }}</b>
            </p>
          </div>
          <TraceView
            :samples="live.samples.value"
            :low="band[0]!"
            :high="band[1]!"
            :unit="unit"
            :hold="run.hold.value"
            :seconds="20"
            :label="`Last seconds of ${name}: ${live.latest.value?.value.toFixed(0) ?? 'nothing'} ${unit}`"
          />
          <div
            v-if="run.result.value"
            class="panel"
          >
            <p>
              <b class="figure">{{ clockText(run.result.value.value) }}</b>, {{ run.result.value.says }}.
            </p>
            <p
              v-if="!run.result.value.trace.reliable"
              class="problem"
            >
              Not to be believed as it is: {{ run.result.value.trace.says.join(' ') }} It can be stored, marked so, or
              thrown away.
            </p>
            <ChipChoice
              legend="What ended it"
              class="mt-2"
              :options="BREAK_POINTS"
              :pressed="[]"
              warn="pain"
              @choose="storeTrial"
            />
          </div>
          <p class="text-quiet text-[0.9em]">
            Begins when 80 % of the force is held for 0.3 s, ends below 70 % for 0.5 s; a cuff ends when the pressure
            stays out for a second. Common practice, no source. {{ CAUTION }}
          </p>
        </section>
      </div>
    </RoomPage>
  </div>
</template>
