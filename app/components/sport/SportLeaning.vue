<script setup lang="ts">
import { MODES, POSTURES } from '~~/core/catalogue'
import { PHASES } from '~~/core/policy'
import { FAULT_IDS, TYPICAL_FAULTS, type FaultId, type Sport } from '~~/core/programme'

/** How a sport leans: positions and ways of working, its usual year, and the faults it brings with it. */
const props = defineProps<{ sport: Sport, editable: boolean }>()
const emit = defineEmits<{ fault: [id: FaultId] }>()

const year = computed(() => (['offSeason', 'preSeason', 'inSeason', 'transition'] as const)
  .map(phase => ({ phase, weeks: props.sport.character.season[phase] })).filter(({ weeks }) => weeks > 0))
const first = (id: FaultId): number => props.sport.character.faults.indexOf(id) + 1
</script>

<template>
  <section
    class="panel"
    aria-label="How it leans"
  >
    <h2 class="mb-1">
      How it leans
    </h2>
    <p>
      <span class="text-quiet">Positions:</span> {{ sport.character.postures.map(p => POSTURES[p]).join(', ') }}.
      <span class="text-quiet">Ways:</span> {{ sport.character.modes.map(m => MODES[m]).join('; ') }}.
    </p>
    <h3 class="mt-2">
      A usual year
    </h3>
    <div
      class="flex h-9 border border-ink/60"
      role="img"
      :aria-label="year.map(({ phase, weeks }) => `${PHASES[phase].name} ${weeks} weeks`).join(', ')"
    >
      <div
        v-for="({ phase, weeks }, i) in year"
        :key="phase"
        class="flex flex-col justify-center px-1.5 overflow-hidden leading-none"
        :class="i > 0 ? 'border-l border-ink/60' : ''"
        :style="{ flexGrow: weeks, flexBasis: 0 }"
      >
        <span class="text-[0.82em] whitespace-nowrap">{{ weeks >= 8 ? PHASES[phase].name : '' }}</span>
        <b class="figure text-[0.9em]">{{ weeks }}</b>
      </div>
    </div>
    <p class="text-quiet text-[0.92em]">
      Weeks; tapers come of the competitions. The season line is where a squad’s own year is drawn.
    </p>
    <h3 class="mt-2">
      Faults looked at first
    </h3>
    <div class="flex flex-wrap gap-1.5 mt-1">
      <template
        v-for="id in FAULT_IDS"
        :key="id"
      >
        <button
          v-if="editable"
          type="button"
          class="chip"
          :aria-pressed="first(id) > 0"
          @click="emit('fault', id)"
        >
          <span
            v-if="first(id) > 0"
            class="figure mr-1"
          >{{ first(id) }}</span>{{ TYPICAL_FAULTS[id].name }}
        </button>
        <span
          v-else-if="first(id) > 0"
          class="chip"
        ><span class="figure mr-1">{{ first(id) }}</span>{{ TYPICAL_FAULTS[id].name }}</span>
      </template>
    </div>
  </section>
</template>
