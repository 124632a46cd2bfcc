<script setup lang="ts">
import { PLANES, type Plane } from '~~/core/catalogue'
import { DAY_KINDS, type SeasonDayKind, type SeasonPlan } from '~~/core/season'
import { ROWS, type rowTops } from '~/drawing/ribbonLayout'

/** One week of the ribbon: its load as a column, what it asks of the planes, and its days where one looks near. */
const props = withDefaults(defineProps<{
  week: number
  weekPx: number
  top: ReturnType<typeof rowTops>
  load: SeasonPlan['loads'][number]
  /** Units, and the most that any week has. */
  volume: number
  most: number
  /** Seconds it asks of each plane, and the most that any week asks of one. */
  planes?: Readonly<Record<Plane, number>>
  planeMost: number
  kinds: readonly SeasonDayKind[]
  /** The kinds of its days before the change that is being looked at. */
  before: readonly SeasonDayKind[] | null
  changed: boolean
  showDays: boolean
  pins: readonly number[]
  selected: boolean
  spoken: string
}>(), { planes: () => ({ sagittal: 0, frontal: 0, transverse: 0 }) })
const emit = defineEmits<{ select: [], day: [day: number] }>()

const x = computed(() => props.week * props.weekPx)
const dayPx = computed(() => props.weekPx / 7)
const loadH = (units: number): number => (units / props.most) * (ROWS.loads - 16)
const planeH = (fullSets: number): number => (fullSets / props.planeMost) * (ROWS.planes / 3 - 4)
</script>

<template>
  <g>
    <rect
      :x="x + 3"
      :y="top.keel - loadH(volume)"
      :width="weekPx - 6"
      :height="loadH(volume)"
      :fill="load === 'usual' ? 'var(--color-block)' : 'var(--color-paper)'"
      stroke="var(--color-block)"
      stroke-width="1.5"
      :stroke-dasharray="load === 'deload' ? '3 2' : undefined"
    />
    <path
      v-if="load === 'taper'"
      :d="`M${x + 3} ${top.keel}
        V${top.keel - loadH(volume)} L${x + weekPx - 3} ${top.keel}Z`"
      fill="var(--color-block)"
    />
    <circle
      v-if="changed"
      :cx="x + weekPx / 2"
      :cy="top.keel - loadH(volume) - 7"
      r="3.5"
      fill="var(--color-signal)"
    />
    <rect
      v-for="(plane, i) in PLANES"
      :key="plane"
      :x="x + 3"
      :y="top.planes + (i + 1) * (ROWS.planes / 3) - planeH(planes[plane])"
      :width="weekPx - 6"
      :height="planeH(planes[plane])"
      :fill="`url(#hatch-${plane})`"
      :stroke="`var(--color-${plane})`"
      stroke-width="0.75"
    />
    <template v-if="showDays">
      <g
        v-for="d in 7"
        :key="d"
      >
        <rect
          :x="x + (d - 1) * dayPx + 1"
          :y="top.days + 2"
          :width="dayPx - 2"
          :height="DAY_KINDS.indexOf(kinds[d - 1]!) * 7 + 1"
          :fill="before && before[d - 1] !== kinds[d - 1] ? 'var(--color-signal)'
            : 'var(--color-quiet)'"
        />
        <circle
          v-if="pins.includes(7 * week + d - 1)"
          :cx="x + (d - 0.5) * dayPx"
          :cy="top.days + 36"
          r="2.5"
          fill="var(--color-ink)"
        />
        <rect
          :x="x + (d - 1) * dayPx"
          :y="top.days"
          :width="dayPx"
          :height="ROWS.days"
          fill="transparent"
          class="cursor-pointer"
          @click="emit('day', d - 1)"
        />
      </g>
    </template>
    <rect
      :x="x"
      :y="top.loads"
      :width="weekPx"
      :height="top.keel - top.loads"
      fill="transparent"
      class="cursor-pointer"
      role="button"
      :tabindex="selected ? 0 : -1"
      :aria-label="spoken"
      :aria-pressed="selected"
      @click="emit('select')"
      @keydown.enter="emit('select')"
    />
  </g>
</template>
