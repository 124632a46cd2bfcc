<script setup lang="ts">
import { BREAK_POINTS, testFacts, type BreakPoint, type Tests } from '~~/core/assessment'
import { BREAK_KEYS, type Lane } from '~/composables/desk/lane'
import type { DeskStep } from '~/words/deskLooks'
import { clockText, testName, testValue, TEST_UNITS } from '~/words/testWords'

/** One athlete on the desk: the watch, what comes now, what was measured, and what ended it. */
const props = defineProps<
  {
    lane: Lane
    laneKey: string
    step: DeskStep | null
    next: DeskStep | null
    timed: boolean
    elapsed: number
    isFront: boolean
    tests: Tests
    stop?: string | null
    odd?: string | null
  }
>()
const emit = defineEmits<
  {
    press: []
    enter: [value: number]
    note: [text: string]
    end: [breakPoint: BreakPoint]
    discard: []
    skip: []
    again: []
    undo: []
  }
>()

const typed = ref('')
const wrong = ref('')
/** Asked out of turn; the lane that waits longest is asked by itself. */
const asked = ref(false)
const open = computed(() => props.lane.waiting !== null && (props.isFront || asked.value))
watch(() => props.lane.at, () => {
  typed.value = ''
  asked.value = false
})

function enter(): void {
  const value = Number(typed.value.trim().replace(',', '.'))
  wrong.value = typed.value.trim() === '' || !(value >= 0 && value <= 3600) ? 'A number from 0 to 3600.' : ''
  if (!wrong.value) emit('enter', value)
}
/** A click leaves no focus behind, so that the space bar keeps its meaning; the keyboard keeps its place. */
function press(event: MouseEvent): void {
  if (event.detail > 0) (event.currentTarget as HTMLElement).blur()
  emit('press')
}
const running = computed(() => props.lane.startedAt !== null)
</script>

<template>
  <li
    class="border-b border-line py-2 grid grid-cols-[2.6rem_minmax(0,1fr)_auto]
      lg:grid-cols-[2.6rem_minmax(0,13rem)_minmax(0,1fr)_auto] gap-x-3 gap-y-1 items-center"
    :class="isFront ? 'bg-paper' : ''"
  >
    <button
      type="button"
      class="btn min-h-[48px] min-w-[44px] px-0"
      :class="running ? 'btn-main' : ''"
      :disabled="!timed || lane.waiting !== null || (!!stop && !running)"
      :aria-label="`${running ? 'Stop' : 'Start'} ${lane.name}`"
      @click="press"
    >
      <kbd class="border-0 text-[1.1rem]">{{ laneKey }}</kbd>
    </button>
    <span class="leading-tight">
      <b>{{ lane.name }}</b><br>
      <span class="text-quiet">{{ step ? testName(step.test, step.side, tests) : 'all done' }}</span>
      <span
        v-if="stop"
        class="problem block"
      >Not now: {{ stop }}</span>
    </span>
    <span class="col-span-3 lg:col-span-1 lg:row-auto row-start-2 flex flex-wrap gap-x-3 text-quiet text-[0.92em]">
      <span
        v-for="trial in lane.done"
        :key="trial.id"
      >{{ testName(trial.test, trial.side, tests) }}
        <b class="figure text-ink">{{ testValue(trial.test, trial.value, tests) }}</b></span>
      <button
        v-if="lane.done.length > 0 && !running && !lane.waiting"
        type="button"
        class="underline underline-offset-2"
        @click="emit('undo')"
      >take the last back</button>
    </span>
    <span class="flex items-center gap-2 justify-end">
      <template v-if="lane.waiting || timed">
        <span
          class="figure text-[1.7rem] leading-none min-w-[6.2rem] text-right"
          :class="running ? '' : lane.waiting ? 'text-signal-ink' : 'text-quiet'"
          role="timer"
          :aria-label="`${lane.name}, ${elapsed.toFixed(1)} seconds`"
        >{{ step && !timed && lane.waiting ? testValue(step.test, lane.waiting.value, tests)
          : clockText(elapsed) }}</span>
      </template>
      <form
        v-else-if="step && !stop"
        class="flex items-center gap-1.5"
        novalidate
        @submit.prevent="enter"
      >
        <input
          v-model="typed"
          class="field figure w-20 text-right"
          inputmode="decimal"
          :aria-label="[
            `${testName(step.test, step.side, tests)} of ${lane.name}`, TEST_UNITS[testFacts(step.test, tests).unit],
          ].join(', ')"
          :aria-invalid="wrong ? true : undefined"
        >
        <span class="text-quiet w-10">{{ TEST_UNITS[testFacts(step.test, tests).unit] }}</span>
        <button
          type="submit"
          class="btn"
        >
          Take
        </button>
      </form>
      <button
        v-if="step && !running && !lane.waiting"
        type="button"
        class="btn btn-quiet px-1.5 text-quiet"
        :aria-label="`Skip ${testName(step.test, step.side, tests)} of ${lane.name}`"
        @click="emit('skip')"
      >
        skip
      </button>
      <button
        v-if="lane.at > 0 && !running && !lane.waiting"
        type="button"
        class="btn btn-quiet px-1.5 text-quiet"
        :aria-label="`Once more for ${lane.name}`"
        @click="emit('again')"
      >
        again
      </button>
    </span>
    <p
      v-if="wrong"
      class="problem col-span-full text-right"
      role="alert"
    >
      {{ wrong }}
    </p>
    <p
      v-if="lane.waiting && !open"
      class="col-span-full"
    >
      <button
        type="button"
        class="underline underline-offset-2"
        @click="asked = true"
      >
        say what ended it
      </button>
    </p>
    <div
      v-if="open"
      class="col-span-full flex flex-wrap gap-1.5 items-center"
    >
      <span
        v-if="odd"
        class="problem w-full"
        role="alert"
      >{{ odd }} Throw it away, or say what ended it and it counts.</span>
      <span class="font-semibold mr-1">What ended it?</span>
      <button
        v-for="[key, breakPoint] in BREAK_KEYS"
        :key="breakPoint"
        type="button"
        class="chip"
        :class="breakPoint === 'pain' ? 'border-signal border-2' : ''"
        @click="emit('end', breakPoint)"
      >
        <kbd
          v-if="isFront"
          class="mr-1.5"
        >{{ key }}</kbd>{{ BREAK_POINTS[breakPoint] }}
      </button>
      <button
        type="button"
        class="btn btn-quiet px-2"
        @click="emit('discard')"
      >
        <kbd
          v-if="isFront"
          class="mr-1.5"
        >x</kbd>throw this one away
      </button>
      <input
        class="field w-56"
        :value="lane.note"
        placeholder="A note, if there is one"
        maxlength="500"
        :aria-label="`Note to this trial of ${lane.name}`"
        @input="emit('note', ($event.target as HTMLInputElement).value)"
        @keydown.enter.prevent="($event.target as HTMLInputElement).blur()"
      >
    </div>
    <p
      v-if="open && step"
      class="col-span-full text-quiet text-[0.9em]"
    >
      {{ testFacts(step.test, tests).stop }}<template v-if="next">
        Next: {{ testName(next.test, next.side, tests).toLowerCase() }}.
      </template>
    </p>
  </li>
</template>
