<script setup lang="ts" generic="T extends string | number | null">
import FormField from './FormField.vue'

/** One choice of a list, with label and hint. */
defineProps<
  {
    label: string
    name: string
    options: readonly (readonly [T, string])[]
    hint?: string
    disabled?: boolean
    /** What stands there while nothing is chosen: the choice is asked. */
    unchosen?: string
    problem?: string
  }
>()
const chosen = defineModel<T>({ required: true })
</script>

<template>
  <FormField
    v-slot="{ id, describedBy }"
    :label="label"
    :name="name"
    :hint="hint"
    :problem="problem"
  >
    <select
      :id="id"
      v-model="chosen"
      class="field"
      :disabled="disabled"
      :aria-describedby="describedBy"
      :aria-invalid="problem ? 'true' : undefined"
    >
      <option
        v-if="unchosen"
        value=""
        disabled
      >
        {{ unchosen }}
      </option>
      <option
        v-for="[value, text] in options"
        :key="String(value)"
        :value="value"
      >
        {{ text }}
      </option>
    </select>
  </FormField>
</template>
