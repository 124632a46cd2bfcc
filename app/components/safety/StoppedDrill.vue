<script setup lang="ts">
import { formatDose } from '~~/core/dose'
import type { StoppedDrill } from '~~/shared/types'

/** A drill that may not be trained today, and the nearest one that may. */
defineProps<{ stopped: StoppedDrill, busy: boolean }>()
const emit = defineEmits<{ take: [] }>()
</script>

<template>
  <div class="mt-1 border-l-4 border-signal pl-3">
    <p><b class="problem">Not today.</b> {{ stopped.text }}</p>
    <button
      v-if="stopped.instead"
      type="button"
      class="btn min-h-[48px] my-1 w-full whitespace-normal text-left block"
      :disabled="busy"
      @click="emit('take')"
    >
      Do {{ stopped.instead.name.toLowerCase() }} instead,
      <span class="figure whitespace-nowrap">{{ formatDose(stopped.instead.dose, stopped.instead.sides) }}</span>
    </button>
  </div>
</template>
