<script setup lang="ts">
import type { Fault } from '~~/core/catalogue'
import TextField from '~/components/common/TextField.vue'

/** What goes wrong and what puts it right, pair by pair. */
const props = defineProps<{ faults: readonly Fault[], problems: Readonly<Record<string, string>> }>()
const emit = defineEmits<{ put: [faults: readonly Fault[]] }>()

const setAt = (index: number, change: Partial<Fault>): void =>
  emit('put', props.faults.map((f, i) => (i === index ? { ...f, ...change } : f)))
</script>

<template>
  <fieldset>
    <legend class="font-semibold mb-1">
      Faults
    </legend>
    <div
      v-for="(fault, index) in faults"
      :key="index"
      class="grid grid-cols-[1fr_1fr_auto] gap-2 items-start mb-1"
    >
      <TextField
        :model-value="fault.see"
        label="What is seen"
        :name="`fault-${index}-see`"
        :problem="problems[`faults.${index}.see`]"
        @update:model-value="setAt(index, { see: $event })"
      />
      <TextField
        :model-value="fault.fix"
        label="What puts it right"
        :name="`fault-${index}-fix`"
        :problem="problems[`faults.${index}.fix`]"
        @update:model-value="setAt(index, { fix: $event })"
      />
      <button
        type="button"
        class="btn btn-quiet px-1 mt-6"
        :disabled="faults.length === 1"
        :aria-label="`Take fault ${index + 1} out`"
        @click="emit('put', faults.filter((_, i) => i !== index))"
      >
        ✕
      </button>
    </div>
    <button
      v-if="faults.length < 8"
      type="button"
      class="btn"
      @click="emit('put', [...faults, { see: '', fix: '' }])"
    >
      Another fault
    </button>
  </fieldset>
</template>
