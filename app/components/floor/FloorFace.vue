<script setup lang="ts">
import type { Variation } from '~~/core/catalogue'
import DrillFigure from '~/components/drill/DrillFigure.vue'

/** The face of a card: one huge count with the figure of the drill beside it. */
defineProps<{ face: string, label: string, drill: Variation | null }>()
</script>

<template>
  <div class="flex items-end justify-between gap-2 mt-auto">
    <p
      class="figure font-bold leading-none text-[5rem]"
      role="timer"
      :aria-label="label"
    >
      {{ face }}
    </p>
    <DrillFigure
      :drill="drill"
      :width="90"
      :height="64"
      small
    />
  </div>
</template>
