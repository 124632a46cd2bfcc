<script setup lang="ts">
/** How many there are of something, with what is wrong about what was typed; more about it in the slot. */
defineProps<{ name: string, label: string, note?: string, value: string, editable: boolean, problem?: string }>()
const emit = defineEmits<{ type: [text: string] }>()
</script>

<template>
  <li class="grid grid-cols-[minmax(0,1fr)_4.5rem] items-center gap-2 py-1.5 border-b border-line/60">
    <label :for="`count-${name}`">{{ label }}
      <span
        v-if="note"
        class="text-quiet text-[0.9em]"
      >· {{ note }}</span>
    </label>
    <input
      :id="`count-${name}`"
      class="field figure"
      inputmode="numeric"
      :value="value"
      :disabled="!editable"
      :aria-invalid="problem ? true : undefined"
      @input="emit('type', ($event.target as HTMLInputElement).value)"
    >
    <slot />
    <p
      v-if="problem"
      class="problem col-span-2"
      role="alert"
    >
      {{ problem }}
    </p>
  </li>
</template>
