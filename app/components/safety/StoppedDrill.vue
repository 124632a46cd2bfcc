<script setup lang="ts">
import { formatDose } from '~~/core/dose'
import type { Sides } from '~~/core/dose'
import type { StoppedDrill } from '~~/shared/types'

/** A drill that may not be trained today, and the nearest one that may. */
defineProps<{ stopped: StoppedDrill, sides: Sides, busy: boolean }>()
const emit = defineEmits<{ take: [] }>()
</script>

<template>
  <div class="mt-1 border-l-4 border-signal pl-3">
    <p><b class="problem">Not today.</b> {{ stopped.text }}</p>
    <button
      v-if="stopped.instead"
      type="button"
      class="btn min-h-[48px] my-1"
      :disabled="busy"
      @click="emit('take')"
    >
      Do {{ stopped.instead.name.toLowerCase() }} instead, <span class="figure">{{ formatDose(stopped.instead.dose, sides) }}</span>
    </button>
  </div>
</template>
