<script setup lang="ts">
import { BREAK_POINTS } from '~~/core/assessment'
import { addDays } from '~~/core/calendar'
import { PLANES, type Catalogue } from '~~/core/catalogue'
import type { ReviewWeek } from '~~/core/review'
import type { StoredSetLog } from '~~/shared/types'
import { DOSE_UNIT_WORDS } from '~~/core/dose'
import { dayMonth, shortDay } from '~/words/inWords'

/** The sets behind a week. */
const props = defineProps<{ week: ReviewWeek, logs: readonly StoredSetLog[], catalogue: Catalogue }>()
const own = computed(() => props.logs
  .filter(log => log.day >= props.week.startsOn && log.day <= addDays(props.week.startsOn, 6))
  .sort((a, b) => a.performedAt.localeCompare(b.performedAt)))
</script>

<template>
  <div class="mt-3">
    <p class="mb-1">
      <b>Week of {{ dayMonth(week.startsOn) }}</b>:
      <span class="figure">{{ week.sets.done }} of {{ week.sets.asked }}</span> sets,
      <span class="figure">{{ week.contacts.done }} of {{ week.contacts.asked }}</span> contacts,
      <span class="figure">{{ Math.round(week.minutes.done) }} of {{ Math.round(week.minutes.asked) }}</span> minutes,
      lifts gave <span class="figure">{{ week.lifts.toFixed(1) }}</span> full sets.
    </p>
    <p class="text-quiet mb-1">
      <template
        v-for="plane in PLANES"
        :key="plane"
      >
        {{ plane }} <span class="figure">{{ Math.round(week.byPlane[plane].minutes.done) }} of
          {{ Math.round(week.byPlane[plane].minutes.asked) }} min</span>{{ week.byPlane[plane].contacts.asked > 0
          ? `, ${week.byPlane[plane].contacts.done} of ${week.byPlane[plane].contacts.asked} contacts` : '' }}{{
          plane === 'transverse' ? '.' : '; ' }}
      </template>
    </p>
    <p
      v-if="own.length === 0"
      class="text-quiet"
    >
      No set of that week is logged.
    </p>
    <ul class="columns-1 md:columns-2 text-[0.93em] max-h-64 overflow-y-auto">
      <li
        v-for="log in own"
        :key="log.id"
      >
        <span class="figure text-quiet">{{ shortDay(log.day) }}</span>
        {{ catalogue.find(log.variationId)?.name ?? log.variationId }}{{ log.side ? `, ${log.side}` : '' }}
        <span class="figure"> {{ log.amount }} {{ DOSE_UNIT_WORDS[log.unit] }}</span>
        <span
          v-if="log.effort !== null"
          class="text-quiet"
        > effort {{ log.effort }}</span>
        {{ ' ' }}<b
          v-if="log.breakPoint !== 'none'"
          class="text-signal-ink"
        > {{ BREAK_POINTS[log.breakPoint].toLowerCase() }}</b>
      </li>
    </ul>
  </div>
</template>
