<script setup lang="ts">
import { evaluateBody, figureOf, findModel, pathSettings, poseOf, type Found } from '~~/core/mechanics'
import type { useLadderBench } from '~/composables/useLadderBench'
import BandStretch from './BandStretch.vue'
import BenchSliders from './BenchSliders.vue'
import BenchVerdict from './BenchVerdict.vue'
import DrillFigure from '~/components/drill/DrillFigure.vue'
import LineFigure from './LineFigure.vue'

/** The drill that is chosen: its figure, its settings, and what it comes to. */
const props = defineProps<{
  bench: ReturnType<typeof useLadderBench>
  forces: boolean
  editable: boolean
  isPresent: boolean
  busy: boolean
}>()
const emit = defineEmits<{ put: [], week: [], take: [found: Found] }>()

const { presentRung, live, sliders, verdict, work, effort, found } = props.bench
const bigScale = computed(() => {
  const box = live.value.figure?.box
  return box ? Math.min(262 / (box.right - box.left), 150 / Math.max(0.3, box.top - box.bottom)) : 100
})
/** Where a repeat begins, for a drill that moves. */
const start = computed(() => {
  const { result, settings, variation } = live.value
  const link = poseOf(variation)
  const model = link && findModel(link.model)
  if (!result || !model || !link.from) return null
  const { body } = result.held.skeleton
  const [easy] = pathSettings(variation, body, settings)
  return easy ? figureOf(evaluateBody(model, body, easy), model.view) : null
})
</script>

<template>
  <section
    class="panel mt-3 grid grid-cols-[minmax(0,1fr)] md:grid-cols-[minmax(0,20rem)_minmax(0,1fr)_minmax(0,22rem)]
      gap-5"
    :aria-label="live.variation.name"
  >
    <div class="flex flex-col items-center">
      <LineFigure
        v-if="live.figure"
        :figure="live.figure"
        :px-per-metre="bigScale"
        :forces="forces"
        :label="`${live.variation.name}, as computed`"
      />
      <DrillFigure
        v-else
        :drill="live.variation"
        :width="300"
        :height="130"
      />
      <span
        v-if="start"
        class="flex items-center gap-2 text-quiet mt-1"
      >
        from
        <LineFigure
          :figure="start"
          :px-per-metre="bigScale * 0.4"
          :pad="4"
          :label="`${live.variation.name}, where a repeat begins`"
        />
      </span>
      <p class="figure text-[0.85em] text-quiet mt-2 text-center">
        marked joint L4/L5<template v-if="forces">
          · blue: the ground’s pushes and their lever
        </template>
      </p>
    </div>
    <div>
      <h2 class="mb-1">
        {{ live.variation.name }}
      </h2>
      <BenchSliders
        :key="live.variation.id"
        :sliders="sliders"
        :problem="live.result ? live.problem : ''"
        @set="bench.set"
      />
      <BandStretch
        v-if="sliders.some(s => s.name === 'bandN')"
        :key="live.variation.id"
        @pull="bench.set('bandN', Math.min($event, sliders.find(s => s.name === 'bandN')!.max))"
      />
    </div>
    <BenchVerdict
      :live="live"
      :base="presentRung"
      :verdict="verdict"
      :work="work"
      :effort="effort"
      :doubt="bench.doubt"
      :found="found"
      :editable="editable"
      :is-present="isPresent"
      :busy="busy"
      @put="emit('put')"
      @week="emit('week')"
      @take="emit('take', $event)"
    />
  </section>
</template>
