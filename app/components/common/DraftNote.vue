<script setup lang="ts">
/** Says that a form stands as it was left, not as it is stored. */
defineProps<{ shown: boolean }>()
const emit = defineEmits<{ startOver: [] }>()
</script>

<template>
  <p
    v-if="shown"
    class="text-quiet"
    role="status"
  >
    As you left it on this device, not sent yet.
    <button
      type="button"
      class="underline underline-offset-2"
      @click="emit('startOver')"
    >
      Start over
    </button>
  </p>
</template>
