<script setup lang="ts">
import { BRACE_CUES, homeworkState, type BraceCue, type Practice } from '~~/core/assessment'
import type { BraceCourse } from '~~/shared/types'
import ChipChoice from '~/components/common/ChipChoice.vue'
import SelectField from '~/components/common/SelectField.vue'
import TextField from '~/components/common/TextField.vue'
import DraftNote from '~/components/common/DraftNote.vue'
import { dayMonth } from '~/words/inWords'
import { useDraft } from '~/composables/useDraft'

/** How the brace is taught to this athlete: the cue with its trade-off, and what is practised at home. */
const props = defineProps<
  {
    course: BraceCourse
    practices: readonly Practice[]
    today: string
    editable: boolean
    busy: boolean
    draftKey: string
  }
>()
const emit = defineEmits<{ save: [course: Pick<BraceCourse, 'cue' | 'homework'>] }>()

const CUES = Object.fromEntries(Object.entries(BRACE_CUES).map(([id, { name }]) => [id, name])) as Record<
  BraceCue,
  string
>
const times = ref(props.course.homework?.timesADay ?? 0)
const until = ref(props.course.homework?.until ?? '')
const note = ref(props.course.homework?.note ?? '')
const draft = useDraft(props.draftKey, reactive({ times, until, note }), () => ({
  times: props.course.homework?.timesADay ?? 0, until: props.course.homework?.until ?? '',
  note: props.course.homework?.note ?? '',
}))
const TIMES = [[0, 'none'], [1, 'once a day'], [2, 'twice a day'], [3, '3 times a day'], [4, '4 times a day'], [
  5, '5 times a day',
], [6, '6 times a day']] as const
const untilProblem = computed(
  () => (until.value === '' || until.value >= props.today ? undefined : 'Today or later, or empty.')
)
const state = computed(() => homeworkState(props.course.homework, props.practices, props.today))
/** The last fortnight, a mark a day: how often it was practised. */
const days = computed(() => Array.from({ length: 14 }, (_, i) => {
  const date = new Date(`${props.today}T00:00:00Z`)
  date.setUTCDate(date.getUTCDate() - 13 + i)
  const day = date.toISOString().slice(0, 10)
  return { day, count: props.practices.filter(p => p.day === day).length }
}))

function save(cue: BraceCue): void {
  if (untilProblem.value) return
  emit('save', {
    cue,
    homework: times.value === 0
      ? null
      : { timesADay: times.value, until: until.value || null, note: note.value.trim() },
  })
}
</script>

<template>
  <section>
    <h2 class="mb-1">
      Cue and homework
    </h2>
    <ChipChoice
      legend="Cue"
      :options="CUES"
      :pressed="[course.cue]"
      @choose="cue => editable && !busy && save(cue)"
    />
    <p class="mt-1">
      “{{ BRACE_CUES[course.cue].words }}”
      <span class="text-quiet">{{ BRACE_CUES[course.cue].why }}</span>
    </p>
    <p
      v-if="course.cue === 'drawIn'"
      class="text-quiet"
    >
      Under load, from step 6 and in any loaded drill, the cue stays “{{ BRACE_CUES.brace.name.toLowerCase() }}”.
    </p>
    <DraftNote
      :shown="draft.restored.value"
      @start-over="draft.startOver"
    />
    <form
      v-if="editable"
      class="grid sm:grid-cols-2 gap-3 mt-3"
      novalidate
      @submit.prevent="save(course.cue)"
    >
      <SelectField
        v-model="times"
        label="At home"
        name="homework-times"
        :options="TIMES"
      />
      <TextField
        v-model="until"
        label="Until (empty: until changed)"
        name="homework-until"
        type="date"
        :problem="untilProblem"
      />
      <TextField
        v-model="note"
        class="sm:col-span-2"
        label="A word to the athlete"
        name="homework-note"
      />
      <p>
        <button
          type="submit"
          class="btn"
          :disabled="busy"
        >
          Set homework
        </button>
      </p>
    </form>
    <p class="mt-2">
      {{ state.says }}<template v-if="course.setOn">
        Set on {{ dayMonth(course.setOn) }}.
      </template>
    </p>
    <p
      v-if="course.homework"
      class="flex items-end gap-1 mt-1"
      role="img"
      :aria-label="`Practised on ${days.filter(d => d.count > 0).length} of the last 14 days`"
    >
      <span
        v-for="one in days"
        :key="one.day"
        class="w-4 border-b-2 border-ink text-center figure text-[0.75em]"
        :class="one.count > 0 ? 'bg-block text-paper' : 'text-quiet'"
      >{{ one.count || '·' }}</span>
    </p>
  </section>
</template>
