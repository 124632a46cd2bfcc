<script setup lang="ts">
import type { ApexOptions } from 'apexcharts'
import { PLANES } from '~~/core/catalogue'
import type { PerPlane } from '~~/core/review'
import type { WeekSeries } from '~~/shared/types'
import { dayMonth, weekSpan } from '~/words/inWords'
import TimeChart from './TimeChart.client.vue'

/** Every week there was, at a glance: full sets asked and done. One that is chosen is looked back on. */
const props = defineProps<{ series: WeekSeries | null, busy: boolean }>()
const emit = defineEmits<{ show: [], week: [startsOn: string] }>()

const weeks = computed(() => props.series?.weeks ?? [])
const sum = (of: PerPlane | undefined): number | null =>
  (of ? Math.round(PLANES.reduce((all, plane) => all + of[plane], 0) * 10) / 10 : null)
const newestFirst = computed(() => [...weeks.value].reverse())
const lineOf = (which: 'asked' | 'done') => weeks.value.map(week =>
  ({ x: dayMonth(week.startsOn), y: sum(week.reckoned?.fullSets[which]) }))
const options = computed((): ApexOptions => ({
  chart: { type: 'line', height: 190 },
  series: [
    { name: 'Done', type: 'column', data: lineOf('done') }, { name: 'Asked', type: 'line', data: lineOf('asked') },
  ],
  colors: ['#8a9a9e', '#1f2a30'], stroke: { width: [0, 2], curve: 'straight' },
  fill: { type: 'solid', opacity: 1 }, grid: { borderColor: '#cfc6b4' },
  xaxis: { tickAmount: 12, labels: { rotate: 0, hideOverlappingLabels: true } },
  yaxis: { labels: { formatter: value => `${Math.round(value)}` } },
}))
const done = computed(() => weeks.value.reduce((all, week) => all + week.done, 0))
const hurt = computed(() => weeks.value.reduce((all, week) => all + week.hurt, 0))
const met = computed(() => {
  const planned = weeks.value.reduce((all, week) => all + week.planned, 0)
  return planned > 0 ? Math.round(weeks.value.reduce((all, week) => all + week.met, 0) / planned * 100) : null
})
</script>

<template>
  <section
    class="panel min-w-0"
    aria-label="Every week"
  >
    <h2>
      Every week <span class="text-quiet font-normal text-[0.85rem]">full sets, as the athlete was known then</span>
    </h2>
    <p v-if="!series">
      <button
        type="button"
        class="btn no-print"
        :disabled="busy"
        @click="emit('show')"
      >
        Show every week there was
      </button>
    </p>
    <p
      v-else-if="weeks.length === 0"
      class="text-quiet"
    >
      Nothing was planned or done yet.
    </p>
    <template v-else>
      <p>
        <b class="figure">{{ weeks.length }}</b> weeks since {{ dayMonth(weeks[0]!.startsOn) }}:
        <b class="figure">{{ done }}</b> sets<template v-if="met !== null">, <b class="figure">{{ met }} %</b> of what
          was planned</template>, <b class="figure">{{ hurt }}</b> ended in pain.
      </p>
      <TimeChart
        :options="options"
        :label="`Full sets of ${weeks.length} weeks`"
        @choose="index => emit('week', weeks[index]!.startsOn)"
      />
      <p class="text-quiet text-[0.93em] flex flex-wrap gap-x-3 gap-y-1 items-center">
        <label class="no-print flex gap-1 items-center text-ink">Look back on the twelve weeks to
          <select
            class="field w-auto"
            @change="emit('week', ($event.target as HTMLSelectElement).value)"
          >
            <option value="" />
            <option
              v-for="week in newestFirst"
              :key="week.startsOn"
              :value="week.startsOn"
            >
              {{ weekSpan(week.startsOn) }} · {{ week.done }} sets
            </option>
          </select>
        </label>
        <span role="status">Bars: done; line: asked; a bar leads there too.<template v-if="series.left > 0">
          {{ series.left }} weeks are still being reckoned.</template></span>
      </p>
    </template>
  </section>
</template>
