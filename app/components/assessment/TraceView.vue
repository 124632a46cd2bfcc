<script setup lang="ts">
import { ticks } from 'd3-array'
import type { HoldState } from '~~/core/instruments'

/** The last seconds of an instrument: the line it draws, the band that is asked for, and the hold as it was timed. */
const props = defineProps<{
  samples: readonly { readonly tMs: number, readonly value: number }[]
  low: number
  high: number
  unit: string
  hold?: HoldState
  /** Seconds in sight; all of them when 0. */
  seconds: number
  label: string
}>()

const W = 720
const H = 190
const LEFT = 46
const BOTTOM = 22
const last = computed(() => props.samples.at(-1)?.tMs ?? 0)
const first = computed(() => (props.seconds > 0 ? last.value - props.seconds * 1000 : props.samples[0]?.tMs ?? 0))
const seen = computed(() => props.samples.filter(s => s.tMs >= first.value))
const top = computed(() => Math.max(props.high * 1.25, ...seen.value.map(s => s.value)) || 1)
const bottom = computed(() => Math.min(0, ...seen.value.map(s => s.value)))
const x = (t: number): number => LEFT + (W - LEFT) * (t - first.value) / Math.max(1, last.value - first.value)
const y = (v: number): number => (H - BOTTOM) * (1 - (v - bottom.value) / (top.value - bottom.value)) + 4
/** A gap in the samples is a gap in the line. */
const path = computed(() =>
  seen.value.map((s, i) =>
    `${i > 0 && s.tMs - seen.value[i - 1]!.tMs < 400 ? 'L' : 'M'}${x(s.tMs).toFixed(1)} ${y(s.value).toFixed(1)}`
  ).join('')
)
const held = computed(() => {
  if (props.hold?.beganMs == null) return null
  const from = Math.max(first.value, props.hold.beganMs)
  const to = props.hold.endedMs ?? last.value
  return to > from ? { from: x(from), width: x(to) - x(from) } : null
})
/** Whole seconds back from now. */
const marks = computed(() =>
  ticks(0, (last.value - first.value) / 1000, 6).filter(Number.isInteger)
    .map(s => ({ t: last.value - s * 1000, text: s === 0 ? 'now' : `−${s} s` }))
)
</script>

<template>
  <svg
    :viewBox="`0 0 ${W} ${H}`"
    class="w-full block bg-paper border border-line"
    role="img"
    :aria-label="label"
  >
    <rect
      :x="LEFT"
      :y="y(high)"
      :width="W - LEFT"
      :height="Math.max(0, y(low) - y(high))"
      fill="#dfe3e3"
    />
    <rect
      v-if="held"
      :x="held.from"
      y="4"
      :width="held.width"
      :height="H - BOTTOM"
      fill="none"
      stroke="#1f2a30"
      stroke-width="1.5"
      stroke-dasharray="5 4"
    />
    <line
      :x1="LEFT"
      :x2="W"
      :y1="y(0)"
      :y2="y(0)"
      stroke="#8d9ca4"
    />
    <path
      :d="path"
      fill="none"
      stroke="#b84517"
      stroke-width="2.2"
      stroke-linejoin="round"
    />
    <g
      class="figure"
      font-size="13"
      fill="#4b5b63"
    >
      <text
        :x="LEFT - 6"
        :y="y(high) + 4"
        text-anchor="end"
      >{{ Math.round(high) }}</text>
      <text
        :x="LEFT - 6"
        :y="y(low) + 4"
        text-anchor="end"
      >{{ Math.round(low) }}</text>
      <text
        x="4"
        y="15"
      >{{ unit }}</text>
      <text
        v-for="tick in marks"
        :key="tick.text"
        :x="Math.min(W - 4, x(tick.t))"
        :y="H - 5"
        :text-anchor="tick.text === 'now' ? 'end' : 'middle'"
      >{{ tick.text }}</text>
    </g>
  </svg>
</template>
