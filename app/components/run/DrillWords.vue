<script setup lang="ts">
import type { PrescribedItem } from '~~/shared/types'

/** Set-up, faults with their mends, and why: there when asked for. */
defineProps<{ item: PrescribedItem }>()
</script>

<template>
  <details class="mt-3">
    <summary class="min-h-[48px] flex items-center underline underline-offset-2">
      Set-up, faults and why
    </summary>
    <p><b>Set-up:</b> {{ item.setUp }}</p>
    <p
      v-for="fault in item.faults"
      :key="fault.see"
    >
      <b>{{ fault.see }}:</b> {{ fault.fix }}
    </p>
    <p><b>Inside:</b> {{ item.cues.inside }}</p>
    <p><b>Why:</b> {{ item.purpose }} {{ item.why }}</p>
    <p class="text-quiet">
      Own range, own rung. Not medical advice.
    </p>
  </details>
</template>
