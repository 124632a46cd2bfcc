<script setup lang="ts">
import { addDays, daysBetween } from '~~/core/calendar'
import { PLANES, type Plane } from '~~/core/catalogue'
import { PHASES } from '~~/core/policy'
import { DAY_KINDS, daysOfEntry, KIND_VOLUMES, stretchesOf, type SeasonPlan, type SeasonShape } from '~~/core/season'
import RibbonFlags from '~/components/season/RibbonFlags.vue'
import { monthsOf, rowTops, ROWS, withRoom } from '~/drawing/ribbonLayout'
import { ENTRY_NAME, LOAD_NAME } from '~/words/seasonWords'
import { weekSpan } from '~/words/inWords'
import type { EntryInput } from '~~/shared/types'

/**
 * The season as a line of weeks: what is to come stands on it as flags and loads, the phases hang under it, and with
 * them what each week asks of the three planes.
 */
const props = defineProps<{
  shape: SeasonShape
  plan: SeasonPlan
  /** The plan before the change that is being looked at. */
  before: SeasonPlan | null
  entries: readonly EntryInput[]
  today: string
  selected: number
  weekPx: number
  days: boolean
  /** Seconds each week asks of each plane. */
  planes: readonly Readonly<Record<Plane, number>>[]
  editable: boolean
  pins: readonly number[]
}>()
const emit = defineEmits<
  {
    select: [week: number]
    day: [day: number]
    open: [entryId: string]
    move: [entryId: string, days: number]
    start: [phase: number, week: number]
  }
>()

const width = computed(() => props.shape.weeks * props.weekPx)
const dayPx = computed(() => props.weekPx / 7)
const top = computed(() => rowTops(props.days))
const x = (day: string): number => daysBetween(props.shape.startsOn, day) * dayPx.value
const inside = (day: string): boolean => x(day) >= 0 && x(day) < width.value

const volumes = computed(() =>
  props.plan.loads.map((_, week) =>
    props.plan.days.slice(7 * week, 7 * week + 7).reduce((sum, kind) => sum + KIND_VOLUMES[kind], 0)
  )
)
const most = computed(() => Math.max(12, ...volumes.value))
const loadH = (units: number): number => (units / most.value) * (ROWS.loads - 16)
const planeMost = computed(() => Math.max(60, ...props.planes.flatMap(week => PLANES.map(plane => week[plane]))))
const planeH = (seconds: number): number => (seconds / planeMost.value) * (ROWS.planes / 3 - 4)

const months = computed(() => monthsOf(props.shape))
const stretches = computed(() =>
  withRoom(
    stretchesOf(props.shape, props.plan).map(s => ({ ...s, x: s.week * props.weekPx, text: PHASES[s.phase].name })),
    width.value, 7.2,
  )
)
/** Stretches of the calendar that are not competitions, each in its own mark. */
const marks = computed(() =>
  props.entries.filter(e => e.kind !== 'competition').flatMap(entry =>
    daysOfEntry(entry).filter(inside).map(day => ({ entry, x: x(day), key: `${entry.id}/${day}` }))
  )
)
const starts = computed(() => props.shape.phases.map((_, index) => props.plan.phases.indexOf(index)))
const spoken = (week: number): string => {
  const s = stretches.value.find(one => week >= one.week && week < one.week + one.weeks)
  return `Week ${week + 1}, ${weekSpan(addDays(props.shape.startsOn, 7 * week))}: ${
    s ? PHASES[s.phase].name.toLowerCase() : ''
  }, ${LOAD_NAME[props.plan.loads[week]!]}, ${volumes.value[week]} units`
}
const changedWeek = (week: number): boolean =>
  props.before !== null
  && (props.before.loads[week] !== props.plan.loads[week] || props.before.phases[week] !== props.plan.phases[week]
    || props.plan.days.slice(7 * week, 7 * week + 7).some((kind, i) => props.before!.days[7 * week + i] !== kind))

