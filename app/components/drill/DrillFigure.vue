<script setup lang="ts">
import type { Body } from '~~/core/anatomy'
import { drillFigures, type Figure } from '~~/core/mechanics'
import type { Variation } from '~~/core/catalogue'
import LineFigure from '~/components/bench/LineFigure.vue'
import { SOMEBODYS_BODY } from '~/words/somebody'

/**
 * What a drill looks like, in a box of so many pixels: from its easy end to its hard one where it moves. A pose that is
 * only a picture says so where there is room for words.
 */
const props = withDefaults(defineProps<{
  drill: Pick<Variation, 'id' | 'name' | 'pose'> | null
  width: number
  height: number
  /** The far end alone, for a label. */
  small?: boolean
  /** Whose body it is; where it cannot take the pose, or none is meant, somebody's. */
  body?: Body
}>(), { small: false, body: () => SOMEBODYS_BODY })

/** Room a figure keeps round itself, on each side. */
const pad = computed(() => (props.small ? 3 : 7))
const GAP_PX = 14
/** No figure is drawn larger than this, so that all people in a list are of one size. */
const MOST_PX_PER_METRE = 55
const figures = computed(() => (
  props.drill ? drillFigures(props.drill, props.body) ?? drillFigures(props.drill, SOMEBODYS_BODY) : null
))
const shown = computed((): Figure[] => {
  const { start, end } = figures.value ?? {}
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
  const what = figures.value?.isPicture ? 'picture' : 'as computed'
  return `${props.drill?.name ?? ''}, ${what}${shown.value.length > 1 ? ', from its easy end to its hard one' : ''}`
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
