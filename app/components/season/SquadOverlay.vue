<script setup lang="ts">
import { addDays, daysBetween, mondayOf } from '~~/core/calendar'
import { PHASES } from '~~/core/policy'
import { daysOfEntry, stretchesOf } from '~~/core/season'
import { withRoom } from '~/drawing/ribbonLayout'
import { dayMonth, weekSpan } from '~/words/inWords'
import type { SeasonsAnswer, StoredEntry } from '~~/shared/types'

/** All squads over the same weeks: whose peaks fall together, and where the hard days of several fill the room. */
const props = defineProps<
  { all: SeasonsAnswer, sizes: Readonly<Record<string, number>>, today: string, weeks: number, places: number }
>()
const emit = defineEmits<{ open: [groupId: string, week: string] }>()
const PX = 30
const ROW = 58
const NAME = 104
const from = computed(() => addDays(mondayOf(props.today), -14))
const weeks = computed(() => Array.from({ length: props.weeks }, (_, i) => addDays(from.value, 7 * i)))
const at = (day: string): number => NAME + (daysBetween(from.value, day) / 7) * PX
const end = computed(() => NAME + props.weeks * PX)
const live = (entry: StoredEntry): boolean => !entry.cancelled
const rows = computed(() =>
  props.all.groups.flatMap((group) => {
    const season = props.all.seasons.find(one => one.groupId === group.id)
    if (!season) return [{ group, stretches: [], flags: [] }]
    const stretches = withRoom(
      stretchesOf(season.shape, season.plan).flatMap((s) => {
        const x = Math.max(NAME, at(s.from))
        const to = Math.min(end.value, at(addDays(s.from, 7 * s.weeks)))
        return to > x ? [{ ...s, x, to, text: PHASES[s.phase].name }] : []
      }),
      end.value, 7,
    )
    const flags = props.all.entries.filter(e =>
      live(e) && e.groupId === group.id && e.kind === 'competition' && at(e.day) >= NAME && at(e.day) < end.value
    )
    return [{ group, stretches, flags }]
  })
)
/** Weeks with A-competitions of several squads. */
const clashes = computed(() =>
  weeks.value.flatMap((monday) => {
    const peaks = rows.value.filter(({ flags }) =>
      flags.some(f => f.importance === 'A' && daysOfEntry(f).some(day => mondayOf(day) === monday))
    )
    return peaks.length > 1 ? [{ monday, names: peaks.map(p => p.group.name) }] : []
  })
)
/** The fullest day of each week: athletes on a high or moderate day, and whether the room is closed. */
const filled = computed(() =>
  weeks.value.map((monday) => {
    const perDay = Array.from({ length: 7 }, (_, d) =>
      props.all.seasons.reduce((sum, { groupId, shape, plan }) => {
        const kind = plan.days[daysBetween(shape.startsOn, addDays(monday, d))]
        return sum + (kind === 'high' || kind === 'moderate' ? props.sizes[groupId] ?? 0 : 0)
      }, 0))
    const closed = props.all.entries.some(e =>
      live(e) && e.groupId === null && e.kind === 'closure' && daysOfEntry(e).some(day => mondayOf(day) === monday)
    )
    const most = Math.max(...perDay)
    return { monday, most, day: addDays(monday, perDay.indexOf(most)), closed }
  })
)
const scale = computed(() => Math.max(props.places, ...filled.value.map(f => f.most), 1))
const h = (n: number): number => (n / scale.value) * 46
const bottom = computed(() => 22 + rows.value.length * ROW)
</script>

