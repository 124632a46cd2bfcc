<script setup lang="ts">
import type { SeasonExceptions } from '~~/core/season'
import TextField from '~/components/common/TextField.vue'
import { dayMonth } from '~/words/inWords'
import type { EntryInput, AthleteShutPhase } from '~~/shared/types'

/** What one athlete does otherwise than the squad: days away, competitions left out, phases that wait. */
const props = defineProps<
  {
    name: string
    exceptions: SeasonExceptions
    entries: readonly EntryInput[]
    shut: readonly AthleteShutPhase[]
    phaseNames: readonly string[]
    today: string
    editable: boolean
  }
>()
const emit = defineEmits<{ put: [exceptions: SeasonExceptions, text: string] }>()
const from = ref('')
const to = ref('')
const problem = ref('')

function addAbsence(): void {
  problem.value = from.value === ''
    ? 'Say from when.'
    : (to.value || from.value) < from.value
    ? 'The last day is not before the first.'
    : ''
  if (problem.value) return
  const absence = { from: from.value, to: to.value || from.value }
  emit('put', {
    ...props.exceptions,
    absences: [...props.exceptions.absences, absence].sort((a, b) => a.from.localeCompare(b.from)),
  }, `${props.name} is away ${dayMonth(absence.from)} to ${dayMonth(absence.to)}`)
  from.value = ''
  to.value = ''
}
const coming = computed(() =>
  props.entries.filter(e => (e.kind === 'competition' || e.kind === 'match') && e.lastDay >= props.today)
)
function toggle(entry: EntryInput): void {
  const out = props.exceptions.skips.includes(entry.id)
  emit('put', {
    ...props.exceptions,
    skips: out ? props.exceptions.skips.filter(id => id !== entry.id) : [...props.exceptions.skips, entry.id],
  }, `${props.name} ${out ? 'takes part in' : 'leaves out'} ${entry.name}`)
}
function hold(one: AthleteShutPhase): void {
  emit(
    'put',
    { ...props.exceptions, opens: { ...props.exceptions.opens, [one.phase]: one.opens } },
    `${props.name}: the next phase waits. ${one.reasons.join(' ')}`,
  )
}
</script>

<template>
  <section class="panel">
    <h2>{{ name }}, otherwise than the squad</h2>
    <div
      v-for="one in shut"
      :key="one.phase"
      class="caution my-2"
    >
      <p>{{ phaseNames[one.phase] }} should not open yet: {{ one.reasons.join(' ') }}</p>
      <button
        v-if="editable"
        type="button"
        class="btn mt-1"
        @click="hold(one)"
      >
        Let it wait
      </button>
    </div>
    <h3 class="mt-2">
      Away
    </h3>
    <ul>
      <li
        v-for="(absence, i) in exceptions.absences"
        :key="i"
        class="flex gap-2 items-center"
      >
        {{ dayMonth(absence.from) }} – {{ dayMonth(absence.to) }}
        <button
          v-if="editable"
          type="button"
          class="btn btn-quiet px-2"
          :aria-label="`Not away ${dayMonth(absence.from)}`"
          @click="emit('put',
                       { ...exceptions, absences: exceptions.absences.filter((_, at) => at !== i) },
                       `${name} is there from ${dayMonth(absence.from)}`)"
        >
          ✕
        </button>
      </li>
    </ul>
    <form
      v-if="editable"
      class="grid grid-cols-2 gap-2 items-end mt-1"
      novalidate
      @submit.prevent="addAbsence"
    >
      <TextField
        v-model="from"
        label="From"
        name="away-from"
        type="date"
        :problem="problem"
      />
      <TextField
        v-model="to"
        label="to"
        name="away-to"
        type="date"
      />
      <button
        type="submit"
        class="btn justify-self-start"
      >
        Add days away
      </button>
    </form>
    <h3 class="mt-3">
      Takes part in
    </h3>
    <label
      v-for="entry in coming"
      :key="entry.id"
      class="flex gap-2 items-center py-0.5"
    >
      <input
        type="checkbox"
        :checked="!exceptions.skips.includes(entry.id)"
        :disabled="!editable"
        @change="toggle(entry)"
      >
      {{ entry.name }}, {{ dayMonth(entry.day) }}
    </label>
  </section>
</template>
