<script setup lang="ts">
import type { TimerPlace } from '~~/core/timer'

/** The phase of a timer as a ring that closes, with one number in it and one line under that. */
const props = defineProps<{
  place: TimerPlace | null
  face: string
  line: string
  /** What a reader hears. */
  label: string
}>()
const RADIUS = 92
const LENGTH = 2 * Math.PI * RADIUS
const part = computed(() => {
  if (!props.place) return 0
  const { phase, left, over } = props.place
  return over ? 1 : Math.min(1, Math.max(0, 1 - left / phase.seconds))
})
</script>

<template>
  <div class="relative w-[200px] h-[200px] mx-auto">
    <svg
      viewBox="0 0 200 200"
      class="absolute inset-0 -rotate-90"
      aria-hidden="true"
    >
      <circle
        cx="100"
        cy="100"
        :r="RADIUS"
        fill="none"
        stroke="currentColor"
        stroke-width="10"
        class="opacity-15"
      />
      <circle
        cx="100"
        cy="100"
        :r="RADIUS"
        fill="none"
        stroke="currentColor"
        stroke-width="10"
        stroke-linecap="round"
        :stroke-dasharray="`${LENGTH * part} ${LENGTH}`"
        :class="place?.phase.kind === 'work' || place?.phase.kind === 'open' ? 'text-signal' : 'text-quiet'"
      />
    </svg>
    <div class="absolute inset-0 flex flex-col items-center justify-center text-center">
      <p
        class="floor-face figure font-bold leading-none text-[4.5rem]"
        role="timer"
        :aria-label="label"
      >
        {{ face }}
      </p>
      <p class="text-[1rem] px-4">
        {{ line }}
      </p>
    </div>
  </div>
</template>
