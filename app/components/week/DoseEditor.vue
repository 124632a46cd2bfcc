<script setup lang="ts">
import type { Dose, Sides } from '~~/core/dose'
import { doseProblems } from '~/words/doseProblems'
import { DOSE_UNIT_WORDS } from '~~/core/dose'

/** A dose edited in place; what cannot be right is said beside the box and not taken over. */
const props = defineProps<{ dose: Dose, sides: Sides }>()
const emit = defineEmits<{ dose: [dose: Dose] }>()

const typed = ref<Record<string, string>>({})
watch(() => props.dose, () => { typed.value = {} })

const shown = (field: keyof Dose): string => typed.value[field] ?? String(props.dose[field] ?? '')
const draft = computed((): Dose => {
  const number = (
    field: 'sets' | 'amount' | 'restS',
  ): number => (field in typed.value
    ? (typed.value[field]!.trim() === '' ? NaN : Number(typed.value[field]!.replace(',', '.')))
    : props.dose[field])
  const tempo = shown('tempo').trim()
  return {
    ...props.dose, sets: number('sets'), amount: number('amount'), restS: number('restS'), tempo: tempo || undefined,
  }
})
const problems = computed(() => (Object.keys(typed.value).length > 0 ? doseProblems(draft.value) : {}))

function type(field: keyof Dose, value: string): void {
  typed.value = { ...typed.value, [field]: value }
  if (Object.keys(problems.value).length === 0) emit('dose', draft.value)
}
</script>

<template>
  <div>
    <!-- Enter leaves the boxes, so that the single keys work again. -->
    <div
      class="flex flex-wrap items-end gap-2"
      @keydown.enter="($event.target as HTMLInputElement).blur()"
    >
      <label class="block">
        <span class="block text-[0.85em] text-quiet">Sets</span>
        <input
          class="field figure w-14"
          inputmode="numeric"
          :value="shown('sets')"
          :aria-invalid="problems.sets ? true : undefined"
          @input="type('sets', ($event.target as HTMLInputElement).value)"
        >
      </label>
      <label class="block">
        <span class="block text-[0.85em] text-quiet">
          {{ DOSE_UNIT_WORDS[dose.unit] }}{{ sides === 'each' ? ' a side' : '' }}
        </span>
        <input
          class="field figure w-16"
          inputmode="decimal"
          :value="shown('amount')"
          :aria-invalid="problems.amount ? true : undefined"
          @input="type('amount', ($event.target as HTMLInputElement).value)"
        >
      </label>
      <label
        v-if="dose.unit === 'reps'"
        class="block"
      >
        <span class="block text-[0.85em] text-quiet">Tempo</span>
        <input
          class="field figure w-24"
          :value="shown('tempo')"
          placeholder="3-0-3-0"
          :aria-invalid="problems.tempo ? true : undefined"
          @input="type('tempo', ($event.target as HTMLInputElement).value)"
        >
      </label>
      <label class="block">
        <span class="block text-[0.85em] text-quiet">Rest, s</span>
        <input
          class="field figure w-16"
          inputmode="numeric"
          :value="shown('restS')"
          :aria-invalid="problems.restS ? true : undefined"
          @input="type('restS', ($event.target as HTMLInputElement).value)"
        >
      </label>
    </div>
    <p
      v-for="(text, field) in problems"
      :key="field"
      class="problem mt-1"
      role="alert"
    >
      {{ text }}
    </p>
  </div>
</template>
