<script setup lang="ts">
import { v7 as newKey } from 'uuid'
import { addDays, daysBetween } from '~~/core/calendar'
import {
  CLEARANCE_EXTENTS, CLEARING_ROLES, extentsFor, FLAGS, type Clearance, type ClearingRole, type FlagId, type HealthMark,
} from '~~/core/screening'
import SelectField from '~/components/common/SelectField.vue'
import TextField from '~/components/common/TextField.vue'
import DraftNote from '~/components/common/DraftNote.vue'
import { useDraft } from '~/composables/useDraft'

/** Clinicians' words on the flags: who, from when, until when, and what they lift. Ending ones warn. */
const props = defineProps<{
  athleteId: string
  flags: readonly HealthMark[]
  clearances: readonly Clearance[]
  today: string
  editable: boolean
  busy: boolean
  fields: Readonly<Record<string, string>>
}>()
const emit = defineEmits<{ add: [clearance: Clearance], withdraw: [id: string] }>()

const WARN_DAYS = 14
const named = computed(() => props.flags.filter((mark): mark is FlagId => mark in FLAGS))
const blank = () => ({
  flag: named.value[0] ?? ('wrist' as FlagId), extent: extentsFor(named.value[0] ?? 'wrist')[0]!, givenBy: '',
  role: 'doctor' as ClearingRole, from: props.today, until: addDays(props.today, 90), note: '',
})
const draft = ref(blank())
const kept = useDraft(`draft/clearance/${props.athleteId}`, reactive({ draft }), () => ({ draft: blank() }))
watch(() => props.clearances.length, () => { draft.value = blank() })
// A flag that came or went while the form stood open: the choice stays one there is.
watch([named, () => draft.value.flag], () => {
  if (!named.value.includes(draft.value.flag)) draft.value.flag = blank().flag
  if (!EXTENTS.value.some(([extent]) => extent === draft.value.extent)) draft.value.extent = EXTENTS.value[0]![0]
})
const FLAG_CHOICES = computed(() => named.value.map(flag => [flag, FLAGS[flag].name] as const))
const EXTENTS = computed(() => extentsFor(draft.value.flag).map(extent => [extent, CLEARANCE_EXTENTS[extent]] as const))
const ROLES = Object.entries(CLEARING_ROLES) as [ClearingRole, string][]

function state({ from, until }: Clearance): { text: string, warn: boolean } {
  if (from > props.today) return { text: `from ${from}`, warn: false }
  if (until === null) return { text: 'stands until withdrawn', warn: false }
  const days = daysBetween(props.today, until)
  if (days < 0) return { text: `ended ${until}: the flag counts again`, warn: true }
  return days <= WARN_DAYS
    ? { text: `ends in ${days} ${days === 1 ? 'day' : 'days'}, ${until}`, warn: true }
    : { text: `stands until ${until}`, warn: false }
}
const wrong = ref<Readonly<Record<string, string>>>({})
const problems = computed(() => ({ ...props.fields, ...wrong.value }))
/** Checked with the schema the server uses, before it is sent. */
async function add(): Promise<void> {
  const { clearanceSchema, fieldMessages } = await import('~~/shared/schemas')
  const clearance = {
    ...draft.value, id: newKey(), givenBy: draft.value.givenBy.trim(),
    until: draft.value.until === '' ? null : draft.value.until,
  }
  wrong.value = fieldMessages(clearanceSchema, clearance) ?? {}
  if (Object.keys(wrong.value).length === 0) emit('add', clearance)
}
</script>

<template>
  <section>
    <h2 class="mb-1">
      Clearances
    </h2>
    <p
      v-if="clearances.length === 0"
      class="text-quiet"
    >
      {{ named.length === 0 ? 'No flag, nothing to clear.' : 'None written down.' }}
    </p>
    <DraftNote
      :shown="kept.restored.value"
      @start-over="kept.startOver"
    />
    <ul>
      <li
        v-for="one in clearances"
        :key="one.id"
        class="flex flex-wrap gap-x-3 items-baseline border-b border-line/60 py-1"
      >
        <b>{{ FLAGS[one.flag].name }}</b>
        <span>cleared: {{ CLEARANCE_EXTENTS[one.extent] }}, by {{ one.givenBy }} ({{ CLEARING_ROLES[one.role] }})</span>
        <span :class="state(one).warn ? 'problem' : 'text-quiet'">{{ state(one).text }}</span>
        <button
          v-if="editable"
          type="button"
          class="underline underline-offset-2 ml-auto"
          :disabled="busy"
          @click="emit('withdraw', one.id)"
        >
          withdraw
        </button>
        <span
          v-if="one.note"
          class="w-full text-quiet"
        >{{ one.note }}</span>
      </li>
    </ul>
    <form
      v-if="editable && named.length > 0"
      class="grid md:grid-cols-2 gap-3 mt-3"
      novalidate
      @submit.prevent="add"
    >
      <SelectField
        v-model="draft.flag"
        label="Flag"
        name="clear-flag"
        :options="FLAG_CHOICES"
      />
      <SelectField
        v-model="draft.extent"
        label="What is lifted"
        name="clear-extent"
        :options="EXTENTS"
      />
      <TextField
        v-model="draft.givenBy"
        label="Given by"
        name="clear-by"
        :problem="problems.givenBy ?? problems.flag ?? problems.extent"
      />
      <SelectField
        v-model="draft.role"
        label="In what role"
        name="clear-role"
        :options="ROLES"
      />
      <div class="grid grid-cols-2 gap-3">
        <TextField
          v-model="draft.from"
          label="From"
          name="clear-from"
          type="date"
          :problem="problems.from"
        />
        <TextField
          v-model="draft.until"
          label="Until"
          name="clear-until"
          type="date"
          :problem="problems.until"
        />
      </div>
      <TextField
        v-model="draft.note"
        class="md:col-span-2"
        label="Note"
        name="clear-note"
        :problem="problems.note"
      />
      <button
        type="submit"
        class="btn w-fit"
        :disabled="busy"
      >
        Write the clearance down
      </button>
    </form>
  </section>
</template>
