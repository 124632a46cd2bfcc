<script setup lang="ts">
import type { Plane } from '~~/core/catalogue'
import PlaneMark from './PlaneMark.vue'

/** A plane's letter, hatch and name together: colour is never alone. */
defineProps<{ plane: Plane, short?: boolean }>()

const NAMES: Record<Plane, string> = { sagittal: 'Sagittal', frontal: 'Frontal', transverse: 'Transverse' }
const TEXT: Record<Plane, string> = {
  sagittal: 'text-sagittal', frontal: 'text-frontal', transverse: 'text-transverse',
}
</script>

<template>
  <span
    class="inline-flex items-center gap-1.5 font-semibold"
    :class="TEXT[plane]"
  >
    <PlaneMark :plane="plane" />
    <span
      class="figure"
      aria-hidden="true"
    >{{ NAMES[plane].charAt(0) }}</span>
    <span :class="short ? 'sr-only' : ''">{{ NAMES[plane] }}</span>
  </span>
</template>
