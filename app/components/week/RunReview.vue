<script setup lang="ts">
import type { PlanRun, PlanRunLine } from '~~/shared/types'
import { proofText } from '~/words/proofWords'
import { shortDay } from '~/words/inWords'

/** How far a run is, and what came of it for each athlete: exceptions first. */
const props = defineProps<{ run: PlanRun, busy: boolean }>()
const emit = defineEmits<{ cancel: [], retry: [], accept: [athleteIds: readonly string[] | null] }>()

type Kind = 'blocked' | 'failed' | 'going' | 'kept' | 'open' | 'unproven' | 'proven' | 'cancelled'
const KIND: Readonly<Record<Kind, string>> = {
  blocked: 'Blocked by a flag', failed: 'Could not be planned', cancelled: 'Cancelled',
  open: 'Planned, something is left wanting', unproven: 'Planned, better not ruled out', kept: 'Kept as they were',
  proven: 'Proven: nothing better exists', going: 'On the way',
}

function kindOf(line: PlanRunLine): Kind {
  if (line.state === 'failed') return 'failed'
  if (line.state === 'cancelled') return 'cancelled'
  if (line.state !== 'done') return 'going'
  if (line.weeks.some(week => week.outcome === 'refused')) return 'blocked'
  if (line.weeks.every(week => week.outcome === 'kept')) return 'kept'
  if (line.weeks.some(week => week.proof && !week.proof.proven)) return 'unproven'
  return line.weeks.some(week => week.proof && week.proof.goal > 0) ? 'open' : 'proven'
}

const groups = computed(() => (Object.keys(KIND) as Kind[]).flatMap((kind) => {
  const lines = props.run.lines.filter(line => kindOf(line) === kind)
  return lines.length > 0 ? [{ kind, lines }] : []
}))
const done = computed(() => props.run.lines.filter(line => line.state !== 'waiting' && line.state !== 'working').length)
const going = computed(() => done.value < props.run.lines.length)
const accepting = computed(() => props.run.lines.some(line => line.accepting))
const mendable = computed(() =>
  props.run.lines.filter(line => line.state === 'failed' || line.state === 'cancelled').length
)
const waiting = computed(() =>
  props.run.lines.flatMap(line => line.weeks).filter(week => week.outcome === 'proposed' && !week.assigned).length
)
const assignText = computed(() => {
  const weeks = `${waiting.value} ${waiting.value === 1 ? 'week' : 'weeks'}`
  if (accepting.value) return `Assigning ${weeks} …`
  return waiting.value === 0 && !going.value ? 'All assigned' : `Assign ${weeks}`
})
const toAccept = (lines: readonly PlanRunLine[]): boolean =>
  lines.some(line => line.weeks.some(week => week.outcome === 'proposed' && !week.assigned))
const stateText = (line: PlanRunLine): string => (line.accepting
  ? 'being assigned'
  : line.weeks.length > 0 && line.weeks.every(week => week.assigned)
  ? 'assigned'
  : line.state === 'working'
  ? `week ${line.weeks.length + 1} of ${props.run.weeks}`
  : line.state === 'done'
  ? ''
  : line.state)
</script>

<template>
  <section
    class="panel"
    aria-label="Proposals"
  >
    <div class="flex flex-wrap items-center gap-3 mb-2">
      <h2 class="mr-auto">
        {{ going ? `${done} of ${run.lines.length} athletes planned`
          : `${run.lines.length} athletes, exceptions first` }}
      </h2>
      <button
        v-if="going"
        type="button"
        class="btn"
        :disabled="busy"
        @click="emit('cancel')"
      >
        Cancel the rest
      </button>
      <button
        v-if="mendable > 0 && !going"
        type="button"
        class="btn"
        :disabled="busy"
        @click="emit('retry')"
      >
        Plan {{ mendable }} again
      </button>
      <button
        type="button"
        class="btn btn-main"
        :disabled="busy || going || accepting || waiting === 0"
        @click="emit('accept', null)"
      >
        {{ assignText }}
      </button>
    </div>
    <progress
      v-if="going"
      class="w-full h-2 mb-2 accent-signal"
      :max="run.lines.length"
      :value="done"
      aria-label="Athletes planned"
    />
    <p
      v-if="going"
      class="sr-only"
      role="status"
    >
      {{ done }} of {{ run.lines.length }} athletes planned
    </p>
    <template
      v-for="group in groups"
      :key="group.kind"
    >
      <div class="flex items-baseline gap-3 mt-3">
        <h3>{{ KIND[group.kind] }} <span class="figure font-normal">{{ group.lines.length }}</span></h3>
        <button
          v-if="!going && !accepting && toAccept(group.lines)"
          type="button"
          class="underline underline-offset-2"
          :disabled="busy"
          @click="emit('accept', group.lines.map(line => line.athleteId))"
        >
          Assign these
        </button>
      </div>
      <ul>
        <li
          v-for="line in group.lines"
          :key="line.athleteId"
          class="grid grid-cols-[10rem_6.5rem_minmax(0,1fr)] gap-2 py-1 border-b border-line/60 items-start"
        >
          <NuxtLink
            class="font-semibold underline underline-offset-2"
            :to="`/week/${line.athleteId}?start=${run.startsOn}`"
          >{{ line.athleteName }}</NuxtLink>
          <span class="text-quiet">{{ stateText(line) }}</span>
          <span class="text-[0.92em]">
            <span
              v-if="line.problem"
              class="problem block"
            >{{ line.problem }}</span>
            <span
              v-for="week in line.weeks"
              :key="week.startsOn"
              class="block"
            >
              <NuxtLink
                v-if="run.weeks > 1"
                class="figure underline underline-offset-2 mr-2"
                :to="`/week/${line.athleteId}?start=${week.startsOn}`"
              >{{ shortDay(week.startsOn) }}</NuxtLink><span class="figure whitespace-nowrap">{{ week.drills }} drills,
                {{ week.trunkMinutes }} min</span>
              <template v-if="week.assigned"> · assigned</template>
              <span
                v-if="week.proof && group.kind !== 'proven'"
                class="text-quiet"
              > · {{ proofText(week.proof) }}</span>
              {{ week.notes.join(' ') }}
            </span>
          </span>
        </li>
      </ul>
    </template>
  </section>
</template>