<template>
  <section
    class="panel"
    aria-label="All squads"
  >
    <h2>All squads</h2>
    <ul class="my-1">
      <li
        v-for="clash in clashes"
        :key="clash.monday"
      >
        <b>{{ weekSpan(clash.monday) }}</b>: {{ clash.names.join(' and ') }} peak in the same week.
      </li>
      <li v-if="clashes.length === 0">
        No two squads peak in the same week.
      </li>
      <li
        v-for="f in filled.filter(one => places > 0 && one.most > places)"
        :key="f.monday"
      >
        <b>{{ weekSpan(f.monday) }}</b>: {{ f.most }} athletes train hard or solidly on {{ dayMonth(f.day) }},
        {{ places }} have room at the barbells.
      </li>
    </ul>
    <div class="overflow-x-auto">
      <svg
        :width="end + 4"
        :height="bottom + 74"
        role="img"
        aria-label="Phases and competitions of all squads, and how full the room is"
      >
        <rect
          :x="at(mondayOf(today))"
          y="18"
          :width="PX"
          :height="bottom + 40"
          fill="var(--color-chalk-deep)"
        />
        <text
          v-for="(monday, i) in weeks"
          v-show="i % 4 === 0"
          :key="monday"
          :x="at(monday)"
          y="12"
          class="fill-quiet text-[11px]"
        >{{ dayMonth(monday) }}</text>
        <g
          v-for="(row, r) in rows"
          :key="row.group.id"
          :transform="`translate(0 ${22 + r * ROW})`"
        >
          <text
            x="0"
            y="40"
            class="fill-ink text-[12.5px] font-semibold"
          >{{ row.group.name }}</text>
          <line
            :x1="NAME"
            :x2="end"
            y1="28"
            y2="28"
            stroke="var(--color-ink)"
            stroke-width="2"
          />
          <g
            v-for="s in row.stretches"
            :key="s.phase + s.week"
          >
            <path
              :d="`M${s.x + 2} 32 v12 H${s.to - 2} v-12`"
              fill="none"
              :stroke="s.phase === 'taper' ? 'var(--color-signal)' : 'var(--color-ink)'"
              stroke-width="1.5"
            />
            <text
              :x="s.x + 6"
              y="41"
              class="text-[11px]"
              :class="s.phase === 'taper' ? 'fill-signal-ink' : 'fill-ink'"
            >{{ s.shown }}</text>
          </g>
          <g
            v-for="flag in row.flags"
            :key="flag.id"
            class="cursor-pointer"
            @click="emit('open', row.group.id, mondayOf(flag.day))"
          >
            <title>{{ flag.name }}, {{ dayMonth(flag.day) }}</title>
            <line
              :x1="at(flag.day)"
              :x2="at(flag.day)"
              y1="8"
              y2="28"
              stroke="var(--color-signal)"
              stroke-width="1.5"
            />
            <rect
              :x="at(flag.day)"
              y="8"
              width="13"
              height="13"
              :fill="flag.importance === 'A' ? 'var(--color-signal)' : 'var(--color-paper)'"
              stroke="var(--color-signal)"
            />
            <text
              :x="at(flag.day) + 6.5"
              y="18"
              text-anchor="middle"
              class="text-[10px] font-bold"
              :class="flag.importance === 'A' ? 'fill-paper' : 'fill-signal-ink'"
            >{{ flag.importance }}</text>
          </g>
        </g>
        <text
          x="0"
          :y="bottom + 40"
          class="fill-ink text-[12.5px] font-semibold"
        >Room</text>
        <g
          v-for="f in filled"
          :key="f.monday"
        >
          <rect
            :x="at(f.monday) + 4"
            :y="bottom + 56 - h(f.most)"
            :width="PX - 8"
            :height="h(f.most)"
            :fill="places > 0 && f.most > places ? 'var(--color-signal)' : 'var(--color-block)'"
          />
          <path
            v-if="f.closed"
            :d="`M${at(f.monday) + 4} ${bottom + 60} l${PX - 8} 10 m0 -10 l-${PX - 8} 10`"
            stroke="var(--color-ink)"
            stroke-width="1.5"
          />
        </g>
        <path
          v-if="places > 0"
          :d="`M${NAME} ${bottom + 56 - h(places) + 5} v-5 H${end} v5`"
          fill="none"
          stroke="var(--color-ink)"
          stroke-width="1.25"
        />
        <line
          :x1="NAME"
          :x2="end"
          :y1="bottom + 56"
          :y2="bottom + 56"
          stroke="var(--color-ink)"
          stroke-width="2"
        />
      </svg>
    </div>
    <p class="text-quiet text-[0.9em]">
      Room: athletes on the fullest day of the week against three to each barbell (common practice, no source).
      Crossed: closed.
    </p>
  </section>
</template>
