<script setup lang="ts">
import { formatDose } from '~~/core/dose'
import { liftDose, liftFacts, pasteRoutine, type WeekPlan } from '~~/core/programme'
import { useCatalogue } from '~/composables/useCatalogue'
import { DAY_NAMES_LONG } from '~/words/inWords'
import DraftNote from '~/components/common/DraftNote.vue'
import { useDraft } from '~/composables/useDraft'

/** A routine as it was typed elsewhere, read line by line before anything of it is taken. */
const emit = defineEmits<{ put: [plan: WeekPlan] }>()

const text = ref('')
const draft = useDraft('draft/routine', reactive({ text }))
const catalogue = useCatalogue()
const read = computed(() => pasteRoutine(text.value, catalogue.value))
const count = computed(() => read.value.plan.sessions.reduce((sum, s) => sum + s.lifts.length + s.items.length, 0))
const label = computed(() =>
  `Put ${count.value} ${count.value === 1 ? 'line' : 'lines'} in the week${
    read.value.unread.length > 0 ? `, leave ${read.value.unread.length} out` : ''
  }`
)
const drillText = (variationId: string, dose: Parameters<typeof formatDose>[0]): string => {
  const variation = catalogue.value.find(variationId)
  return `${variation?.name ?? ''} ${formatDose(dose, variation?.sides ?? 'both')}`
}
</script>

<template>
  <div>
    <label for="routine">One line for a day, then one for each lift or drill with its sets</label>
    <textarea
      id="routine"
      v-model="text"
      class="field w-full h-40 figure"
      placeholder="Mon 60 min&#10;Back squat 4x5 @ 80 %&#10;Side plank 3 x 20 s&#10;Thu&#10;Suitcase carry 3 x 20 m"
    />
    <DraftNote
      :shown="draft.restored.value"
      @start-over="draft.startOver"
    />
    <div
      v-if="read.plan.sessions.length > 0"
      class="mt-2"
    >
      <p
        v-for="session in read.plan.sessions"
        :key="session.id"
      >
        <b>{{ DAY_NAMES_LONG[session.day] }}, {{ session.minutes }} min:</b>
        {{ [
          ...session.lifts.map(l => `${liftFacts(l.lift).name} ${liftDose(l)} at ${l.percent1Rm} %`),
          ...session.items.map(i => drillText(i.variationId, i.dose))
        ].join('; ') || 'nothing yet' }}
      </p>
    </div>
    <ul
      v-if="read.unread.length > 0"
      class="caution mt-2"
    >
      <li
        v-for="line in read.unread"
        :key="line.line"
      >
        <b>Line {{ line.line }}, “{{ line.text }}”:</b> {{ line.why }}
        <template v-if="line.nearest.length > 0">
          Near to it: {{ line.nearest.join('; ') }}.
        </template>
      </li>
    </ul>
    <button
      type="button"
      class="btn btn-main mt-3"
      :disabled="count === 0"
      @click="draft.sent(); emit('put', read.plan)"
    >
      {{ label }}
    </button>
  </div>
</template>
