<script setup lang="ts">
import { ENTRY_KINDS } from '~~/core/season'
import { entrySchema, fieldMessages } from '~~/shared/schemas'
import FormField from '~/components/common/FormField.vue'
import TextField from '~/components/common/TextField.vue'
import DraftNote from '~/components/common/DraftNote.vue'
import { ENTRY_NAME } from '~/words/seasonWords'
import { longDay } from '~/words/inWords'
import type { EntryInput } from '~~/shared/types'
import { useDraft } from '~/composables/useDraft'

/** One thing in the calendar: what, when, how much it matters, whether it comes every week. */
const props = defineProps<
  { entry: EntryInput, isNew: boolean, zones: readonly string[], shared: boolean, day: string | null }
>()
const emit = defineEmits<{ put: [entry: EntryInput], cancel: [], cancelDay: [day: string] }>()
const draft = reactive({ ...props.entry, weekly: props.entry.weeklyUntil !== null })
// By its day too: words left over a competition that was moved since would move it back.
const kept = useDraft(`draft/entry/${props.isNew ? 'new' : props.entry.id}/${props.entry.day}`, draft)
const tried = ref(false)
watch(() => draft.day, (day, was) => { if (draft.lastDay === was || draft.lastDay < day) draft.lastDay = day })

const made = computed((): EntryInput => {
  const { weekly, ...entry } = draft
  const competition = entry.kind === 'competition'
  const number = (value: unknown): number => (value === '' || value === null ? 0 : Number(value))
  return {
    ...entry, name: entry.name.trim(), importance: competition ? entry.importance ?? 'B' : null,
    weeklyUntil: weekly ? entry.weeklyUntil : null, travelBefore: competition ? number(entry.travelBefore) : 0,
    travelAfter: competition ? number(entry.travelAfter) : 0, startsAt: entry.startsAt || null,
    minutes: entry.startsAt ? number(entry.minutes) || null : null,
  }
})
const problems = computed(() => (tried.value ? fieldMessages(entrySchema, made.value) ?? {} : {}))
function submit(): void {
  tried.value = true
  if (fieldMessages(entrySchema, made.value)) return
  kept.sent()
  emit('put', made.value)
}
</script>

<template>
  <form
    class="flex flex-col gap-3"
    novalidate
    @submit.prevent="submit"
  >
    <div class="flex flex-wrap gap-2">
      <button
        v-for="kind in ENTRY_KINDS"
        :key="kind"
        type="button"
        class="chip"
        :aria-pressed="draft.kind === kind"
        @click="draft.kind = kind"
      >
        {{ ENTRY_NAME[kind] }}
      </button>
    </div>
    <DraftNote
      :shown="kept.restored.value"
      @start-over="kept.startOver"
    />
    <TextField
      v-model="draft.name"
      label="Name"
      name="entry-name"
      :problem="problems.name"
    />
    <div
      v-if="draft.kind === 'competition'"
      class="flex flex-wrap gap-2 items-center"
      role="group"
      aria-label="Importance"
    >
      <button
        v-for="(text, id) in { A: 'A: the peak, with a taper', B: 'B: matters', C: 'C: training' }"
        :key="id"
        type="button"
        class="chip"
        :aria-pressed="draft.importance === id"
        @click="draft.importance = id"
      >
        {{ text }}
      </button>
    </div>
    <div class="grid grid-cols-2 sm:grid-cols-4 gap-3">
      <TextField
        v-model="draft.day"
        label="Day"
        name="entry-day"
        type="date"
        :problem="problems.day"
      />
      <TextField
        v-model="draft.lastDay"
        label="Last day"
        name="entry-last-day"
        type="date"
        :problem="problems.lastDay ?? problems['']"
      />
      <FormField
        v-slot="{ id }"
        name="entry-time"
        label="Time"
        :problem="problems.startsAt"
      >
        <input
          :id="id"
          v-model="draft.startsAt"
          type="time"
          class="field"
        >
      </FormField>
      <FormField
        v-slot="{ id }"
        name="entry-minutes"
        label="Minutes"
        :problem="problems.minutes"
      >
        <input
          :id="id"
          v-model="draft.minutes"
          type="number"
          class="field figure"
        >
      </FormField>
    </div>
    <FormField
      v-if="draft.startsAt"
      v-slot="{ id }"
      name="entry-zone"
      label="Its clock"
      :problem="problems.timeZone"
    >
      <input
        :id="id"
        v-model="draft.timeZone"
        class="field"
        list="zones"
        autocomplete="off"
      >
      <datalist id="zones">
        <option
          v-for="zone in zones"
          :key="zone"
          :value="zone"
        />
      </datalist>
    </FormField>
    <div
      v-if="draft.kind === 'competition'"
      class="grid grid-cols-2 gap-3"
    >
      <FormField
        v-for="(label, key) in { travelBefore: 'Travel days before', travelAfter: 'Travel days after' } as const"
        :key="key"
        v-slot="{ id }"
        :name="`entry-${key}`"
        :label="label"
        :problem="problems[key]"
      >
        <input
          :id="id"
          v-model="draft[key]"
          type="number"
          min="0"
          class="field figure"
        >
      </FormField>
    </div>
    <div class="flex flex-wrap gap-3 items-end">
      <label class="flex gap-2 items-center">
        <input
          v-model="draft.weekly"
          type="checkbox"
        >
        Every week until
      </label>
      <TextField
        v-if="draft.weekly"
        :model-value="draft.weeklyUntil ?? ''"
        label="the last day it may fall on"
        name="entry-until"
        type="date"
        :problem="problems.weeklyUntil"
        @update:model-value="value => draft.weeklyUntil = value || null"
      />
    </div>
    <label
      v-if="shared"
      class="flex gap-2 items-center"
    >
      <input
        type="checkbox"
        :checked="draft.groupId === null"
        @change="draft.groupId = draft.groupId === null ? entry.groupId : null"
      >
      For the whole centre
    </label>
    <div class="flex flex-wrap gap-3">
      <button
        type="submit"
        class="btn btn-main"
      >
        See what it does
      </button>
      <button
        v-if="!isNew && entry.weeklyUntil && day"
        type="button"
        class="btn"
        @click="emit('cancelDay', day)"
      >
        Call off {{ longDay(day) }} only
      </button>
      <button
        v-if="!isNew"
        type="button"
        class="btn"
        @click="emit('cancel')"
      >
        Call it off
      </button>
    </div>
  </form>
</template>
