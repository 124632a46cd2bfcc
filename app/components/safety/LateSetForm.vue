<script setup lang="ts">
import { v7 as newKey } from 'uuid'
import SelectField from '~/components/common/SelectField.vue'
import TextField from '~/components/common/TextField.vue'
import type { SetLogInput, TrainingStop } from '~~/shared/types'

/** A set that was done before training was stopped. */
const props = defineProps<{ stop: TrainingStop, day: string }>()
const emit = defineEmits<{ log: [log: SetLogInput] }>()

const itemId = ref(props.stop.toLog[0]?.itemId ?? '')
const side = ref<'left' | 'right'>('left')
const amount = ref('')
const problem = ref('')
const said = ref('')
const drill = computed(() => props.stop.toLog.find(one => one.itemId === itemId.value))
const DRILLS = computed(() => props.stop.toLog.map(one => [one.itemId, one.name] as const))
const SIDES = [['left', 'left'], ['right', 'right']] as const

function submit(): void {
  const value = Number(amount.value.trim().replace(',', '.'))
  problem.value = amount.value.trim() === '' || !(value >= 0 && value <= 3600) ? 'A number from 0 to 3600.' : ''
  if (problem.value || !drill.value) return
  // Just before it was stopped: what was done later is not training that was done rightly.
  const performedAt = new Date(new Date(props.stop.since).getTime() - 1000).toISOString()
  emit('log', {
    id: newKey(), prescribedItemId: itemId.value, day: props.day, performedAt, setNumber: 1,
    side: drill.value.sides === 'each' ? side.value : null, amount: value, breakPoint: 'none', setting: {}, feltAt: [],
    effort: null, painAt: null, note: 'Written down after training was stopped.',
  })
  said.value = `${drill.value.name}: written down.`
  amount.value = ''
}
</script>

<template>
  <details class="mt-4">
    <summary class="min-h-[48px] flex items-center underline underline-offset-2">
      I had done sets before this
    </summary>
    <form
      class="flex flex-col gap-3"
      novalidate
      @submit.prevent="submit"
    >
      <SelectField
        v-model="itemId"
        label="Drill"
        name="late-drill"
        :options="DRILLS"
      />
      <SelectField
        v-if="drill?.sides === 'each'"
        v-model="side"
        label="Side"
        name="late-side"
        :options="SIDES"
      />
      <TextField
        v-model="amount"
        :label="`How many ${drill?.unit ?? ''}`"
        name="late-amount"
        inputmode="decimal"
        figure
        :problem="problem || undefined"
      />
      <button
        type="submit"
        class="btn btn-floor"
      >
        Write it down
      </button>
      <p role="status">
        {{ said }}
      </p>
    </form>
  </details>
</template>
