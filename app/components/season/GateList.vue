<script setup lang="ts">
import { PHASES } from '~~/core/policy'
import type { SeasonShape } from '~~/core/season'
import type { ShutGate } from '~~/shared/types'

/** Athletes whose next phase should not open yet, and why. */
defineProps<{ gates: readonly ShutGate[], shape: SeasonShape }>()
const emit = defineEmits<{ open: [athleteId: string] }>()
</script>

<template>
  <ul class="caution">
    <li
      v-for="gate in gates"
      :key="gate.athleteId"
    >
      <button
        type="button"
        class="underline font-semibold"
        @click="emit('open', gate.athleteId)"
      >
        {{ gate.athleteName }}
      </button>:
      {{ PHASES[shape.phases[gate.phase]?.phase ?? 'inSeason'].name.toLowerCase() }}
      should wait. {{ gate.reasons.join(' ') }}
    </li>
  </ul>
</template>
