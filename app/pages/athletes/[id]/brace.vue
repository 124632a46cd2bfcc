<script setup lang="ts">
import { addDays, daysBetween } from '~~/core/calendar'
import { BRACE_STEPS, braceLacks, QUADRANTS, RECHECK_DAYS, type Quadrant } from '~~/core/assessment'
import { BREATH_METHODS, bracedRep, breathMethod, LIFT_IDS, LIFTS, matchBrace, type LiftId } from '~~/core/programme'
import { flagFacts, NO_BRACE_WORK, redFlags } from '~~/core/screening'
import type { BraceCheckInput } from '~~/shared/types'
import AthleteRoom from '~/components/athlete/AthleteRoom.vue'
import BraceCheckForm from '~/components/assessment/BraceCheckForm.vue'
import BraceCourseForm from '~/components/assessment/BraceCourseForm.vue'
import BraceTrainer from '~/components/assessment/BraceTrainer.vue'
import SelectField from '~/components/common/SelectField.vue'
import TextField from '~/components/common/TextField.vue'
import { ageBand } from '~~/core/rules'
import { forget } from '~/device/kept'
import { useAlerts } from '~/composables/useAlerts'
import { useAthleteRoom } from '~/composables/useAthleteRoom'
import { useAttempt } from '~/composables/useAttempt'
import { dayMonth, inDays } from '~/words/inWords'

const { id, editable, load, reading, today, screen, session, store } = useAthleteRoom('Brace')

const alerts = useAlerts()
const stopped = computed(() =>
  redFlags(screen.value.flags).length > 0 || alerts.open.some(one => one.kind === 'stop' && one.athleteId === id.value)
)
const checks = computed(() => store.found?.braceChecks ?? [])
const reached = computed(() => store.athlete?.braceStep ?? 1)
const chosen = ref<number | null>(null)
const step = computed(() => chosen.value ?? Math.min(7, reached.value + 1))
const last = computed(() => checks.value.at(-1) ?? null)
const due = computed(() => (last.value ? daysBetween(today.value, addDays(last.value.day, RECHECK_DAYS)) : 0))
const lastOf = (n: number) => checks.value.filter(c => c.step === n).at(-1)
/** Weeks since the march began: its counts grow with them. */
const marchWeeks = computed(() => {
  const began = checks.value.find(c => c.step === 4 && c.passed) ?? checks.value.find(c => c.step === 5)
  return began ? Math.max(0, Math.floor(daysBetween(began.day, today.value) / 7)) : 0
})

const { busy, problem, attempt } = useAttempt()
const saveCourse = (course: Parameters<typeof store.setCourse>[1]) => attempt(async () => {
  await store.setCourse(id.value, course)
  forget(`draft/brace-course/${id.value}`)
})
const said = ref('')
/** A check that is stored begins the next one anew. */
const checkKey = computed(() => `draft/brace-check/${id.value}/${step.value}/${checks.value.length}`)
async function check(input: BraceCheckInput): Promise<void> {
  said.value = ''
  const key = checkKey.value
  if (!await attempt(() => store.checkBrace(id.value, input))) return
  forget(key)
  said.value = braceLacks(input).length === 0 ? `Step ${input.step} passed.` : `Stored: step ${input.step} not yet.`
  chosen.value = null
}

const lift = ref<LiftId>('backSquat')
const percent = ref('85')
const LIFT_CHOICES = LIFT_IDS.map(key => [key, LIFTS[key].name] as const)
const matched = computed(() => {
  const percent1Rm = Number(percent.value.trim().replace(',', '.'))
  if (!store.athlete || !(percent1Rm >= 1 && percent1Rm <= 100)) return null
  const rep = bracedRep({
    lift: lift.value, percent1Rm, tempo: null, heightM: store.athlete.heightCm / 100, setUpS: null,
  })
  const cause = screen.value.flags.map(flagFacts).find(facts => facts.noBreathHold) ?? ageBand(screen.value.ageYears)
  const careful = cause?.noBreathHold === true || screen.value.left != null
  return {
    rep,
    work: matchBrace(rep.totalS).filter(m => m.matches).slice(0, 3),
    breath: BREATH_METHODS[breathMethod(percent1Rm, careful)], cause: cause?.noBreathHold ? cause.name : null,
  }
})
const swellText = (
  swell: readonly Quadrant[],
): string => (swell.length === 4
  ? 'all four places'
  : swell.map(q => QUADRANTS[q].toLowerCase()).join(', ') || 'nowhere')
</script>

