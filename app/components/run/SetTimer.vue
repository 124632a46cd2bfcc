<script setup lang="ts">
import { parseTempo, setSeconds } from '~~/core/dose'
import type { Step } from '~/composables/useRunner'
import { useBeep } from '~/composables/useBeep'
import { useStopwatch } from '~/composables/useStopwatch'

/** Times one set: counts a hold down, paces repeats by their tempo, and stops when form breaks. */
const props = defineProps<{ step: Step }>()
const emit = defineEmits<{ ended: [amount: number] }>()

const watch_ = useStopwatch()
const { elapsedS, running } = watch_
const { beep } = useBeep()

const dose = computed(() => props.step.item.dose)
const targetS = computed(() => setSeconds(dose.value))
const perUnitS = computed(() => targetS.value / dose.value.amount)
const counted = computed(() => Math.floor(elapsedS.value / perUnitS.value + 1e-6))
const isHold = computed(() => dose.value.unit === 'seconds')
const face = computed(() => {
  if (!isHold.value) return String(Math.min(counted.value, dose.value.amount))
  const left = dose.value.amount - elapsedS.value
  return left > 0 ? String(Math.ceil(left)) : `+${Math.floor(-left)}`
})
const UNIT = {
  seconds: 'seconds left', reps: 'reps', breaths: 'breaths', metres: 'metres', letters: 'letters',
} as const

/** The part of the tempo that is on now. */
const pace = computed(() => {
  if (!running.value || dose.value.unit !== 'reps' || !dose.value.tempo) return ''
  const { loweringS, bottomS, raisingS } = parseTempo(dose.value.tempo)
  const at = elapsedS.value % perUnitS.value
  if (at < loweringS) return 'out, slowly'
  if (at < loweringS + bottomS) return 'hold'
  return at < loweringS + bottomS + raisingS ? 'back' : 'pause'
})

watch(() => elapsedS.value >= targetS.value, reached => reached && running.value && beep())

function stop(): void {
  const seconds = watch_.stop()
  emit('ended', isHold.value ? Math.round(seconds) : Math.min(dose.value.amount, counted.value))
}
</script>

<template>
  <div class="floor-act text-center">
    <p
      class="floor-face figure font-bold leading-none text-[7rem]"
      role="timer"
      :aria-label="`${face} ${UNIT[dose.unit]}`"
    >
      {{ face }}
    </p>
    <p class="text-[1.1rem] min-h-[1.6em] mb-3">
      {{ pace || (running ? UNIT[dose.unit]
        : `target ${dose.amount} ${dose.unit}${dose.tempo ? ` at ${dose.tempo}` : ''}`) }}
    </p>
    <button
      v-if="!running"
      type="button"
      class="btn btn-main btn-floor"
      @click="watch_.start"
    >
      Start
    </button>
    <button
      v-else
      type="button"
      class="btn btn-floor border-signal border-[3px]"
      @click="stop"
    >
      Stop: done, or form broke
    </button>
    <button
      v-if="!running"
      type="button"
      class="btn btn-quiet underline underline-offset-2 mt-2 min-h-[48px]"
      @click="emit('ended', dose.amount)"
    >
      Log without the timer
    </button>
  </div>
</template>
