<script setup lang="ts">
/** A figure dragged along the steps that there are. */
const props = defineProps<{
  id: string
  /** Least first. */
  steps: readonly number[]
  value: number
  /** The figure in words: "12 kg". */
  text: string
}>()
const emit = defineEmits<{ value: [value: number] }>()

/** The step next to the figure. */
const at = computed(() =>
  props.steps.reduce((best, step, i) =>
    (Math.abs(step - props.value) < Math.abs(props.steps[best]! - props.value) ? i : best), 0))
</script>

<template>
  <input
    :id="id"
    type="range"
    class="w-full h-8 accent-ink"
    min="0"
    :max="steps.length - 1"
    step="1"
    :value="at"
    :aria-valuetext="text"
    @input="emit('value', steps[Number(($event.target as HTMLInputElement).value)]!)"
  >
</template>
