<script setup lang="ts">
import { addDays, mondayOf } from '~~/core/calendar'
import { PHASES } from '~~/core/policy'
import {
  DAY_KINDS, evaluateSeason, KIND_VOLUMES, seasonWeek, stretchesOf, type SeasonInstance, type SeasonPlan,
  type SeasonShape,
} from '~~/core/season'
import { PHASE_WORDS } from '~/words/phaseWords'
import { LOAD_NAME } from '~/words/seasonWords'
import { yourClock } from '~/words/yourClock'
import { DAY_NAMES, dayMonth, longDay, weekSpan } from '~/words/inWords'
import type { EntryInput } from '~~/shared/types'

/**
 * The season on paper: each phase with what it is for, the competitions, the weeks ahead day by day; for the staff with
 * units and what gave way.
 */
const props = defineProps<{
  name: string
  shape: SeasonShape
  plan: SeasonPlan
  instance: SeasonInstance
  entries: readonly EntryInput[]
  today: string
  reader: 'athlete' | 'staff'
  zone: string
}>()
/** Weeks told day by day. */
const AHEAD = 4

const stretches = computed(() => stretchesOf(props.shape, props.plan))
const last = computed(() => addDays(props.shape.startsOn, 7 * props.shape.weeks - 1))
const now = computed(() =>
  stretches.value.find(s => s.from <= props.today && props.today < addDays(s.from, 7 * s.weeks))
)
const coming = computed(() =>
  props.entries.filter(e =>
    (e.kind === 'competition' || e.kind === 'match') && e.lastDay >= props.today && e.day <= last.value
  )
)
const ahead = computed(() =>
  Array.from({ length: AHEAD }, (_, i) => addDays(mondayOf(props.today), 7 * i)).flatMap((monday) => {
    const week = seasonWeek(props.shape, props.instance, props.plan, monday)
    return week ? [{ monday, week }] : []
  })
)
function about(entry: EntryInput): string {
  const clock = entry.startsAt ? yourClock(entry.day, entry.startsAt, entry.timeZone, props.zone) : ''
  const days = (n: number): string => `${n} ${n === 1 ? 'day' : 'days'}`
  return [
    entry.importance ? ` (${entry.importance})` : '', `, ${longDay(entry.day)}`,
    entry.lastDay === entry.day ? '' : ` to ${longDay(entry.lastDay)}`,
    entry.startsAt ? `, ${entry.startsAt} there` : '', clock ? ` (${clock})` : '',
    entry.travelBefore > 0 ? `; travel ${days(entry.travelBefore)} before` : '',
    entry.travelAfter > 0 ? `; travel ${days(entry.travelAfter)} after` : '',
  ].join('')
}
const units = (week: number): number =>
  props.plan.days.slice(7 * week, 7 * week + 7).reduce((sum, kind) => sum + KIND_VOLUMES[kind], 0)
const range = (from: number, weeks: number): string => {
  const all = Array.from({ length: weeks }, (_, i) => units(from + i))
  const [low, high] = [Math.min(...all), Math.max(...all)]
  return low === high ? String(low) : `${low}–${high}`
}
const lighter = (from: number, weeks: number): number =>
  props.plan.loads.slice(from, from + weeks).filter(load => load === 'deload').length
const gaveWay = computed(() => evaluateSeason(props.instance, props.plan).gaveWay)
function openingText(index: number): string {
  const { braceStep, done } = props.shape.phases[index]!.opening
  const asks = [
    ...(braceStep === null ? [] : [`brace step ${braceStep}`]),
    ...(done === null ? [] : [`${Math.round(done * 100)} % of two weeks’ sets done`]),
  ]
  return asks.length > 0 ? `The next phase opens with ${asks.join(' and ')}; a missed week comes again.` : ''
}
</script>

