<script setup lang="ts">
/** The frame of an athlete's card on the floor: the name, what is at hand, and one key under it. */
defineProps<{
  name: string
  running: boolean
  /** What the key does. */
  text: string
  mayPress: boolean
  /** The digit that presses it; none for a card that is not shown. */
  digit: string
}>()
const emit = defineEmits<{ press: [] }>()
</script>

<template>
  <article
    class="bg-paper border-t-[6px] flex flex-col min-h-[17rem]"
    :class="running ? 'border-signal' : 'border-line'"
    :aria-label="name"
  >
    <div class="p-3 flex-1 flex flex-col">
      <h3 class="text-[1.5rem]">
        {{ name }}
      </h3>
      <slot />
    </div>
    <button
      type="button"
      class="min-h-[56px] px-4 flex justify-between items-center text-[1.15rem] font-bold"
      :class="running ? 'bg-signal text-white' : 'bg-chip'"
      :disabled="!mayPress"
      @click="emit('press')"
    >
      {{ text }}
      <kbd v-if="digit">{{ digit }}</kbd>
    </button>
  </article>
</template>
