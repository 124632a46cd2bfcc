<script setup lang="ts">
import { mainFacts, type ActionShares, type Plane } from '~~/core/catalogue'

/**
 * A bar or square in a drill's plane: hatched when it resists, dashed outline when it makes the movement,
 * dotted where it loads the trunk with nothing.
 */
const props = withDefaults(
  defineProps<{ shares?: ActionShares, plane?: Plane, resists?: boolean, width?: number, height?: number }>(),
  { shares: undefined, plane: 'sagittal', resists: true, width: 14, height: 12 },
)

const action = computed(() => (props.shares ? mainFacts(props.shares) : null))
/** Activation, breath and the like load the trunk in no plane. */
const none = computed(() => props.shares !== undefined && action.value === null)
const plane = computed(() => action.value?.plane ?? props.plane)
const resists = computed(() => action.value?.resists ?? props.resists)
const w = computed(() => Math.max(4, props.width))
const h = computed(() => props.height)
</script>

<template>
  <svg
    :width="w"
    :height="h"
    aria-hidden="true"
    class="block shrink-0"
  >
    <rect
      x="0.75"
      y="0.75"
      :width="w - 1.5"
      :height="h - 1.5"
      :fill="resists && !none ? `url(#hatch-${plane})` : 'var(--color-paper)'"
      :stroke="none ? 'var(--color-quiet)' : `var(--color-${plane})`"
      stroke-width="1.5"
      :stroke-dasharray="none ? '1 2' : resists ? undefined : '3 2'"
    />
  </svg>
</template>
