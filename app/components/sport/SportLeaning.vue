<script setup lang="ts">
import { MODES, POSTURES, type Mode, type Posture } from '~~/core/catalogue'
import { PHASES } from '~~/core/policy'
import { FAULT_IDS, TYPICAL_FAULTS, type FaultId, type Sport } from '~~/core/programme'
import type { SeasonPhaseId } from '~~/core/season'
import OrderedChips from '~/components/sport/OrderedChips.vue'

/** How a sport leans: positions and ways of working, its usual year, and the faults it brings with it. */
const props = defineProps<{ sport: Sport, editable: boolean }>()
const emit = defineEmits<{
  fault: [id: FaultId]
  posture: [id: Posture]
  mode: [id: Mode]
  weeks: [phase: SeasonPhaseId, weeks: number]
}>()

const FAULTS = Object.fromEntries(FAULT_IDS.map(id => [id, TYPICAL_FAULTS[id].name])) as Record<FaultId, string>
const year = computed(() => (['offSeason', 'preSeason', 'inSeason', 'transition'] as const)
  .map(phase => ({ phase, weeks: props.sport.character.season[phase] })))

function put(phase: SeasonPhaseId, event: Event): void {
  const weeks = Math.round(Number((event.target as HTMLInputElement).value))
  if (Number.isFinite(weeks)) emit('weeks', phase, Math.min(52, Math.max(0, weeks)))
}
</script>

<template>
  <section
    class="panel"
    aria-label="How it leans"
  >
    <h2 class="mb-1">
      How it leans
    </h2>
    <h3>Faults looked at first</h3>
    <OrderedChips
      :words="FAULTS"
      :chosen="sport.character.faults"
      :editable="editable"
      @toggle="emit('fault', $event)"
    />
    <h3 class="mt-2">
      Positions
    </h3>
    <OrderedChips
      :words="POSTURES"
      :chosen="sport.character.postures"
      :editable="editable"
      @toggle="emit('posture', $event)"
    />
    <h3 class="mt-2">
      Ways of working
    </h3>
    <OrderedChips
      :words="MODES"
      :chosen="sport.character.modes"
      :editable="editable"
      @toggle="emit('mode', $event)"
    />
    <h3 class="mt-2">
      A usual year, weeks
    </h3>
    <div class="flex border border-ink/60 mt-1">
      <div
        v-for="({ phase, weeks }, i) in year"
        :key="phase"
        class="flex flex-col justify-center px-1.5 py-1 leading-tight min-w-[4.6rem]"
        :class="i > 0 ? 'border-l border-ink/60' : ''"
        :style="{ flexGrow: weeks, flexBasis: 0 }"
      >
        <span class="text-[0.82em] whitespace-nowrap">{{ PHASES[phase].name }}</span>
        <input
          v-if="editable"
          class="field figure !py-0 !px-1 w-12"
          inputmode="numeric"
          :value="weeks"
          :aria-label="`Weeks of ${PHASES[phase].name}`"
          @change="put(phase, $event)"
        >
        <b
          v-else
          class="figure"
        >{{ weeks }}</b>
      </div>
    </div>
    <p class="text-quiet text-[0.92em]">
      Tapers come of the competitions. A squad’s first season begins from here; the season line is where it is drawn.
    </p>
  </section>
</template>
