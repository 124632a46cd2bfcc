<script setup lang="ts">
import type { SetSlot } from '~~/core/dose'
import { doneBy, setPhases } from '~~/core/timer'
import TimerRing from '~/components/run/TimerRing.vue'
import type { Step } from '~/composables/useRunner'
import { useTimer } from '~/composables/useTimer'
import { faceAt, faceBefore } from '~/words/timerWords'

/**
 * Times one set, or what is left of a cluster of short holds: paces it by its tempo, breaths or letters, counts holds
 * down, and stops when form breaks.
 */
const props = defineProps<{ step: Step, slots: readonly SetSlot[] }>()
const emit = defineEmits<{
  /** What was done of the last set, how many whole ones came before it, and whether pain ended it. */
  ended: [amount: number, whole: number, hurts: boolean]
}>()

const dose = computed(() => props.step.item.dose)
const phases = computed(() => setPhases(dose.value, props.slots))
const { place, running, held, sound, flash, start, hold, end } = useTimer(() => phases.value)
const shown = computed(() => (place.value ? faceAt(dose.value, place.value) : faceBefore(dose.value)))

function stop(hurts: boolean): void {
  // Nothing has begun before the first second that counts: a second press takes the first back.
  if (!hurts && place.value?.phase.kind === 'ready') {
    end()
    return
  }
  const { amount, whole } = doneBy(dose.value, phases.value, end())
  emit('ended', amount, whole, hurts)
}
</script>

<template>
  <div class="floor-act text-center">
    <span
      v-if="!sound && running"
      :key="flash"
      class="timer-flash"
      aria-hidden="true"
    />
    <TimerRing
      class="mb-3"
      :place="place"
      :face="shown.face"
      :line="shown.line"
      :label="`${shown.face} ${shown.line}`"
    />
    <button
      v-if="!running && !held"
      type="button"
      class="btn btn-main btn-floor"
      @click="start"
    >
      Start
    </button>
    <div
      v-else
      class="grid grid-cols-[1fr_auto] gap-2"
    >
      <button
        type="button"
        class="btn btn-floor border-signal border-[3px]"
        @click="stop(false)"
      >
        Stop: done, or form broke
      </button>
      <button
        type="button"
        class="btn btn-floor"
        @click="hold(running)"
      >
        {{ running ? 'Hold' : 'Go on' }}
      </button>
    </div>
    <div class="grid grid-cols-2 gap-2 mt-2">
      <button
        type="button"
        class="btn min-h-[48px] border-signal text-signal font-semibold"
        @click="stop(true)"
      >
        It hurts
      </button>
      <button
        v-if="!running && !held"
        type="button"
        class="btn min-h-[48px]"
        @click="emit('ended', dose.amount, 0, false)"
      >
        Done as asked
      </button>
    </div>
  </div>
</template>