<template>
  <article class="report max-w-3xl">
    <h1>{{ name }}: the season</h1>
    <p class="text-quiet">
      {{ dayMonth(shape.startsOn) }} {{ shape.startsOn.slice(0, 4) }} – {{ dayMonth(last) }} {{ last.slice(0, 4) }},
      {{ shape.weeks }} weeks. As of {{ longDay(today) }}.
    </p>
    <p
      v-if="now"
      class="my-2"
    >
      Now: <b>{{ PHASES[now.phase].name.toLowerCase() }}</b>. {{ PHASE_WORDS[now.phase][reader] }}
    </p>
    <h2 class="mt-4">
      Phases
    </h2>
    <section
      v-for="s in stretches"
      :key="s.phase + s.week"
      class="border-t border-line py-2 break-inside-avoid"
      :class="s.from <= today && today < addDays(s.from, 7 * s.weeks) ? 'border-t-2 border-signal' : ''"
    >
      <h3>{{ PHASES[s.phase].name }}
        <span class="figure font-normal">{{ dayMonth(s.from) }} – {{ dayMonth(addDays(s.from, 7 * s.weeks - 1)) }},
          {{ s.weeks }} {{ s.weeks === 1 ? 'week' : 'weeks' }}</span>
      </h3>
      <p>{{ PHASE_WORDS[s.phase][reader] }}</p>
      <p
        v-if="lighter(s.week, s.weeks) > 0"
        class="text-quiet"
      >
        {{ lighter(s.week, s.weeks) }} lighter {{ lighter(s.week, s.weeks) === 1 ? 'week' : 'weeks' }} in it.
      </p>
      <p
        v-if="reader === 'staff'"
        class="text-quiet"
      >
        <span class="figure">{{ range(s.week, s.weeks) }}</span> units a week.
        {{ s.phase === 'taper' ? '' : openingText(s.index) }}
      </p>
    </section>
    <h2 class="mt-4">
      Competitions and matches
    </h2>
    <p v-if="coming.length === 0">
      None are entered.
    </p>
    <ul>
      <li
        v-for="entry in coming"
        :key="entry.id"
      >
        <b>{{ entry.name }}</b>{{ about(entry) }}
      </li>
    </ul>
    <h2 class="mt-4">
      The weeks ahead
    </h2>
    <section
      v-for="{ monday, week } in ahead"
      :key="monday"
      class="border-t border-line py-2 break-inside-avoid"
    >
      <h3>{{ weekSpan(monday) }}
        <span class="font-normal">{{
          week.load === 'taper' ? 'taper' : `${PHASES[week.phase].name.toLowerCase()}, ${LOAD_NAME[week.load]}`
        }}</span>
      </h3>
      <ol class="grid sm:grid-cols-7 print:grid-cols-7 gap-x-2 gap-y-1 text-[0.9em]">
        <li
          v-for="(day, i) in week.days"
          :key="i"
          class="grid grid-cols-[4rem_5.5rem_minmax(0,1fr)] sm:block print:block"
        >
          <span class="text-quiet">{{ DAY_NAMES[i] }} {{ Number(addDays(monday, i).slice(8)) }}</span>
          <svg
            width="100%"
            height="22"
            class="hidden sm:block print:block"
            aria-hidden="true"
          >
            <rect
              x="0"
              :y="21 - DAY_KINDS.indexOf(day.kind) * 5"
              width="100%"
              :height="DAY_KINDS.indexOf(day.kind) * 5 + 1"
              fill="var(--color-block)"
            />
          </svg>
          <b>{{ day.kind }}</b>
          <p
            v-if="reader === 'staff' || day.rule !== 'weekday'"
            class="text-[0.92em] leading-snug"
          >
            {{ day.why }}
          </p>
        </li>
      </ol>
    </section>
    <section
      v-if="reader === 'staff'"
      class="mt-4"
    >
      <h2>Rules that gave way</h2>
      <ul v-if="gaveWay.length > 0">
        <li
          v-for="(rule, i) in gaveWay"
          :key="i"
        >
          {{ rule.day !== null ? longDay(addDays(shape.startsOn, rule.day)) : rule.week !== null
            ? `Week of ${dayMonth(addDays(shape.startsOn, 7 * rule.week))}` : '' }}: {{ rule.text }}
        </li>
      </ul>
      <p v-else>
        None.
      </p>
    </section>
    <p class="text-quiet text-[0.9em] mt-6">
      Own range, own rung. Pain ends a drill. Not medical advice: licensed practice and local rules go first.
    </p>
  </article>
</template>
