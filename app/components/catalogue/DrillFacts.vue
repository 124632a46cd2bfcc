<script setup lang="ts">
import {
  BREATH_PATTERNS, DRILL_KINDS, gateText, HAZARDS, isOwn, MUSCLE_GROUPS, neighboursOf, publishedCompression,
  schoolDose, SCHOOLS,
  type SchoolId, type Variation,
} from '~~/core/catalogue'
import { formatDose } from '~~/core/dose'
import { SPORT_PROFILES, transferOf } from '~~/core/programme'
import { hardestPart } from '~/words/hardestPart'
import { useCatalogue } from '~/composables/useCatalogue'
import PlaneMark from '~/components/plane/PlaneMark.vue'

/** Everything a coach needs to give a drill, with its neighbours and where it leads. */
const props = defineProps<{ variation: Variation, editable: boolean, mayWrite: boolean, athleteName: string | null }>()
const emit = defineEmits<{ show: [id: string], bench: [], week: [], copy: [], edit: [] }>()
const compression = computed(() => publishedCompression(props.variation.id))
const catalogue = useCatalogue()
const around = computed(() => neighboursOf(props.variation, catalogue.value))
const steps = computed(() => [
  ['Easier', around.value.easier] as const, ['Harder', around.value.harder] as const,
  ...around.value.opens.map(v => ['Opens', v] as const),
  ...around.value.first.map(v => ['Asked first', v] as const),
])
const hardest = computed(() => hardestPart(props.variation))
const sports = computed(() => transferOf(props.variation).slice(0, 3))
const schools = Object.keys(SCHOOLS) as SchoolId[]
</script>

<template>
  <div class="panel grid md:grid-cols-3 gap-x-6 gap-y-3 mb-2">
    <div class="flex flex-col gap-1.5">
      <p><b>Set-up:</b> {{ variation.setUp }}</p>
      <p><b>Inside:</b> {{ variation.cues.inside }}</p>
      <p><b>Outside:</b> {{ variation.cues.outside }}</p>
      <p
        v-for="fault in variation.faults"
        :key="fault.see"
      >
        <b>{{ fault.see }}:</b> {{ fault.fix }}
      </p>
      <p><b>Ends when:</b> {{ variation.stopSign }}</p>
      <p><b>Breath:</b> {{ BREATH_PATTERNS[variation.breath] }}.</p>
      <p
        v-if="variation.caution"
        class="text-signal-ink"
      >
        <b>Mind:</b> {{ variation.caution }}
      </p>
      <p v-if="variation.kind">
        <b>There for {{ DRILL_KINDS[variation.kind] }}:</b> it never counts as resisting.
      </p>
    </div>
    <div class="flex flex-col gap-1.5">
      <p><b>Gate:</b> <span class="figure">{{ gateText(variation) }}</span>. {{ variation.gate.seen }}</p>
      <p v-if="variation.breaths">
        <b>Or by breath:</b> {{ variation.breaths.join(' to ') }} breaths a side.
      </p>
      <p v-if="variation.entry">
        <b>Stands first:</b>
        {{ variation.entry.map(e => `${catalogue.find(e.id)?.name.toLowerCase()} ${e.seconds} s`).join(', ') }}.
      </p>
      <p v-if="hardest">
        <b>Loads</b> {{ hardest }}.
      </p>
      <p><b>Brace step</b> {{ variation.braceStep }} first. Fatigue {{ variation.fatigue }} of 5, cost to the spine
        {{ variation.spineCost }} of 3 (our classes).</p>
      <p v-if="compression">
        <b>Compression:</b> {{ compression.class }}, measured for {{ compression.measured }} ({{ compression.source }},
        recalled).
      </p>
      <p><b>Works:</b> {{ variation.muscles.map(m => MUSCLE_GROUPS[m]).join(', ') }}.</p>
      <p v-if="variation.hazards.length > 0">
        <b>Not for whoever must avoid:</b> {{ variation.hazards.map(h => HAZARDS[h]).join(', ') }}.
      </p>
      <ul>
        <li
          v-for="[word, other] in steps"
          :key="word + (other?.id ?? '')"
          class="flex items-baseline gap-1.5"
        >
          <b>{{ word }}:</b>
          <button
            v-if="other"
            type="button"
            class="underline underline-offset-2 text-left flex items-baseline gap-1.5"
            @click="emit('show', other.id)"
          >
            <PlaneMark
              class="self-center"
              :shares="other.shares"
            />{{ other.name }}
          </button>
          <span
            v-else
            class="text-quiet"
          >{{ word === 'Easier' ? 'this is the ground' : 'this is the top' }}</span>
        </li>
      </ul>
    </div>
    <div class="flex flex-col gap-1.5">
      <dl class="grid grid-cols-[minmax(0,1fr)_auto] gap-x-3">
        <template
          v-for="school in schools"
          :key="school"
        >
          <dt :title="SCHOOLS[school].says">
            {{ SCHOOLS[school].name }}
          </dt>
          <dd class="figure text-right">
            {{ formatDose(schoolDose(variation, school), variation.sides) }}
          </dd>
        </template>
      </dl>
      <p
        v-for="sport in sports"
        :key="sport.sport"
      >
        <b>{{ SPORT_PROFILES[sport.sport].name }}:</b> {{ sport.reason }}
      </p>
      <p class="flex flex-wrap gap-2 mt-auto">
        <button
          type="button"
          class="btn btn-main"
          :disabled="athleteName === null"
          @click="emit('bench')"
        >
          On the bench<template v-if="athleteName">
            for {{ athleteName }}
          </template>
        </button>
        <button
          v-if="editable"
          type="button"
          class="btn"
          :disabled="athleteName === null"
          @click="emit('week')"
        >
          Add to the week
        </button>
        <button
          v-if="mayWrite && isOwn(variation)"
          type="button"
          class="btn"
          @click="emit('edit')"
        >
          Change it
        </button>
        <button
          v-if="mayWrite"
          type="button"
          class="btn btn-quiet"
          @click="emit('copy')"
        >
          Make one of your own from it
        </button>
      </p>
      <p class="text-quiet text-[0.88em]">
        Own range, own rung. Doses, gates and classes: common practice, no source. Not medical advice.
      </p>
    </div>
  </div>
</template>
