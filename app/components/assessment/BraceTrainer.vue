<script setup lang="ts">
import { BRACE_CUES, BRACE_STEPS, cueForStep, marchCounts, MEASURE_WORDS, type BraceCue } from '~~/core/assessment'
import { useStopwatch } from '~/composables/useStopwatch'

/** Practises one step: paces breaths, holds, talking or marching, and counts. */
const props = defineProps<{ step: number, weeks: number, cue: BraceCue, floor?: boolean }>()
const emit = defineEmits<{ practised: [] }>()

const facts = computed(() => BRACE_STEPS[props.step - 1]!)
const watch_ = useStopwatch()
const { elapsedS, running } = watch_
/** Seconds of each part of one round, in order (common practice, no source). */
const ROUNDS = {
  breath: [['breathe in, low', 4], ['breathe out, slowly', 6]],
  hold: [['stiffen and hold', 4], ['release, breathe', 4]], talk: [['hold it and talk', 15], ['let go', 8]],
  march: [['brace', 2], ['two steps', 3], ['release', 3]], none: [],
} as const satisfies Record<string, readonly (readonly [string, number])[]>
const parts = computed((): readonly (readonly [string, number])[] => ROUNDS[facts.value.paced])
const roundS = computed(() => parts.value.reduce((sum, [, s]) => sum + s, 0))
const goal = computed(
  () => (facts.value.paced === 'march'
    ? marchCounts(props.weeks)
    : facts.value.paced === 'talk'
    ? 3
    : facts.value.atLeast)
)
const rounds = computed(() => (roundS.value > 0 ? Math.floor(elapsedS.value / roundS.value) : 0))
const now = computed(() => {
  let left = elapsedS.value % Math.max(1, roundS.value)
  for (const [word, seconds] of parts.value) {
    if (left < seconds) return { word, left: Math.ceil(seconds - left), share: left / seconds }
    left -= seconds
  }
  return { word: '', left: 0, share: 0 }
})
const taps = ref(0)
const count = computed(() => (parts.value.length === 0 ? taps.value : rounds.value))
watch(() => rounds.value >= goal.value, (reached) => { if (reached && running.value) watch_.stop() })
// Once for each time through.
watch(() => count.value >= goal.value, (reached) => { if (reached) emit('practised') })
const cueNow = computed(() => BRACE_CUES[cueForStep(props.cue, props.step)])
function restart(): void {
  taps.value = 0
  watch_.start()
}
const WORD = computed(
  () => (facts.value.paced === 'march'
    ? 'rounds of two steps'
    : facts.value.paced === 'talk'
    ? 'rounds'
    : MEASURE_WORDS[facts.value.measure])
)
</script>

<template>
  <div :class="floor ? 'floor-set text-center' : ''">
    <p>{{ facts.teach }}</p>
    <p v-if="step > 1 && step < 7">
      <b>“{{ cueNow.words }}”</b>
    </p>
    <div
      v-if="parts.length > 0"
      class="floor-act"
    >
      <p
        class="floor-face figure font-bold leading-none my-3"
        :class="floor ? 'text-[5rem]' : 'text-[2.6rem]'"
        role="timer"
      >
        {{ running ? now.left : count }}
      </p>
      <p
        class="min-h-[1.6em]"
        aria-live="polite"
      >
        <b>{{ running ? now.word : count >= goal ? 'Done.' : `${goal} ${WORD}` }}</b>
      </p>
      <div
        class="h-3 bg-line my-2 overflow-hidden"
        aria-hidden="true"
      >
        <div
          class="h-full bg-block"
          :style="{ width: `${running ? now.share * 100 : 0}%` }"
        />
      </div>
      <p>
        <span class="figure">{{ Math.min(count, goal) }} of {{ goal }}</span> {{ WORD }}
      </p>
      <button
        type="button"
        class="btn btn-main mt-2"
        :class="floor ? 'btn-floor' : ''"
        @click="running ? watch_.stop() : restart()"
      >
        {{ running ? 'Stop' : elapsedS > 0 ? 'Once more' : 'Begin' }}
      </button>
    </div>
    <div
      v-else
      class="floor-act"
    >
      <p class="figure my-2">
        <b class="text-[2rem]">{{ taps }}</b> of {{ goal }} {{ WORD }}
      </p>
      <button
        type="button"
        class="btn btn-main"
        :class="floor ? 'btn-floor' : ''"
        @click="taps += 1"
      >
        One done well
      </button>
      <button
        type="button"
        class="btn btn-quiet"
        @click="taps = 0"
      >
        from the start
      </button>
    </div>
    <p class="text-quiet mt-2">
      {{ facts.passes }} Used when needed, not all day. Stop when it hurts or makes you dizzy.
    </p>
  </div>
</template>
