<script setup lang="ts">
/** How far up each branch of a ladder an athlete stands, as bars side by side; what the tests show more is marked. */
defineProps<
  {
    bars: readonly { readonly id: string, readonly share: number, readonly open: boolean }[]
    /** Whether the tests show more on some branch. */
    more: boolean
    /** The same in words. */
    label: string
  }
>()
</script>

<template>
  <span
    class="relative flex items-end justify-center gap-px h-[1.7rem] mx-0.5"
    role="img"
    :aria-label="label"
    :title="label"
  >
    <span
      v-for="bar in bars"
      :key="bar.id"
      class="flex-1 max-w-[9px]"
      :class="bar.open ? 'bg-block' : 'border-b border-line'"
      :style="{ height: `${bar.open ? Math.max(12, Math.round(bar.share * 100)) : 4}%` }"
    />
    <span
      v-if="more"
      class="absolute -top-1 right-0 text-[0.7em] text-signal-ink"
      aria-hidden="true"
    >▲</span>
  </span>
</template>
