<script setup lang="ts">
import { PHASES } from '~~/core/policy'
import type { SeasonShape } from '~~/core/season'
import type { AthleteShutPhase } from '~~/shared/types'

/** Athletes whose next phase should not open yet, and why. */
defineProps<{ shut: readonly AthleteShutPhase[], shape: SeasonShape }>()
const emit = defineEmits<{ open: [athleteId: string] }>()
</script>

<template>
  <ul class="caution">
    <li
      v-for="one in shut"
      :key="one.athleteId"
    >
      <button
        type="button"
        class="underline font-semibold"
        @click="emit('open', one.athleteId)"
      >
        {{ one.athleteName }}
      </button>:
      {{ PHASES[shape.phases[one.phase]?.phase ?? 'inSeason'].name.toLowerCase() }}
      should wait. {{ one.reasons.join(' ') }}
    </li>
  </ul>
</template>
