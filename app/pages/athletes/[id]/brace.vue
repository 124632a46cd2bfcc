<script setup lang="ts">
import { addDays, daysBetween } from '~~/core/calendar'
import { braceLacks, RECHECK_DAYS } from '~~/core/assessment'
import { NO_BRACE_WORK, redFlags } from '~~/core/screening'
import type { BraceCheckInput } from '~~/shared/types'
import AthleteRoom from '~/components/athlete/AthleteRoom.vue'
import BraceAtHand from '~/components/assessment/BraceAtHand.vue'
import BraceChecks from '~/components/assessment/BraceChecks.vue'
import BraceCourseForm from '~/components/assessment/BraceCourseForm.vue'
import LiftBrace from '~/components/assessment/LiftBrace.vue'
import BraceSteps from '~/components/assessment/BraceSteps.vue'
import { forget } from '~/device/kept'
import { useAlerts } from '~/composables/useAlerts'
import { useAthleteRoom } from '~/composables/useAthleteRoom'
import { useAttempt } from '~/composables/useAttempt'
import { dayMonth, inDays } from '~/words/inWords'

const { id, editable, load, reading, today, screen, signedIn, store } = useAthleteRoom('Brace')

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
</script>

<template>
  <AthleteRoom
    v-if="signedIn.me"
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
        <BraceSteps
          :step="step"
          :reached="reached"
          :checks="checks"
          @choose="chosen = $event"
        />
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
        <BraceAtHand
          v-if="!stopped"
          :step="step"
          :reached="reached"
          :weeks="marchWeeks"
          :cue="store.found!.course.cue"
          :today="signedIn.me.today"
          :busy="busy"
          :problem="problem"
          :said="said"
          :check-key="checkKey"
          @check="check"
        />
        <LiftBrace
          :athlete="store.athlete!"
          :screen="screen"
        />
        <BraceChecks
          v-if="checks.length > 0"
          :checks="checks"
        />
      </div>
    </div>
  </AthleteRoom>
</template>
