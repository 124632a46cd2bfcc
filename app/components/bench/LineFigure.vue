<script setup lang="ts">
import type { Figure, Spot } from '~~/core/mechanics'

/**
 * The computed pose as a line figure: L4/L5 is the marked joint, arrows are loads, and on demand the ground's pushes
 * and the lever.
 */
const props = withDefaults(defineProps<{
  figure: Figure
  pxPerMetre: number
  forces?: boolean
  label?: string
  /** Room round it, pixels. */
  pad?: number
}>(), { forces: false, label: undefined, pad: 8 })

const width = computed(() =>
  (props.figure.box.right - props.figure.box.left) * props.pxPerMetre + 2 * props.pad + (props.forces ? 24 : 0)
)
const height = computed(() => (props.figure.box.top - props.figure.box.bottom) * props.pxPerMetre + 2 * props.pad)
const px = (p: Spot): [number, number] => [
  (p[0] - props.figure.box.left) * props.pxPerMetre + props.pad,
  (props.figure.box.top - p[1]) * props.pxPerMetre + props.pad,
]
const points = (line: readonly Spot[]): string => line.map(p => px(p).map(v => v.toFixed(1)).join(',')).join(' ')
const limbWidth = computed(() => Math.max(2, props.pxPerMetre * 0.055))
const ARROW_PX = computed(() => Math.max(12, props.pxPerMetre * 0.22))

/** An arrow that ends at its point (a weight) or starts there (a pull). */
function arrow(at: Spot, direction: Spot, lengthPx: number): string {
  const [x, y] = px(at)
  const [dx, dy] = [direction[0], -direction[1]]
  const [tx, ty] = [x + dx * lengthPx, y + dy * lengthPx]
  const head = Math.min(7, lengthPx * 0.45)
  return `M${x} ${y}L${tx} ${ty}M${tx - head * (dx * 0.9 - dy * 0.55)} ${
    ty - head * (dy * 0.9 + dx * 0.55)
  }L${tx} ${ty}L${tx - head * (dx * 0.9 + dy * 0.55)} ${ty - head * (dy * 0.9 - dx * 0.55)}`
}
</script>

<template>
  <svg
    :width="width"
    :height="height"
    :viewBox="`0 0 ${width} ${height}`"
    :role="label ? 'img' : undefined"
    :aria-label="label"
    :aria-hidden="label ? undefined : true"
    overflow="visible"
    fill="none"
    stroke-linecap="round"
    stroke-linejoin="round"
  >
    <polyline
      v-for="(line, i) in figure.far"
      :key="`f${i}`"
      :points="points(line)"
      stroke="#8d9ca4"
      :stroke-width="limbWidth * (i === 2 ? 0.75 : 1)"
    />
    <polyline
      v-for="(line, i) in figure.girdles"
      :key="`g${i}`"
      :points="points(line)"
      stroke="currentColor"
      :stroke-width="limbWidth * 1.2"
    />
    <polyline
      :points="points(figure.trunk)"
      stroke="currentColor"
      :stroke-width="limbWidth * 2"
    />
    <polyline
      v-for="(line, i) in figure.near"
      :key="`n${i}`"
      :points="points(line)"
      stroke="currentColor"
      :stroke-width="limbWidth * (i === 2 ? 0.75 : 1)"
    />
    <circle
      :cx="px(figure.head.at)[0]"
      :cy="px(figure.head.at)[1]"
      :r="figure.head.radiusM * pxPerMetre"
      fill="currentColor"
    />
    <line
      v-for="(contact, i) in figure.contacts"
      :key="`c${i}`"
      :x1="px(contact.at)[0] - 5"
      :x2="px(contact.at)[0] + 5"
      :y1="px(contact.at)[1] + limbWidth / 2 + 1"
      :y2="px(contact.at)[1] + limbWidth / 2 + 1"
      stroke="#8d9ca4"
      stroke-width="1.5"
    />
    <template
      v-for="(load, i) in figure.loads"
      :key="`l${i}`"
    >
      <rect
        v-if="load.isWeight"
        :x="px(load.at)[0] - limbWidth * 1.3"
        :y="px(load.at)[1] - limbWidth * 1.3"
        :width="limbWidth * 2.6"
        :height="limbWidth * 2.6"
        fill="#b84517"
        rx="1.5"
      />
      <path
        v-else
        :d="arrow(load.at, load.direction, ARROW_PX)"
        stroke="#b84517"
        :stroke-width="Math.max(2, limbWidth * 0.7)"
      />
    </template>
    <template v-if="forces">
      <path
        v-for="(contact, i) in figure.contacts.filter(c => c.forceN > 5)"
        :key="`r${i}`"
        :d="arrow(contact.at, contact.pull, 10 + contact.forceN / 14)"
        stroke="#2d5f8b"
        stroke-width="2"
      />
      <path
        v-for="(contact, i) in figure.contacts.filter(c => c.forceN > 5)"
        :key="`v${i}`"
        :d="`M${px(figure.lumbar)[0]} ${px(figure.lumbar)[1]}H${px(contact.at)[0]}`"
        stroke="#2d5f8b"
        stroke-width="1"
        stroke-dasharray="2 3"
      />
    </template>
    <circle
      :cx="px(figure.lumbar)[0]"
      :cy="px(figure.lumbar)[1]"
      :r="limbWidth * 0.95"
      fill="#fbf8f1"
      stroke="#b84517"
      :stroke-width="limbWidth * 0.55"
    />
  </svg>
</template>
