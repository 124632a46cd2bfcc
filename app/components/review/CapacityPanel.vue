<script setup lang="ts">
import type { ApexOptions } from 'apexcharts'
import { CAPACITY_WORDS, type CapacityId } from '~~/core/capacity'
import type { Review } from '~~/core/review'
import { dayMonth, shortDay } from '~/words/inWords'
import TimeChart from './TimeChart.client.vue'

/** What the trunk can hold in one direction, week by week with its band; from each week to what moved it. */
const props = defineProps<{ name: string, ids: readonly CapacityId[], review: Review, plain?: boolean }>()

const COLOUR_OF: Readonly<Record<CapacityId, string>> = {
  arch: '#2d5f8b', fold: '#2d5f8b', sideLeft: '#55721f', sideRight: '#9ab36a', turnLeft: '#8c3a66',
  turnRight: '#c186a6',
}
const chosen = ref<number | null>(null)
const lines = computed(() => props.ids.map(id =>
  ({ id, points: props.review.capacities[id], colour: COLOUR_OF[id] })))
const options = computed((): ApexOptions => ({
  chart: { type: 'rangeArea' },
  series: [
    ...lines.value.map(({ id, points }) => ({
      name: `${CAPACITY_WORDS[id]}, nine in ten`, type: 'rangeArea',
      data: points.map(({ day, low, high }) => ({ x: dayMonth(day), y: [Math.round(low), Math.round(high)] })),
    })),
    ...lines.value.map(({ id, points }) => ({
      name: CAPACITY_WORDS[id], type: 'line',
      data: points.map(({ day, nm }) => ({ x: dayMonth(day), y: Math.round(nm) })),
    })),
  ],
  colors: [...lines.value, ...lines.value].map(line => line.colour),
  fill: { type: 'solid', opacity: [...lines.value.map(() => 0.18), ...lines.value.map(() => 1)] },
  stroke: { curve: 'straight', width: [...lines.value.map(() => 0), ...lines.value.map(() => 2.5)] },
  markers: { size: [...lines.value.map(() => 0), ...lines.value.map(() => 5)], hover: { sizeOffset: 2 } },
  grid: { borderColor: '#cfc6b4' },
  yaxis: { labels: { formatter: value => `${Math.round(value)}` }, forceNiceScale: true },
}))
const last = (id: CapacityId): number => Math.round(props.review.capacities[id].at(-1)?.nm ?? 0)
const rests = computed(() => lines.value.reduce((sum, { points }) =>
  sum + points.reduce((count, point) => count + point.from.length, 0), 0))
const said = computed(() => lines.value.map(({ id, points }) =>
  `${CAPACITY_WORDS[id]}: from ${Math.round(points[0]?.nm ?? 0)} to ${last(id)} N·m`).join('; '))
const behind = computed(() => {
  const week = chosen.value
  if (week === null) return []
  return lines.value.flatMap(({ id, points }) => (points[week]?.from ?? []).map(one => ({ id, ...one })))
})
</script>

<template>
  <section
    class="panel min-w-0"
    :aria-label="name"
  >
    <h2>
      {{ name }}
      <span class="text-quiet font-normal text-[0.85rem]">about
        {{ ids.map(id => last(id)).join(' and ') }} N·m, rests on {{ rests }} sets and tests of this time</span>
    </h2>
    <TimeChart
      :options="options"
      :label="said"
      @choose="chosen = $event"
    />
    <template v-if="!plain">
      <label class="no-print text-quiet">Behind the week of
        <select
          v-model="chosen"
          class="field w-auto"
        >
          <option :value="null">–</option>
          <option
            v-for="(monday, i) in review.mondays"
            :key="monday"
            :value="i"
          >{{ dayMonth(monday) }}</option>
        </select>
      </label>
      <ul
        v-if="chosen !== null"
        class="text-[0.93em] mt-1"
      >
        <li
          v-for="(one, i) in behind"
          :key="i"
        >
          <span class="figure text-quiet">{{ shortDay(one.day) }}</span> {{ one.says }}: {{ CAPACITY_WORDS[one.id] }}
          {{ one.atLeast ? 'at least' : 'about' }} <span class="figure">{{ Math.round(one.nm) }} N·m</span>
        </li>
        <li
          v-if="behind.length === 0"
          class="text-quiet"
        >
          Nothing of that week moved it.
        </li>
      </ul>
    </template>
  </section>
</template>
