<script setup lang="ts">
/** What came of a table that was brought in, with the way back; the slot says what is next. */
defineProps<{ said: string, problem: string, canUndo: boolean, busy: boolean }>()
const emit = defineEmits<{ undo: [] }>()
</script>

<template>
  <p
    v-if="said"
    class="mb-2"
    role="status"
  >
    <b>{{ said }}</b>
    <slot />
    <button
      v-if="canUndo"
      type="button"
      class="underline underline-offset-2 ml-2"
      :disabled="busy"
      @click="emit('undo')"
    >
      Take it back
    </button>
  </p>
  <p
    v-if="problem"
    class="caution mb-2"
    role="alert"
  >
    {{ problem }}
  </p>
</template>
