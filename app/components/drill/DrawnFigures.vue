<script setup lang="ts">
import type { DrillFigures, Figure } from '~~/core/mechanics'
import LineFigure from '~/components/bench/LineFigure.vue'

/**
 * A drill's figures in a box of so many pixels: from its easy end to its hard one where it moves. A pose that is only a
 * picture says so where there is room for words.
 */
const props = withDefaults(defineProps<{
  figures: Pick<DrillFigures, 'start' | 'end' | 'isPicture'> | null
  name: string
  width: number
  height: number
  /** The far end alone, for a label. */
  small?: boolean
}>(), { small: false })

/** Room a figure keeps round itself, on each side. */
const pad = computed(() => (props.small ? 3 : 7))
const GAP_PX = 14
/** No figure is drawn larger than this, so that all people in a list are of one size. */
const MOST_PX_PER_METRE = 55
const shown = computed((): Figure[] => {
  const { start, end } = props.figures ?? {}
  return !end ? [] : start && !props.small ? [start, end] : [end]
})
const wide = ({ box }: Figure): number => box.right - box.left
const high = ({ box }: Figure): number => box.top - box.bottom
const scale = computed(() => {
  const room = props.width - shown.value.length * 2 * pad.value - (shown.value.length - 1) * GAP_PX
  return Math.min(
    MOST_PX_PER_METRE,
    room / shown.value.reduce((sum, figure) => sum + wide(figure), 0),
    (props.height - 2 * pad.value) / Math.max(...shown.value.map(high)),
  )
})
const label = computed(() => {
  const what = props.figures?.isPicture ? 'picture' : 'as computed'
  return `${props.name}, ${what}${shown.value.length > 1 ? ', from its easy end to its hard one' : ''}`
})
</script>

<template>
  <span
    v-if="shown.length > 0"
    class="inline-flex flex-col items-center shrink-0"
    :style="{ width: `${width}px` }"
  >
    <span
      class="inline-flex items-end justify-center gap-0.5"
      :style="{ height: `${height}px` }"
      role="img"
      :aria-label="label"
    >
      <template
        v-for="(figure, i) in shown"
        :key="i"
      >
        <svg
          v-if="i > 0"
          width="12"
          :height="height"
          aria-hidden="true"
        ><path
          :d="`M1 ${height / 2}h9m-3.5 -3.5l3.5 3.5l-3.5 3.5`"
          fill="none"
          stroke="var(--color-quiet)"
          stroke-width="1.5"
        /></svg>
        <LineFigure
          :figure="figure"
          :px-per-metre="scale"
          :pad="pad"
        />
      </template>
    </span>
    <span
      v-if="figures?.isPicture && !small"
      class="text-quiet text-[0.8em] leading-none"
    >picture</span>
  </span>
</template>
