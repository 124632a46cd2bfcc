<script setup lang="ts">
import { EQUIPMENT, mainLabel, POSTURES, type Variation } from '~~/core/catalogue'
import { shownNm } from '~~/core/mechanics'
import type { BenchRung } from '~/words/reckon'
import DrillFigure from '~/components/drill/DrillFigure.vue'
import PlaneMark from '~/components/plane/PlaneMark.vue'

/** One drill in the list: its computed picture, its planes, what it is for and what it needs. */
defineProps<{ variation: Variation, rung: Omit<BenchRung, 'removed'>, ladder: string, open: boolean, away: string }>()
const emit = defineEmits<{ toggle: [] }>()
</script>

<template>
  <button
    type="button"
    class="w-full grid grid-cols-[150px_minmax(0,1fr)] md:grid-cols-[150px_minmax(0,1.5fr)_minmax(0,1fr)_8.5rem] gap-3
      items-center text-left py-1.5 border-b border-line hover:bg-paper min-h-[56px]"
    :aria-expanded="open"
    @click="emit('toggle')"
  >
    <span class="flex justify-center items-end min-h-[58px]">
      <DrillFigure
        :drill="variation"
        :body="rung.result?.held.skeleton.body"
        :width="150"
        :height="54"
      />
    </span>
    <span class="leading-tight">
      <b class="flex items-center gap-1.5"><PlaneMark :shares="variation.shares" />{{ variation.name }}</b>
      <span class="text-quiet block">{{ variation.purpose }}</span>
      <span
        v-if="away"
        class="problem block"
      >{{ away }}</span>
    </span>
    <span class="text-quiet leading-tight hidden md:block">
      {{ ladder }}, rung {{ variation.rung }} · {{ POSTURES[variation.posture] }}<br>
      {{ variation.equipment.map(need => need.map(e => EQUIPMENT[e].toLowerCase()).join(' or ')).join(', ')
        || 'bare floor' }}
    </span>
    <span class="text-right leading-tight pr-1.5 hidden md:block">
      <span class="figure">{{ rung.result ? `${shownNm(rung.nm)} N·m` : '–' }}</span><br>
      <span class="text-quiet">{{ mainLabel(variation) }}</span>
    </span>
  </button>
</template>
