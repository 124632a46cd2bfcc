<script setup lang="ts">
import type ApexCharts from 'apexcharts'
import type { ApexOptions } from 'apexcharts'

/** A chart over weeks; what it shows stands in words beside it too. */
const props = defineProps<{ options: ApexOptions, label: string }>()
const emit = defineEmits<{ choose: [week: number] }>()
const box = ref<HTMLElement | null>(null)
let chart: ApexCharts | null = null

/** Alike in all: our letters, no toolbar, nothing that moves. */
const whole = (): ApexOptions => ({
  ...props.options,
  chart: {
    height: 190, fontFamily: 'inherit', toolbar: { show: false }, zoom: { enabled: false },
    animations: { enabled: false }, ...props.options.chart,
    events: {
      click: (_event: unknown, _context: unknown, at: { dataPointIndex: number }) => {
        if (at.dataPointIndex >= 0) emit('choose', at.dataPointIndex)
      },
    },
  },
  dataLabels: { enabled: false }, legend: { show: false },
})
onMounted(async () => {
  const { default: Chart } = await import('apexcharts')
  if (!box.value) return
  chart = new Chart(box.value, whole())
  await chart.render()
})
watch(() => props.options, () => chart?.updateOptions(whole(), true, false))
onBeforeUnmount(() => chart?.destroy())
</script>

<template>
  <div
    ref="box"
    role="img"
    :aria-label="label"
    class="min-h-[190px]"
  />
</template>
