<script setup lang="ts">
import { DOSE_UNITS, type Dose, type Sides } from '~~/core/dose'
import type { Gate } from '~~/core/catalogue'
import DoseEditor from '~/components/week/DoseEditor.vue'
import SelectField from '~/components/common/SelectField.vue'
import TextField from '~/components/common/TextField.vue'

/** Default doses from the lightest up, all in one unit, and the gate that is read in it. */
const props = defineProps<
  { doses: readonly Dose[], gate: Gate, sides: Sides, problems: Readonly<Record<string, string>> }
>()
const emit = defineEmits<{ doses: [doses: readonly Dose[]], gate: [gate: Gate] }>()

const UNITS = DOSE_UNITS.map(unit => [unit, unit] as const)
const unit = computed(() => props.doses[0]?.unit ?? 'seconds')
const setUnit = (next: Dose['unit']): void => emit('doses', props.doses.map(({ tempo, ...dose }) =>
  ({ ...dose, unit: next, ...(next === 'reps' && tempo !== undefined ? { tempo } : {}) })))
const setAt = (index: number, dose: Dose): void => emit('doses', props.doses.map((d, i) => (i === index ? dose : d)))
const number = (typed: string): number => (typed.trim() === '' ? NaN : Number(typed.trim().replace(',', '.')))
const shown = (value: number): string => (Number.isFinite(value) ? String(value) : '')
const GATE = [['sets', 'Gate: sets'], ['amount', 'Amount in each'], ['sessions', 'Sessions running']] as const
const problem = computed(() =>
  props.problems.doses ?? Object.entries(props.problems).find(([path]) => path.startsWith('doses.'))?.[1]
)
</script>

<template>
  <div>
    <h3 class="mb-1">
      Doses, lightest first
    </h3>
    <SelectField
      class="max-w-[12rem] mb-2"
      :model-value="unit"
      label="Counted in"
      name="dose-unit"
      :options="UNITS"
      @update:model-value="setUnit"
    />
    <div
      v-for="(dose, index) in doses"
      :key="index"
      class="flex items-end gap-2 mb-1.5"
    >
      <DoseEditor
        :dose="dose"
        :sides="sides"
        @dose="setAt(index, $event)"
      />
      <button
        v-if="doses.length > 1"
        type="button"
        class="btn btn-quiet px-1"
        :aria-label="`Take dose ${index + 1} out`"
        @click="emit('doses', doses.filter((_, i) => i !== index))"
      >
        ✕
      </button>
    </div>
    <button
      v-if="doses.length < 6"
      type="button"
      class="btn"
      @click="emit('doses', [...doses, { ...doses.at(-1)! }])"
    >
      Another dose
    </button>
    <p
      v-if="problem"
      class="problem"
      role="alert"
    >
      {{ problem }}
    </p>
    <div class="grid grid-cols-3 gap-2 mt-3 max-w-md">
      <TextField
        v-for="[field, label] in GATE"
        :key="field"
        :model-value="shown(gate[field])"
        :label="label"
        :name="`gate-${field}`"
        inputmode="decimal"
        figure
        :problem="problems[`gate.${field}`]"
        @update:model-value="emit('gate', { ...gate, [field]: number($event) })"
      />
    </div>
    <TextField
      class="mt-2"
      :model-value="gate.seen"
      label="What must be seen besides the number"
      name="gate-seen"
      :problem="problems['gate.seen'] ?? problems.gate"
      @update:model-value="emit('gate', { ...gate, seen: $event })"
    />
  </div>
</template>
