<script setup lang="ts">
import type { PlanProof } from '~~/core/programme'
import { proofText } from '~/composables/proofWords'

/** What the proposal came to for each athlete: exceptions first. */
const props = defineProps<{
  results: readonly {
    athleteId: string, athleteName: string, outcome: 'proposed' | 'refused' | 'kept', drills: number, trunkMinutes: number
    notes: readonly string[], assigned: boolean, problem: string, proof: PlanProof | null
  }[]
  startsOn: string
  busy: boolean
}>()
const emit = defineEmits<{ assign: [] }>()

const RANK = { refused: 0, kept: 1, proposed: 2 } as const
const sorted = computed(() => [...props.results].sort((a, b) =>
  RANK[a.outcome] - RANK[b.outcome] || b.notes.length - a.notes.length || a.athleteName.localeCompare(b.athleteName)))
const waiting = computed(() => props.results.filter(r => r.outcome === 'proposed' && !r.assigned).length)
const OUTCOME = { refused: 'refer first', kept: 'kept as it was', proposed: 'proposed' } as const
</script>

<template>
  <section
    class="panel"
    aria-label="Proposals"
  >
    <div class="flex flex-wrap items-center gap-3 mb-2">
      <h2 class="mr-auto">
        {{ results.length }} athletes, exceptions first
      </h2>
      <button
        type="button"
        class="btn btn-main"
        :disabled="busy || waiting === 0"
        @click="emit('assign')"
      >
        {{ waiting === 0 ? 'All assigned' : `Assign ${waiting} ${waiting === 1 ? 'week' : 'weeks'}` }}
      </button>
    </div>
    <ul>
      <li
        v-for="result in sorted"
        :key="result.athleteId"
        class="grid grid-cols-[10rem_6rem_8.5rem_minmax(0,1fr)] gap-2 py-1 border-b border-line/60 items-start"
      >
        <NuxtLink
          class="font-semibold underline underline-offset-2"
          :to="`/week/${result.athleteId}?start=${startsOn}`"
        >{{ result.athleteName }}</NuxtLink>
        <span :class="result.outcome === 'refused' ? 'problem' : ''">{{ result.assigned ? 'assigned' : OUTCOME[result.outcome] }}</span>
        <span class="figure whitespace-nowrap">{{ result.drills }} drills, {{ result.trunkMinutes }} min</span>
        <span class="text-[0.92em]">
          <span
            v-if="result.problem"
            class="problem block"
          >{{ result.problem }}</span>
          <span
            v-if="result.proof"
            class="text-quiet"
          >{{ proofText(result.proof) }}</span>
          {{ result.notes.join(' ') }}
        </span>
      </li>
    </ul>
  </section>
</template>