/** A drag of a flag goes by days, of a phase's start by weeks; until the hand lets go only the ghost moves. */
const drag = ref<{ kind: 'entry' | 'phase', id: string, from: number, dx: number } | null>(null)
const shiftDays = computed(() => (drag.value ? Math.round(drag.value.dx / dayPx.value) : 0))
function grab(event: PointerEvent, kind: 'entry' | 'phase', id: string): void {
  if (!props.editable || event.button !== 0) return
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  drag.value = { kind, id, from: event.clientX, dx: 0 }
}
function pull(event: PointerEvent): void {
  if (drag.value) drag.value = { ...drag.value, dx: event.clientX - drag.value.from }
}
function drop(): void {
  const held = drag.value
  drag.value = null
  if (!held) return
  if (held.kind === 'entry') {
    const days = Math.round(held.dx / dayPx.value)
    if (days === 0) emit('open', held.id)
    else emit('move', held.id, days)
    return
  }
  const weeks = Math.round(held.dx / props.weekPx)
  const index = Number(held.id)
  if (weeks !== 0) emit('start', index, Math.max(0, Math.min(props.shape.weeks - 1, starts.value[index]! + weeks)))
}
</script>

<template>
  <svg
    :width="width"
    :height="top.height"
    class="block select-none"
    role="group"
    aria-label="The season, week by week"
    @pointermove="pull"
    @pointerup="drop"
    @pointercancel="drag = null"
  >
    <rect
      v-if="inside(today)"
      :x="Math.floor(daysBetween(shape.startsOn, today) / 7) * weekPx"
      :y="top.flags"
      :width="weekPx"
      :height="top.height - top.flags"
      fill="var(--color-chalk-deep)"
    />
    <text
      v-for="month in months"
      :key="month.week"
      :x="month.week * weekPx + 3"
      y="11"
      class="fill-quiet text-[11px]"
    >{{ month.name }}</text>
    <g
      v-for="(load, week) in plan.loads"
      :key="week"
    >
      <rect
        :x="week * weekPx + 3"
        :y="top.keel - loadH(volumes[week]!)"
        :width="weekPx - 6"
        :height="loadH(volumes[week]!)"
        :fill="load === 'usual' ? 'var(--color-block)' : 'var(--color-paper)'"
        stroke="var(--color-block)"
        stroke-width="1.5"
        :stroke-dasharray="load === 'deload' ? '3 2' : undefined"
      />
      <path
        v-if="load === 'taper'"
        :d="`M${week * weekPx + 3} ${top.keel}
          V${top.keel - loadH(volumes[week]!)} L${week * weekPx + weekPx - 3} ${top.keel}Z`"
        fill="var(--color-block)"
      />
      <circle
        v-if="changedWeek(week)"
        :cx="week * weekPx + weekPx / 2"
        :cy="top.keel - loadH(volumes[week]!) - 7"
        r="3.5"
        fill="var(--color-signal)"
      />
      <rect
        v-for="(plane, i) in PLANES"
        :key="plane"
        :x="week * weekPx + 3"
        :y="top.planes + (i + 1) * (ROWS.planes / 3) - planeH(planes[week]?.[plane] ?? 0)"
        :width="weekPx - 6"
        :height="planeH(planes[week]?.[plane] ?? 0)"
        :fill="`url(#hatch-${plane})`"
        :stroke="`var(--color-${plane})`"
        stroke-width="0.75"
      />
      <template v-if="days">
        <g
          v-for="d in 7"
          :key="d"
        >
          <rect
            :x="week * weekPx + (d - 1) * dayPx + 1"
            :y="top.days + 2"
            :width="dayPx - 2"
            :height="DAY_KINDS.indexOf(plan.days[7 * week + d - 1]!) * 7 + 1"
            :fill="before && before.days[7 * week + d - 1] !== plan.days[7 * week + d - 1] ? 'var(--color-signal)'
              : 'var(--color-quiet)'"
          />
          <circle
            v-if="pins.includes(7 * week + d - 1)"
            :cx="week * weekPx + (d - 0.5) * dayPx"
            :cy="top.days + 36"
            r="2.5"
            fill="var(--color-ink)"
          />
          <rect
            :x="week * weekPx + (d - 1) * dayPx"
            :y="top.days"
            :width="dayPx"
            :height="ROWS.days"
            fill="transparent"
            class="cursor-pointer"
            @click="emit('day', 7 * week + d - 1)"
          />
        </g>
      </template>
      <rect
        :x="week * weekPx"
        :y="top.loads"
        :width="weekPx"
        :height="top.keel - top.loads"
        fill="transparent"
        class="cursor-pointer"
        role="button"
        :tabindex="week === selected ? 0 : -1"
        :aria-label="spoken(week)"
        :aria-pressed="week === selected"
        @click="emit('select', week)"
        @keydown.enter="emit('select', week)"
      />
    </g>
    <rect
      :x="selected * weekPx + 0.75"
      :y="top.loads + 1"
      :width="weekPx - 1.5"
      :height="top.height - top.loads - 2"
      fill="none"
      stroke="var(--color-signal)"
      stroke-width="2"
      pointer-events="none"
    />
    <line
      x1="0"
      :x2="width"
      :y1="top.keel"
      :y2="top.keel"
      stroke="var(--color-ink)"
      stroke-width="2.5"
    />
    <g
      v-for="s in stretches"
      :key="`${s.phase}${s.week}`"
    >
      <path
        :d="`M${s.x + 2} ${top.phases + 4} v16 h${s.weeks * weekPx - 4} v-16`"
        fill="none"
        :stroke="s.phase === 'taper' ? 'var(--color-signal)' : 'var(--color-ink)'"
        stroke-width="1.5"
      />
      <text
        :x="s.x + 7"
        :y="top.phases + 15"
        class="text-[12px] font-semibold"
        :class="s.phase === 'taper' ? 'fill-signal-ink' : 'fill-ink'"
      >{{ s.shown }}</text>
    </g>
    <g
      v-for="(week, index) in starts"
      v-show="week > 0"
      :key="index"
      :transform="`translate(${
        drag?.kind === 'phase' && drag.id === String(index) ? Math.round(drag.dx / weekPx) * weekPx : 0} 0)`"
      class="cursor-ew-resize touch-none"
      data-handle="phase"
      @pointerdown="grab($event, 'phase', String(index))"
    >
      <rect
        :x="week * weekPx - 9"
        :y="top.phases - 4"
        width="18"
        :height="ROWS.phases"
        fill="transparent"
      />
      <circle
        v-if="editable"
        :cx="week * weekPx"
        :cy="top.keel"
        r="5"
        fill="var(--color-chalk)"
        stroke="var(--color-ink)"
        stroke-width="2"
      />
    </g>
    <RibbonFlags
      :entries="entries"
      :starts-on="shape.startsOn"
      :width="width"
      :day-px="dayPx"
      :top="top.loads"
      :keel="top.keel"
      :held="drag?.kind === 'entry' ? drag.id : null"
      :shift-days="shiftDays"
      @grab="(event, id) => grab(event, 'entry', id)"
      @open="id => emit('open', id)"
    />
    <g
      v-for="mark in marks"
      :key="mark.key"
      class="cursor-pointer"
      @click="emit('open', mark.entry.id)"
    >
      <title>{{ mark.entry.name }}, {{ ENTRY_NAME[mark.entry.kind] }}</title>
      <circle
        v-if="mark.entry.kind === 'practice' || mark.entry.kind === 'match'"
        :cx="mark.x + dayPx / 2"
        :cy="top.calendar + 8"
        :r="mark.entry.kind === 'match' ? 4 : 2"
        :fill="mark.entry.kind === 'match' ? 'var(--color-paper)' : 'var(--color-quiet)'"
        :stroke="mark.entry.kind === 'match' ? 'var(--color-signal)' : 'none'"
        stroke-width="2"
      />
      <path
        v-else-if="mark.entry.kind === 'closure'"
        :d="`M${mark.x} ${top.calendar + 4} l${Math.max(4, dayPx)} 8 m0 -8 l-${Math.max(4, dayPx)} 8`"
        stroke="var(--color-ink)"
        stroke-width="1.5"
      />
      <rect
        v-else
        :x="mark.x"
        :y="top.calendar + 14"
        :width="dayPx"
        height="4"
        fill="var(--color-quiet)"
      />
    </g>
  </svg>
</template>
