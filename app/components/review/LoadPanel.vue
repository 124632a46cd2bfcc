<script setup lang="ts">
import type { ApexOptions } from 'apexcharts'
import type { Review } from '~~/core/review'
import { dayMonth } from '~/words/inWords'
import TimeChart from './TimeChart.client.vue'

/** Load by session effort and minutes: context, with its caution. */
const props = defineProps<{ review: Review }>()
const told = computed(() => props.review.loads.filter(week => week.total > 0))
const last = computed(() => props.review.loads.at(-1) ?? null)
const options = computed((): ApexOptions => ({
  chart: { type: 'line', height: 170 },
  series: [
    { name: 'Week', type: 'column', data: props.review.loads.map(w => ({ x: dayMonth(w.startsOn), y: w.total })) },
    {
      name: 'Lately, a week', type: 'line',
      data: props.review.loads.map(w => ({ x: dayMonth(w.startsOn), y: Math.round(7 * w.lately) })),
    },
    {
      name: 'Used to, a week', type: 'line',
      data: props.review.loads.map(w => ({ x: dayMonth(w.startsOn), y: Math.round(7 * w.usual) })),
    },
  ],
  colors: ['#cfc6b4', '#1f2a30', '#b84517'],
  stroke: { width: [0, 2.5, 2.5], dashArray: [0, 0, 5], curve: 'straight' },
  fill: { type: 'solid', opacity: 1 }, grid: { borderColor: '#cfc6b4' },
  yaxis: { labels: { formatter: value => `${Math.round(value)}` } },
}))
const said = computed(() => `Load of ${props.review.loads.length} weeks, the last ${last.value?.total ?? 0}`)
const figure = (value: number | null | undefined, digits: number): string =>
  (value === null || value === undefined ? 'not defined' : value.toFixed(digits))
</script>

<template>
  <section
    class="panel"
    aria-label="Load, as context"
  >
    <h2>Load, as context</h2>
    <p
      v-if="told.length === 0"
      class="text-quiet"
    >
      Nobody has said how hard a session was: it is asked once, at the end of each.
    </p>
    <template v-else>
      <p>
        Last week <b class="figure">{{ last?.total }}</b>, monotony
        <b class="figure">{{ figure(last?.monotony, 1) }}</b>, strain
        <b class="figure">{{ figure(last?.strain, 0) }}</b>.
      </p>
      <TimeChart
        :options="options"
        :label="said"
      />
      <p class="text-quiet text-[0.93em]">
        Bars: session effort × minutes of each week (Foster et al. 2001). Line: lately, 7 days; dashed: what the
        athlete is used to, 28 days, both weighted (Williams et al. 2017), as weeks. Monotony and strain after Foster
        1998, not defined where all days are alike. Not a forecast of injury.
      </p>
    </template>
  </section>
</template>
