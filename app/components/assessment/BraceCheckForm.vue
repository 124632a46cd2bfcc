<script setup lang="ts">
import { v7 as newKey } from 'uuid'
import { BRACE_STEPS, braceLacks, MEASURE_WORDS, QUADRANTS, type Quadrant } from '~~/core/assessment'
import type { BraceCheckInput } from '~~/shared/types'
import ChipChoice from '~/components/common/ChipChoice.vue'
import TextField from '~/components/common/TextField.vue'
import DraftNote from '~/components/common/DraftNote.vue'
import { useDraft } from '~/composables/useDraft'

/**
 * The coach's eye and hands on one step: what swells, whether breath goes on, how many, and at once whether it passes.
 */
const props = defineProps<{ step: number, today: string, busy: boolean, draftKey: string }>()
const emit = defineEmits<{ check: [check: BraceCheckInput] }>()

const facts = computed(() => BRACE_STEPS[props.step - 1]!)
const swell = ref<Quadrant[]>([])
const breathing = ref(false)
const typed = ref('')
const note = ref('')
const wrong = ref('')
const draft = useDraft(props.draftKey, reactive({ swell, breathing, typed, note }))
watch(() => props.step, () => {
  ;[swell.value, breathing.value, typed.value, note.value, wrong.value] = [[], false, '', '', '']
})

const count = computed(() => (typed.value.trim() === '' ? NaN : Number(typed.value.trim())))
const lacks = computed(() =>
  braceLacks({
    step: props.step, swell: swell.value, breathing: breathing.value,
    count: Number.isInteger(count.value) && count.value >= 0 ? count.value : 0,
  })
)

function send(): void {
  wrong.value = Number.isInteger(count.value) && count.value >= 0 && count.value <= 600
    ? ''
    : 'A whole number from 0 to 600.'
  if (wrong.value || props.busy) return
  emit('check', {
    id: newKey(), day: props.today, step: props.step, swell: swell.value, breathing: breathing.value,
    count: count.value, note: note.value.trim(),
  })
}
</script>

<template>
  <form
    class="flex flex-col gap-3"
    novalidate
    @submit.prevent="send"
  >
    <DraftNote
      :shown="draft.restored.value"
      @start-over="draft.startOver"
    />
    <ChipChoice
      v-if="facts.swell"
      legend="Swells against the fingers"
      :options="QUADRANTS"
      :pressed="swell"
      @choose="swell = swell.includes($event) ? swell.filter(q => q !== $event) : [...swell, $event]"
    />
    <ChipChoice
      v-if="step > 1"
      legend="Breath"
      :options="{ yes: 'goes on behind it', no: 'is held' }"
      :pressed="[breathing ? 'yes' : 'no']"
      @choose="breathing = $event === 'yes'"
    />
    <TextField
      v-model="typed"
      class="max-w-[16rem]"
      :label="`${MEASURE_WORDS[facts.measure].replace(/^./, c => c.toUpperCase())}, ${facts.atLeast} to pass`"
      :name="`count-${step}`"
      inputmode="numeric"
      figure
      :problem="wrong || undefined"
    />
    <TextField
      v-model="note"
      label="Note"
      :name="`note-${step}`"
    />
    <p
      role="status"
      :class="lacks.length === 0 ? '' : 'text-quiet'"
    >
      <b v-if="lacks.length === 0">Passes step {{ step }}.</b>
      <template v-else>
        Not yet: {{ lacks.join(' ') }}
      </template>
    </p>
    <button
      type="submit"
      class="btn btn-main w-fit"
      :disabled="busy"
    >
      Store the check
    </button>
  </form>
</template>
