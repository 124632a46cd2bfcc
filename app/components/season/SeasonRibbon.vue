<script setup lang="ts">
import { addDays, daysBetween } from '~~/core/calendar'
import { PLANES, type Plane } from '~~/core/catalogue'
import { PHASES } from '~~/core/policy'
import { KIND_VOLUMES, stretchesOf, type SeasonDayKind, type SeasonPlan, type SeasonShape } from '~~/core/season'
import { useRibbonDrag } from '~/composables/season/useRibbonDrag'
import RibbonFlags from './RibbonFlags.vue'
import RibbonMarks from './RibbonMarks.vue'
import RibbonWeek from './RibbonWeek.vue'
import { monthsOf, rowTops, ROWS, withRoom } from '~/drawing/ribbonLayout'
import { LOAD_NAME } from '~/words/seasonWords'
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
const daysOf = (plan: SeasonPlan, week: number): readonly SeasonDayKind[] => plan.days.slice(7 * week, 7 * week + 7)

const volumes = computed(() =>
  props.plan.loads.map((_, week) => daysOf(props.plan, week).reduce((sum, kind) => sum + KIND_VOLUMES[kind], 0))
)
const most = computed(() => Math.max(12, ...volumes.value))
const planeMost = computed(() => Math.max(1, ...props.planes.flatMap(week => PLANES.map(plane => week[plane]))))

const months = computed(() => monthsOf(props.shape))
const stretches = computed(() =>
  withRoom(
    stretchesOf(props.shape, props.plan).map(s => ({ ...s, x: s.week * props.weekPx, text: PHASES[s.phase].name })),
    width.value, 7.2,
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
    || daysOf(props.plan, week).some((kind, i) => props.before!.days[7 * week + i] !== kind))

const { drag, shiftDays, grab, pull, drop } = useRibbonDrag({
  dayPx: () => dayPx.value, canDrag: () => props.editable,
  open: id => emit('open', id), move: (id, days) => emit('move', id, days),
  start: (phase, weeks) =>
    emit('start', phase, Math.max(0, Math.min(props.shape.weeks - 1, starts.value[phase]! + weeks))),
})
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
    <RibbonWeek
      v-for="(load, week) in plan.loads"
      :key="week"
      :week="week"
      :week-px="weekPx"
      :top="top"
      :load="load"
      :volume="volumes[week]!"
      :most="most"
      :planes="planes[week]"
      :plane-most="planeMost"
      :kinds="daysOf(plan, week)"
      :before="before ? daysOf(before, week) : null"
      :changed="changedWeek(week)"
      :show-days="days"
      :pins="pins"
      :selected="week === selected"
      :spoken="spoken(week)"
      @select="emit('select', week)"
      @day="day => emit('day', 7 * week + day)"
    />
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
    <RibbonMarks
      :entries="entries"
      :starts-on="shape.startsOn"
      :width="width"
      :day-px="dayPx"
      :y="top.calendar"
      @open="id => emit('open', id)"
    />
  </svg>
</template>
