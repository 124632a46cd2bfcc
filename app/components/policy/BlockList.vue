<script setup lang="ts">
import { addDays, mondayOf } from '~~/core/calendar'
import { PHASE_IDS, PHASES, USUAL_LOADS, type PhaseId, type TrainingBlock } from '~~/core/policy'
import { shortDay } from '~/words/inWords'

/** Blocks of weeks: when each starts, its phase, and how much each of its weeks holds. */
const blocks = defineModel<readonly TrainingBlock[]>({ required: true })
const props = defineProps<{ today: string }>()

const sorted = computed(() => [...blocks.value].sort((a, b) => a.startsOn.localeCompare(b.startsOn)))
const put = (at: TrainingBlock, to: TrainingBlock | null): void => {
  blocks.value = sorted.value.flatMap(b => (b === at ? (to ? [to] : []) : [b]))
}
const taken = (startsOn: string): boolean => blocks.value.some(b => b.startsOn === startsOn)

function add(): void {
  const last = sorted.value.at(-1)
  let startsOn = last ? addDays(last.startsOn, 7 * last.loads.length) : addDays(mondayOf(props.today), 7)
  while (taken(startsOn)) startsOn = addDays(startsOn, 7)
  blocks.value = [...blocks.value, { startsOn, phase: last?.phase ?? null, loads: USUAL_LOADS }]
}
function move(block: TrainingBlock, weeks: number): void {
  const startsOn = addDays(block.startsOn, 7 * weeks)
  if (!taken(startsOn)) put(block, { ...block, startsOn })
}
const setLoad = (block: TrainingBlock, i: number, percent: number): void => {
  if (percent >= 20 && percent <= 150)
    put(block, { ...block, loads: block.loads.map((load, at) => (at === i ? percent / 100 : load)) })
}
const setPhase = (block: TrainingBlock, phase: string): void =>
  put(block, { ...block, phase: phase === '' ? null : phase as PhaseId })
</script>

<template>
  <div>
    <p
      v-if="blocks.length === 0"
      class="text-quiet"
    >
      No block: every week is planned for itself. In a block drills stay and their doses grow by the athlete’s own
      gates; at its end they change.
    </p>
    <ul>
      <li
        v-for="block in sorted"
        :key="block.startsOn"
        class="flex flex-wrap items-end gap-x-3 gap-y-1 py-2 border-b border-line/60"
      >
        <span class="w-44 flex items-center gap-1">
          <button
            type="button"
            class="btn btn-quiet px-1.5"
            :aria-label="`A week earlier: block from ${block.startsOn}`"
            @click="move(block, -1)"
          >←</button>
          <span class="figure font-semibold">{{ shortDay(block.startsOn) }}</span>
          <button
            type="button"
            class="btn btn-quiet px-1.5"
            :aria-label="`A week later: block from ${block.startsOn}`"
            @click="move(block, 1)"
          >→</button>
        </span>
        <label>
          <span class="sr-only">Phase of the block from {{ block.startsOn }}</span>
          <select
            class="field w-auto"
            :value="block.phase ?? ''"
            @change="setPhase(block, ($event.target as HTMLSelectElement).value)"
          >
            <option value="">no phase</option>
            <option
              v-for="phase in PHASE_IDS"
              :key="phase"
              :value="phase"
            >{{ PHASES[phase].name }}</option>
          </select>
        </label>
        <label
          v-for="(load, i) in block.loads"
          :key="i"
          class="flex flex-col items-center"
        >
          <span
            class="w-14 bg-block rounded-t"
            :style="{ height: `${Math.round(load * 28)}px` }"
            aria-hidden="true"
          />
          <span class="flex items-center">
            <input
              type="number"
              min="20"
              max="150"
              step="5"
              class="field w-14 px-1 figure text-center"
              :aria-label="`Week ${i + 1} of the block from ${block.startsOn}, % of the usual`"
              :value="Math.round(load * 100)"
              @change="setLoad(block, i, Number(($event.target as HTMLInputElement).value))"
            >
          </span>
        </label>
        <span class="text-quiet">% of the usual</span>
        <button
          type="button"
          class="underline underline-offset-2"
          :disabled="block.loads.length >= 12"
          @click="put(block, { ...block, loads: [...block.loads, 1] })"
        >
          + week
        </button>
        <button
          type="button"
          class="underline underline-offset-2"
          @click="block.loads.length > 1 ? put(block, { ...block, loads: block.loads.slice(0, -1) }) : put(block, null)"
        >
          {{ block.loads.length > 1 ? '− week' : 'Remove' }}
        </button>
        <button
          v-if="block.loads.length > 1"
          type="button"
          class="underline underline-offset-2"
          @click="put(block, null)"
        >
          Remove
        </button>
      </li>
    </ul>
    <button
      type="button"
      class="btn mt-2"
      @click="add"
    >
      + block of three loading weeks and a lighter one
    </button>
  </div>
</template>
