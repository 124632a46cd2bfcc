<script setup lang="ts">
import FormField from './FormField.vue'

/** One line (or a few) of typed words with label, hint and the message that belongs beside it. */
withDefaults(
  defineProps<{
    label: string
    name: string
    problem?: string
    hint?: string
    type?: string
    inputmode?: 'text' | 'numeric' | 'decimal'
    autocomplete?: string
    placeholder?: string
    figure?: boolean
    area?: boolean
  }>(),
  {
    problem: undefined, hint: undefined, type: 'text', inputmode: undefined, autocomplete: 'off',
    placeholder: undefined,
  },
)
const words = defineModel<string>({ required: true })
</script>

<template>
  <FormField
    v-slot="{ id, invalid, describedBy }"
    :label="label"
    :name="name"
    :problem="problem"
    :hint="hint"
  >
    <component
      :is="area ? 'textarea' : 'input'"
      :id="id"
      class="field"
      :class="figure ? 'figure' : ''"
      :value="words"
      :type="area ? undefined : type"
      :inputmode="inputmode"
      :autocomplete="autocomplete"
      :placeholder="placeholder"
      :aria-invalid="invalid"
      :aria-describedby="describedBy"
      @input="words = ($event.target as HTMLInputElement).value"
    />
  </FormField>
</template>
