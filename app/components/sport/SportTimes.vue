<script setup lang="ts">
import { PHASE_IDS, PHASES, type PhaseId } from '~~/core/policy'
import { SPORT_WANT_IDS, SPORT_WANTS, type Sport, type SportWantId } from '~~/core/programme'

/** What a week of the sport must hold, phase by phase: sessions in which each thing is met. */
const props = defineProps<{ sport: Sport, ours: Sport, editable: boolean }>()
const emit = defineEmits<{ put: [want: SportWantId, phase: PhaseId, times: number] }>()

const known = computed(() => SPORT_WANT_IDS.filter(id => props.sport.times[id]))
const others = computed(() => SPORT_WANT_IDS.filter(id => !props.sport.times[id]))
const differs = (id: SportWantId, phase: PhaseId): boolean =>
  props.sport.times[id]?.[phase] !== (props.ours.times[id]?.[phase] ?? 0)

function put(id: SportWantId, phase: PhaseId, event: Event): void {
  const value = Math.round(Number((event.target as HTMLInputElement).value))
  if (Number.isFinite(value)) emit('put', id, phase, Math.min(7, Math.max(0, value)))
}
</script>

<template>
  <section
    class="panel overflow-x-auto"
    aria-label="What a week must hold"
  >
    <h2 class="mb-1">
      What a week must hold
    </h2>
    <table class="w-full border-collapse">
      <caption class="sr-only">
        Sessions a week, by phase
      </caption>
      <thead>
        <tr class="border-b border-line text-left align-bottom">
          <th
            scope="col"
            class="font-semibold py-1"
          >
            Sessions a week
          </th>
          <th
            v-for="phase in PHASE_IDS"
            :key="phase"
            scope="col"
            class="font-semibold text-center px-1 leading-tight w-14"
          >
            {{ PHASES[phase].name }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="id in known"
          :key="id"
          class="border-b border-line/50"
        >
          <th
            scope="row"
            class="text-left font-normal py-1 leading-tight"
          >
            <b>{{ SPORT_WANTS[id].name.replace(/^./, c => c.toUpperCase()) }}</b>
            <span class="block text-quiet text-[0.92em]">{{ SPORT_WANTS[id].why }}</span>
          </th>
          <td
            v-for="phase in PHASE_IDS"
            :key="phase"
            class="text-center px-1"
          >
            <input
              v-if="editable"
              class="field figure text-center !py-0.5 !px-1 w-10"
              :class="differs(id, phase) ? 'font-bold' : ''"
              inputmode="numeric"
              :value="sport.times[id]![phase]"
              :aria-label="`${SPORT_WANTS[id].name}, ${PHASES[phase].name}`"
              @change="put(id, phase, $event)"
            >
            <span
              v-else
              class="figure"
              :class="differs(id, phase) ? 'font-bold' : ''"
            >{{ sport.times[id]![phase] }}</span>
          </td>
        </tr>
      </tbody>
    </table>
    <p
      v-if="editable && others.length > 0"
      class="mt-1"
    >
      <span class="text-quiet">Not asked by this sport:</span>
      <button
        v-for="id in others"
        :key="id"
        type="button"
        class="underline underline-offset-2 ml-2"
        :aria-label="`Ask for ${SPORT_WANTS[id].name}`"
        @click="emit('put', id, 'preSeason', 1)"
      >
        {{ SPORT_WANTS[id].name }}
      </button>
    </p>
  </section>
</template>
