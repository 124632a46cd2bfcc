<script setup lang="ts">
import type { SettingValues } from '~~/core/catalogue'
import { formatDose, type SetSlot } from '~~/core/dose'
import type { Units } from '~~/shared/types'
import type { CurrentStep, SetOutcome } from '~/composables/useRunner'
import { loadIn } from '~/words/loadWords'
import { sinceText } from '~/words/sinceWords'
import DrawnFigures from '~/components/drill/DrawnFigures.vue'
import PlaneMark from '~/components/plane/PlaneMark.vue'
import DrillCues from '~/components/run/DrillCues.vue'
import DrillWords from '~/components/run/DrillWords.vue'
import SetLogForm from '~/components/run/SetLogForm.vue'
import SetTimer from '~/components/run/SetTimer.vue'

/** The set at hand: what to do, the timer of it, and what came of it. */
const props = defineProps<
  {
    step: CurrentStep
    /** Which drill of how many. */
    place: number
    of: number
    setting: SettingValues
    /** Sets that run through in one go. */
    slots: readonly SetSlot[]
    units: Units
    /** A coach is looking and scores the repeats. */
    scores?: boolean
    /** No set of it is done: another drill may be taken. */
    fresh?: boolean
  }
>()
const emit = defineEmits<{ log: [outcome: SetOutcome, whole: number], skip: [], swap: [] }>()
const ended = ref<{ readonly amount: number, readonly whole: number, readonly hurts: boolean } | null>(null)

/** A whole set asks nothing; what broke early or hurts is asked about. */
function timed(amount: number, whole: number, hurts: boolean): void {
  if (hurts || amount < props.step.item.dose.amount) ended.value = { amount, whole, hurts }
  else emit('log', {
    amount, breakPoint: 'none', setting: props.setting, feltAt: [], effort: null, painAt: null, note: '',
  }, whole)
}
const since = computed(() => sinceText(props.step.item, props.units))
const loadText = computed(() => loadIn(props.step.item.setting, props.units))
const sideText = computed(() => (props.step.side ? `${props.step.side} side` : ''))
</script>

<template>
  <section class="floor-set">
    <p class="text-quiet">
      Drill {{ place }} of {{ of }} · set
      {{ step.setNumber <= step.item.dose.sets
        ? `${step.setNumber} of ${step.item.dose.sets}` : `${step.setNumber}, extra` }}
    </p>
    <h1 class="flex gap-2 items-center">
      <PlaneMark
        :shares="step.item.look?.shares ?? {}"
        :width="24"
        :height="18"
      />
      {{ step.item.name }}
    </h1>
    <p class="text-[1.15rem] mb-2">
      <b
        v-if="sideText"
        class="bg-ink text-paper px-2 py-0.5 rounded mr-1"
      >{{ sideText }}</b>
      <span class="figure">{{ formatDose(step.item.dose, step.item.sides) }}</span>
      <b
        v-if="loadText"
        class="figure ml-2"
      >{{ loadText }}</b>
    </p>
    <p
      v-if="step.why"
      class="caution mb-2"
      role="status"
    >
      {{ step.why }}
    </p>
    <template v-if="ended === null">
      <DrawnFigures
        class="mb-2"
        :figures="step.item.look?.figures ?? null"
        :name="step.item.name"
        :width="260"
        :height="76"
      />
      <p
        v-if="since"
        class="text-quiet mb-2"
      >
        {{ since }}
      </p>
      <DrillCues :item="step.item" />
      <SetTimer
        :step="step"
        :slots="slots"
        @ended="timed"
      />
      <DrillWords :item="step.item" />
      <div class="flex gap-4">
        <button
          v-if="fresh"
          type="button"
          class="btn btn-quiet underline underline-offset-2 min-h-[48px]"
          @click="emit('swap')"
        >
          Another drill
        </button>
        <button
          type="button"
          class="btn btn-quiet underline underline-offset-2 min-h-[48px]"
          @click="emit('skip')"
        >
          Skip this drill
        </button>
      </div>
    </template>
    <SetLogForm
      v-else
      :step="step"
      :amount="ended.amount"
      :setting="setting"
      :units="units"
      :scores="scores ?? false"
      :hurts="ended.hurts"
      @log="emit('log', $event, ended.whole)"
      @back="ended = null"
    />
  </section>
</template>
