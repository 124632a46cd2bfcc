<script setup lang="ts">
import { inSets } from '~/words/effortWords'
import { addDays } from '~~/core/calendar'
import { ACTION_FACTS, TRUNK_ACTIONS, type TrunkAction } from '~~/core/catalogue'
import { PHASES } from '~~/core/policy'
import { DAY_KINDS, entriesOn, KIND_VOLUMES, type SeasonDayKind, type SeasonWeek } from '~~/core/season'
import { ENTRY_NAME, LOAD_NAME } from '~/words/seasonWords'
import { shortDay, weekSpan } from '~/words/inWords'
import type { EntryInput } from '~~/shared/types'

/** One week of the season: each day with its kind, why, what else is on, and the pin that holds it. */
const props = defineProps<{
  week: SeasonWeek
  number: number
  startsOn: string
  entries: readonly EntryInput[]
  demand: Readonly<Record<TrunkAction, number>>
  before: readonly SeasonDayKind[] | null
  pins: readonly number[]
  selectedDay: number | null
  editable: boolean
}>()
const emit = defineEmits<{ pin: [day: number], open: [entryId: string], day: [day: number] }>()
const units = computed(() => props.week.days.reduce((sum, { kind }) => sum + KIND_VOLUMES[kind], 0))
const at = (weekday: number): number => 7 * props.number + weekday
</script>

<template>
  <section
    class="panel"
    :aria-label="`Week of ${weekSpan(startsOn)}`"
  >
    <header class="flex flex-wrap items-baseline gap-x-4">
      <h2>{{ weekSpan(startsOn) }}</h2>
      <p>
        {{ PHASES[week.phase].name }}, week <span class="figure">{{ week.weekOfPhase }} of
          {{ week.weeksOfPhase }}</span>{{ week.load === 'taper' ? '' : ` · ${LOAD_NAME[week.load]}` }} ·
        <span class="figure">{{ units }}</span> units
      </p>
    </header>
    <p class="text-quiet mb-2">
      {{ PHASES[week.phase].purpose }}
    </p>
    <ol class="grid grid-cols-2 sm:grid-cols-4 md:grid-cols-7 gap-2">
      <li
        v-for="(day, weekday) in week.days"
        :key="weekday"
        class="min-w-0 border-t-2 pt-1"
        :class="selectedDay === weekday ? 'border-signal' : 'border-line'"
      >
        <p class="text-quiet text-[0.88em]">
          {{ shortDay(addDays(startsOn, weekday)) }}
        </p>
        <svg
          width="100%"
          height="30"
          aria-hidden="true"
        >
          <rect
            x="0"
            :y="29 - DAY_KINDS.indexOf(day.kind) * 7"
            width="100%"
            :height="DAY_KINDS.indexOf(day.kind) * 7"
            :fill="before && before[weekday] !== day.kind ? 'var(--color-signal)' : 'var(--color-block)'"
          />
          <line
            x1="0"
            x2="100%"
            y1="29"
            y2="29"
            stroke="var(--color-ink)"
            stroke-width="1.5"
          />
        </svg>
        <p class="leading-tight">
          <b>{{ day.kind }}</b><template v-if="before && before[weekday] !== day.kind">
            <span class="text-quiet"> was {{ before[weekday] }}</span>
          </template>
        </p>
        <p class="text-[0.85em] leading-snug">
          {{ day.why }}
        </p>
        <p
          v-for="entry in entriesOn(entries, addDays(startsOn, weekday))"
          :key="entry.id"
        >
          <button
            type="button"
            class="text-left underline decoration-dotted underline-offset-2 leading-tight text-[0.88em] break-words"
            @click="emit('open', entry.id)"
          >
            {{ entry.startsAt ?? '' }} {{ entry.name }}<span class="sr-only">, {{ ENTRY_NAME[entry.kind] }}</span>
          </button>
        </p>
        <button
          v-if="editable"
          type="button"
          class="chip min-h-[26px] px-1.5 text-[0.82em] mt-1"
          :aria-pressed="pins.includes(at(weekday))"
          :aria-label="`Pin ${shortDay(addDays(startsOn, weekday))}`"
          @click="emit('pin', at(weekday))"
        >
          {{ pins.includes(at(weekday)) ? 'pinned' : 'pin' }}
        </button>
      </li>
    </ol>
    <p class="mt-2 text-[0.9em]">
      <span class="text-quiet">Asked of each athlete, full sets: </span>
      <span
        v-for="(action, i) in TRUNK_ACTIONS"
        :key="action"
      >{{ i > 0 ? ' · ' : '' }}{{ ACTION_FACTS[action].label }}
        <span class="figure">{{ inSets(demand[action]) }}</span></span>
    </p>
  </section>
</template>
