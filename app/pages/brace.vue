<script setup lang="ts">
import { v7 as newKey } from 'uuid'
import { daysBetween } from '~~/core/calendar'
import { BRACE_STEPS, homeworkState } from '~~/core/assessment'
import BraceTrainer from '~/components/assessment/BraceTrainer.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import StopPanel from '~/components/safety/StopPanel.vue'
import { useAlerts } from '~/composables/useAlerts'
import { dayMonth } from '~/words/inWords'
import { useAssessmentStore } from '~/stores/assessment'
import { useAthleteStore } from '~/stores/athlete'
import { useSignInStore } from '~/stores/signIn'

definePageMeta({ layout: 'plain' })
useHead({ title: 'Brace · Keen Anchor' })

const signedIn = useSignInStore()
const store = useAssessmentStore()
const load = (): Promise<void> => store.loadOwn(signedIn.me!.athleteId!)
onMounted(() => { if (signedIn.me?.athleteId) void load() })

const today = useAthleteStore()
const readStop = (): Promise<void> => today.refreshToday(signedIn.me!.athleteId!)
onMounted(() => { if (signedIn.me?.athleteId) void readStop() })
useAlerts(() => readStop())

const step = computed(() => Math.min(7, (store.found?.braceStep ?? 1) + 1))
const chosen = ref<number | null>(null)
const shown = computed(() => chosen.value ?? step.value)
const homework = computed(
  () => (store.found ? homeworkState(store.found.course.homework, store.found.practices, signedIn.me!.today) : null)
)
const practised = (): void => store.logPractice(signedIn.me!.athleteId!, newKey(), signedIn.me!.today, shown.value)
const last = computed(() => store.found?.braceChecks.at(-1) ?? null)
const weeks = computed(() => {
  const began = store.found?.braceChecks.find(c => c.step === 4 && c.passed)
  return began ? Math.max(0, Math.floor(daysBetween(began.day, signedIn.me!.today) / 7)) : 0
})
</script>

<template>
  <div class="floor-page max-w-md mx-auto p-4 text-[1.05rem]">
    <p class="mb-2">
      <NuxtLink
        to="/today"
        class="btn min-h-[48px]"
      >
        Back to today
      </NuxtLink>
    </p>
    <RoomPage
      :readings="[store]"
      @retry="store.again"
    >
      <StopPanel
        v-if="today.today?.stop"
        :stop="today.today.stop"
      />
      <template v-else-if="store.found">
        <h1 class="mb-1">
          Step {{ shown }}: {{ BRACE_STEPS[shown - 1]!.name.toLowerCase() }}
        </h1>
        <p
          v-if="last"
          class="text-quiet mb-3"
        >
          Last check {{ dayMonth(last.day) }}: step {{ last.step }} {{ last.passed ? 'passed' : 'not yet' }}.
        </p>
        <p
          v-if="homework && homework.of > 0"
          class="mb-3"
          :class="homework.remind ? 'caution' : ''"
          role="status"
        >
          <b>Homework:</b> {{ homework.says }} {{ store.found.course.homework?.note }}
        </p>
        <BraceTrainer
          :key="shown"
          class="panel"
          floor
          :step="shown"
          :weeks="weeks"
          :cue="store.found.course.cue"
          @practised="practised"
        />
        <p class="mt-4 font-semibold">
          Steps you may practise
        </p>
        <p class="flex flex-wrap gap-2 mt-1">
          <button
            v-for="one in BRACE_STEPS.slice(0, step)"
            :key="one.step"
            type="button"
            class="chip chip-floor"
            :aria-pressed="shown === one.step"
            @click="chosen = one.step"
          >
            {{ one.step }} · {{ one.name }}
          </button>
        </p>
      </template>
    </RoomPage>
  </div>
</template>
