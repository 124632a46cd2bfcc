<script setup lang="ts">
import { PHASE_IDS, PHASES } from '~~/core/policy'
import type { SeasonPhaseId, SeasonShape, ShapePhase } from '~~/core/season'
import { fieldMessages, seasonShapeSchema } from '~~/shared/schemas'
import FormField from '~/components/common/FormField.vue'
import TextField from '~/components/common/TextField.vue'
import DraftNote from '~/components/common/DraftNote.vue'
import { DAY_NAMES } from '~/words/inWords'
import { useDraft } from '~/composables/useDraft'

/**
 * What a season is made of: its weeks, its training and hard days, its phases with their lengths, emphasis and shut.
 */
const props = defineProps<{ shape: SeasonShape, draftKey: string }>()
const emit = defineEmits<{ put: [shape: SeasonShape] }>()
const draft = reactive({
  ...props.shape, weekdays: [...props.shape.weekdays], hardDays: [...props.shape.hardDays],
  phases: props.shape.phases.map(phase => ({ ...phase, opening: { ...phase.opening } })),
})
const kept = useDraft(props.draftKey, draft)
const tried = ref(false)
const CHOICES = PHASE_IDS.filter((id): id is SeasonPhaseId => id !== 'taper')

const problems = computed(() => (tried.value ? fieldMessages(seasonShapeSchema, made()) ?? {} : {}))
function made(): SeasonShape {
  return { ...draft, weekdays: [...draft.weekdays].sort(), hardDays: [...draft.hardDays].sort() }
}
function toggle(list: number[], day: number): void {
  const at = list.indexOf(day)
  if (at >= 0) list.splice(at, 1)
  else list.push(day)
}
function addPhase(): void {
  draft.phases.push({
    phase: 'inSeason', least: 2, most: 8, start: null, volume: 12, opening: { braceStep: null, done: null },
  } as ShapePhase & { opening: { braceStep: number | null, done: number | null } })
}
function submit(): void {
  tried.value = true
  if (fieldMessages(seasonShapeSchema, made())) return
  kept.sent()
  emit('put', made())
}
const number = (event: Event): number | null =>
  ((event.target as HTMLInputElement).value === '' ? null : Number((event.target as HTMLInputElement).value))
</script>

<template>
  <form
    class="flex flex-col gap-3"
    novalidate
    @submit.prevent="submit"
  >
    <DraftNote
      :shown="kept.restored.value"
      @start-over="kept.startOver"
    />
    <div class="grid sm:grid-cols-3 gap-3">
      <TextField
        v-model="draft.startsOn"
        label="First Monday"
        name="season-start"
        type="date"
        :problem="problems.startsOn"
      />
      <FormField
        v-slot="{ id }"
        name="season-weeks"
        label="Weeks"
        :problem="problems.weeks"
      >
        <input
          :id="id"
          v-model.number="draft.weeks"
          type="number"
          class="field figure"
        >
      </FormField>
      <FormField
        v-slot="{ id }"
        name="season-deload"
        label="A lighter week every"
        :problem="problems.deloadEvery"
      >
        <input
          :id="id"
          v-model.number="draft.deloadEvery"
          type="number"
          class="field figure"
        >
      </FormField>
    </div>
    <div
      v-for="(label, key) in { weekdays: 'Days with time for trunk work', hardDays: 'Days of the hard lifts' } as const"
      :key="key"
      role="group"
      :aria-label="label"
    >
      <p class="mb-1">
        {{ label }}
      </p>
      <div class="flex flex-wrap gap-1.5">
        <button
          v-for="(name, day) in DAY_NAMES"
          :key="day"
          type="button"
          class="chip"
          :aria-pressed="draft[key].includes(day)"
          @click="toggle(draft[key], day)"
        >
          {{ name }}
        </button>
      </div>
      <p
        v-if="problems[key]"
        class="problem"
      >
        {{ problems[key] }}
      </p>
    </div>
    <div class="overflow-x-auto">
      <table class="w-full">
        <caption class="text-left pb-1">
          Phases in their order; a taper comes by itself before each A-competition.
        </caption>
        <thead>
          <tr class="text-left text-quiet text-[0.88em]">
            <th>Phase</th>
            <th>Least</th>
            <th>Most</th>
            <th>From week</th>
            <th>Units</th>
            <th>Next opens at: brace step</th>
            <th>sets done, %</th>
            <th><span class="sr-only">Take out</span></th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="(phase, i) in draft.phases"
            :key="i"
          >
            <td>
              <select
                v-model="phase.phase"
                class="field w-auto"
                :aria-label="`Phase ${i + 1}`"
              >
                <option
                  v-for="id in CHOICES"
                  :key="id"
                  :value="id"
                >
                  {{ PHASES[id].name }}
                </option>
              </select>
            </td>
            <td
              v-for="(label, key) in { least: 'Least weeks', most: 'Most weeks' } as const"
              :key="key"
            >
              <input
                v-model.number="phase[key]"
                type="number"
                class="field figure w-16"
                :aria-label="`${label} of phase ${i + 1}`"
                :aria-invalid="problems[`phases.${i}.${key}`] ? true : undefined"
              >
            </td>
            <td>
              <input
                :value="phase.start === null ? '' : phase.start + 1"
                type="number"
                class="field figure w-16"
                :aria-label="`Phase ${i + 1} is wanted from week`"
                @input="event => phase.start = number(event) === null ? null : number(event)! - 1"
              >
            </td>
            <td>
              <input
                v-model.number="phase.volume"
                type="number"
                class="field figure w-16"
                :aria-label="`Units a week of phase ${i + 1}`"
              >
            </td>
            <td>
              <input
                :value="phase.opening.braceStep ?? ''"
                type="number"
                class="field figure w-16"
                :aria-label="`Brace step that opens the phase after phase ${i + 1}`"
                @input="event => phase.opening.braceStep = number(event)"
              >
            </td>
            <td>
              <input
                :value="phase.opening.done === null ? '' : Math.round(phase.opening.done * 100)"
                type="number"
                class="field figure w-16"
                :aria-label="`Share of sets that opens the phase after phase ${i + 1}, per cent`"
                @input="event => phase.opening.done = number(event) === null ? null : number(event)! / 100"
              >
            </td>
            <td>
              <button
                type="button"
                class="btn btn-quiet px-2"
                :disabled="draft.phases.length === 1"
                :aria-label="`Take phase ${i + 1} out`"
                @click="draft.phases.splice(i, 1)"
              >
                ✕
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p
      v-for="text in
        [...new Set(Object.entries(problems).filter(([key]) => key.startsWith('phases'))
          .map(([, text]) => text))]"
      :key="text"
      class="problem"
      role="alert"
    >
      {{ text }}
    </p>
    <div class="flex gap-3">
      <button
        type="submit"
        class="btn btn-main"
      >
        See what it does
      </button>
      <button
        type="button"
        class="btn"
        @click="addPhase"
      >
        Add a phase
      </button>
    </div>
  </form>
</template>