<template>
  <AthleteRoom
    v-if="session.me"
    :id="id"
    :name="store.athlete?.name ?? ''"
    :reading="reading"
    @retry="load"
  >
    <p
      v-if="stopped"
      class="caution mb-3"
      role="alert"
    >
      {{ NO_BRACE_WORK }}
    </p>
    <p
      v-else
      class="mb-3"
      :class="due <= 0 ? 'caution' : 'text-quiet'"
    >
      <template v-if="last">
        Last check {{ dayMonth(last.day) }}; the brace is looked at again
        {{ due <= 0 ? 'now: it is due' : inDays(due) }}.
      </template>
      <template v-else>
        The brace was never checked here: squat and hinge faults blamed on mobility are often only this.
      </template>
    </p>
    <div class="grid lg:grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)] gap-4 items-start">
      <div class="flex flex-col gap-4">
        <section class="panel">
          <h2 class="mb-1">
            The course
          </h2>
          <ol>
            <li
              v-for="one in BRACE_STEPS"
              :key="one.step"
            >
              <button
                type="button"
                class="w-full text-left grid grid-cols-[2rem_minmax(0,1fr)_auto] gap-2 items-center py-1.5 border-b
                  border-line/60 hover:bg-chalk"
                :aria-pressed="step === one.step"
                @click="chosen = one.step"
              >
                <span
                  class="figure font-bold text-center rounded-full leading-7 h-7"
                  :class="one.step === step ? 'bg-signal text-paper' : one.step <= reached ? 'bg-block text-paper'
                    : 'bg-line'"
                >{{ one.step }}</span>
                <span class="leading-tight"><b>{{ one.name }}</b><br>
                  <span class="text-quiet text-[0.92em]">{{ one.passes }}
                  </span></span>
                <span class="text-quiet text-[0.9em]">{{ one.step <= reached ? 'passed' : lastOf(one.step) ? 'not yet'
                  : '' }}</span>
              </button>
            </li>
          </ol>
        </section>
        <BraceCourseForm
          :key="id"
          class="panel"
          :course="store.found!.course"
          :practices="store.found!.practices"
          :today="today"
          :editable="editable"
          :busy="busy"
          :draft-key="`draft/brace-course/${id}`"
          @save="saveCourse"
        />
      </div>
      <div class="flex flex-col gap-4">
        <section
          v-if="!stopped"
          class="panel"
        >
          <h2 class="mb-1">
            Step {{ step }}: {{ BRACE_STEPS[step - 1]!.name.toLowerCase() }}
          </h2>
          <p
            v-if="step > reached + 1"
            class="caution mb-2"
          >
            Step {{ reached + 1 }} comes first: a check here is stored and leads no further.
          </p>
          <BraceTrainer
            :key="step"
            :step="step"
            :weeks="marchWeeks"
            :cue="store.found!.course.cue"
          />
          <h3 class="mt-4 mb-1">
            Check
          </h3>
          <BraceCheckForm
            :key="checkKey"
            :step="step"
            :today="session.me.today"
            :busy="busy"
            :draft-key="checkKey"
            @check="check"
          />
          <p
            v-if="problem"
            class="caution mt-2"
            role="alert"
          >
            {{ problem }}
          </p>
          <p
            v-if="said"
            class="mt-2"
            role="status"
          >
            <b>{{ said }}</b>
          </p>
        </section>
        <section class="panel">
          <h2 class="mb-1">
            Braced as long as a rep
          </h2>
          <div class="grid grid-cols-2 gap-3">
            <SelectField
              v-model="lift"
              label="Lift"
              name="match-lift"
              :options="LIFT_CHOICES"
            />
            <TextField
              v-model="percent"
              label="% of 1RM"
              name="match-percent"
              inputmode="decimal"
              figure
              :problem="matched ? undefined : 'From 1 to 100.'"
            />
          </div>
          <template v-if="matched">
            <p class="mt-2">
              One rep is braced for about <b class="figure">{{ matched.rep.totalS.toFixed(1) }} s</b>: breath
              {{ matched.rep.setUpS }}, down {{ matched.rep.loweringS }}<template v-if="matched.rep.pauseS">, pause
                {{ matched.rep.pauseS }}</template>, up
              {{ matched.rep.raisingS.toFixed(1) }}{{ matched.rep.velocityMS
                ? ` at ${matched.rep.velocityMS.toFixed(2)} m/s` : '' }}.
            </p>
            <p>Trunk work as long:
              {{
                matched.work
                  .map(m => `${m.name.replace(/^./, c => c.toLowerCase())} (${m.ratio.toFixed(1)}×)`).join(', ')
                  || 'none of the usual' }}.</p>
            <p>{{ matched.breath }}</p>
            <p
              v-if="matched.cause"
              class="caution"
            >
              Holding the breath under load raises blood pressure sharply: ruled out by “{{ matched.cause }}”.
            </p>
            <p class="text-quiet text-[0.9em]">
              Raising speed by the published load-velocity relations where there is one; the rest common practice, no
              source.
            </p>
          </template>
        </section>
        <section
          v-if="checks.length > 0"
          class="panel"
        >
          <h2 class="mb-1">
            Checks
          </h2>
          <ul>
            <li
              v-for="one in [...checks].reverse().slice(0, 12)"
              :key="one.id"
              class="border-b border-line/60 py-0.5"
            >
              <b>{{ dayMonth(one.day) }}</b> step {{ one.step }} {{ one.passed ? 'passed' : 'not yet' }} ·
              {{ one.count }}<template v-if="BRACE_STEPS[one.step - 1]!.swell">
                · swells {{ swellText(one.swell) }}
              </template><template v-if="one.checkedBy">
                · {{ one.checkedBy }}
              </template><span
                v-if="one.note"
                class="block text-quiet"
              >{{ one.note }}</span>
            </li>
          </ul>
        </section>
      </div>
    </div>
  </AthleteRoom>
</template>
