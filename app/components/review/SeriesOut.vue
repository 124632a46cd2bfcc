<script setup lang="ts">
/** Ways out of a look back: on paper, or all of its series as a file. */
defineProps<{ disabled?: boolean }>()
const emit = defineEmits<{ save: [as: 'csv' | 'json'] }>()
const print = (): void => window.print()
</script>

<template>
  <button
    type="button"
    class="btn"
    @click="print"
  >
    Print
  </button>
  <button
    v-for="as in (['csv', 'json'] as const)"
    :key="as"
    type="button"
    class="btn uppercase"
    :disabled="disabled"
    @click="emit('save', as)"
  >
    {{ as }}
  </button>
</template>
