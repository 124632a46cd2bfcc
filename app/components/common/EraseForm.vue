<script setup lang="ts">
import TextField from './TextField.vue'

/** Erasing somebody for good: it says what goes, and asks for the name, so that it is never one slip of a finger. */
defineProps<{ name: string, busy: boolean, problem?: string }>()
const emit = defineEmits<{ erase: [typed: string] }>()
const typed = ref('')
</script>

<template>
  <form
    class="caution mt-2 flex flex-col gap-2"
    novalidate
    @submit.prevent="emit('erase', typed)"
  >
    <p><slot /></p>
    <TextField
      v-model="typed"
      :label="`Type the name: ${name}`"
      name="erase-name"
      :problem="problem"
    />
    <button
      type="submit"
      class="btn self-start"
      :disabled="busy"
    >
      Erase for good
    </button>
  </form>
</template>
