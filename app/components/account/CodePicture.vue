<script setup lang="ts">
import { encode } from 'uqr'

/** A text as squares that a phone's camera reads. */
const props = defineProps<{ text: string, label: string }>()
const squares = computed(() => encode(props.text, { border: 2 }).data)
const path = computed(() => squares.value.flatMap((row, y) =>
  row.flatMap((dark, x) => (dark ? `M${x} ${y}h1v1h-1z` : []))).join(''))
</script>

<template>
  <svg
    :viewBox="`0 0 ${squares.length} ${squares.length}`"
    class="w-48 h-48 bg-white"
    role="img"
    :aria-label="label"
    shape-rendering="crispEdges"
  >
    <path
      :d="path"
      fill="#000"
    />
  </svg>
</template>
