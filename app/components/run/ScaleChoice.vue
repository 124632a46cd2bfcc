<script setup lang="ts">
/** A number on a scale, pressed with a thumb; pressed again it is taken back. */
const props = defineProps<{ from: number, to: number, chosen: number | null, name: string }>()
const emit = defineEmits<{ choose: [value: number | null] }>()
const values = computed(() => Array.from({ length: props.to - props.from + 1 }, (_, i) => props.from + i))
</script>

<template>
  <div class="grid grid-cols-6 gap-1.5">
    <button
      v-for="n in values"
      :key="n"
      type="button"
      class="chip chip-floor justify-center px-0 figure"
      :aria-pressed="chosen === n"
      :aria-label="`${name} ${n} of ${to}`"
      @click="emit('choose', chosen === n ? null : n)"
    >
      {{ n }}
    </button>
  </div>
</template>
