<script setup lang="ts">
import { ticks } from 'd3-array'
import { formatDose } from '~~/core/dose'
import { shownNm } from '~~/core/mechanics'
import { useElementSize } from '@vueuse/core'
import type { BenchRung } from '~/words/reckon'
import DrillFigure from '~/components/drill/DrillFigure.vue'
import LineFigure from './LineFigure.vue'

/** The family as rising rungs, each standing at the moment that was reckoned for this athlete. */
const props = defineProps<
  {
    rungs: readonly BenchRung[]
    presentId: string | null
    chosenId: string
    otherIds: readonly string[]
    doubt: number
  }
>()
const emit = defineEmits<{ choose: [id: string, compare: boolean] }>()

const LEFT = 44
const TOP = 88
/** Room under the lowest rung for two lines of name, its dose and its mark. */
const TEXT = 74
const COLUMN_MIN = 128
const PLOT = 196

const area = ref<HTMLElement | null>(null)
const { width: room } = useElementSize(area)
const column = computed(() => Math.max(COLUMN_MIN, (Math.max(300, room.value) - LEFT - 4) / props.rungs.length))
const width = computed(() => LEFT + column.value * props.rungs.length)
const height = TOP + PLOT + TEXT
const top = computed(() => Math.max(50, ...props.rungs.map(r => r.nm)) * 1.06)
const lines = computed(() => ticks(0, top.value, 5))
const y = (nm: number): number => TOP + PLOT * (1 - nm / top.value)
/** One scale for all figures, so that they can be compared. */
const scale = computed(() => {
  const boxes = props.rungs.flatMap(r => r.figure?.box ?? [])
  const widest = Math.max(1, ...boxes.map(b => b.right - b.left))
  const tallest = Math.max(0.4, ...boxes.map(b => b.top - b.bottom))
  return Math.min((column.value - 34) / widest, 84 / tallest)
})
const base = computed(() => props.rungs.find(r => r.variation.id === props.presentId)?.nm ?? 0)
const factor = (
  rung: BenchRung,
): string => (base.value > 1 && rung.result ? `${(rung.nm / base.value).toFixed(1)}×` : '')
const figureSize = (rung: BenchRung): { w: number, h: number } =>
  rung.figure
    ? {
      w: (rung.figure.box.right - rung.figure.box.left) * scale.value + 16,
      h: (rung.figure.box.top - rung.figure.box.bottom) * scale.value + 16,
    }
    : { w: 0, h: 0 }
</script>

<template>
  <div
    ref="area"
    class="overflow-x-auto"
    tabindex="0"
    role="region"
    aria-label="Rungs by the moment they ask for"
  >
    <div
      class="relative"
      :style="{ width: `${width}px`, height: `${height}px` }"
    >
      <svg
        class="absolute inset-0"
        :width="width"
        :height="height"
        aria-hidden="true"
      >
        <g
          v-for="nm in lines"
          :key="nm"
        >
          <line
            :x1="LEFT"
            :x2="width"
            :y1="y(nm)"
            :y2="y(nm)"
            stroke="#cfc6b4"
            :stroke-width="nm === 0 ? 2 : 1"
          />
          <text
            :x="LEFT - 8"
            :y="y(nm) + 4"
            text-anchor="end"
            class="figure"
            font-size="11"
            fill="#52616a"
          >{{ nm }}</text>
        </g>
        <g
          v-for="(rung, i) in rungs"
          :key="rung.variation.id"
        >
          <rect
            v-if="rung.result"
            :x="LEFT + column * i + 5"
            :width="7"
            :y="y(rung.nm * (1 + doubt))"
            :height="Math.max(2, y(rung.nm * (1 - doubt)) - y(rung.nm * (1 + doubt)))"
            fill="#c3ccd0"
          />
          <line
            v-if="i > 0 && rung.result && rungs[i - 1]!.result"
            :x1="LEFT + column * i - 8"
            :x2="LEFT + column * i + 14"
            :y1="y(rungs[i - 1]!.nm)"
            :y2="y(rung.nm)"
            stroke="#8d9ca4"
            stroke-dasharray="2 3"
          />
        </g>
      </svg>
      <button
        v-for="(rung, i) in rungs"
        :key="rung.variation.id"
        type="button"
        class="rung absolute text-center leading-tight"
        :class="rung.removed.length > 0 ? 'text-quiet' : ''"
        :style="{
          left: `${LEFT + column * i + 14}px`,
          width: `${column - 22}px`,
          top: `${y(rung.nm) - Math.max(24, figureSize(rung).h)}px` }"
        :aria-pressed="rung.variation.id === chosenId"
        :aria-label="
          [
            rung.variation.name, rung.result ? `about ${shownNm(rung.nm)} newton metres` : 'no outside moment',
            ...(rung.variation.id === presentId ? ['present rung'] : []),
            ...(rung.removed.length > 0 ? ['taken away'] : []),
          ].join(', ')"
        @click="emit('choose', rung.variation.id, $event.shiftKey)"
      >
        <span
          class="flex justify-center items-end"
          :style="{ height: `${Math.max(24, figureSize(rung).h)}px` }"
        >
          <LineFigure
            v-if="rung.figure"
            :figure="rung.figure"
            :px-per-metre="scale"
          />
          <span
            v-else
            class="flex flex-col items-center text-[0.82em] text-quiet pb-1"
          >
            <DrillFigure
              :drill="rung.variation"
              :width="110"
              :height="58"
              small
            />
            no outside load
          </span>
        </span>
        <span
          class="block h-[4px] rounded-full"
          :class="rung.variation.id === presentId ? 'bg-signal' : rung.result ? 'bg-ink' : 'bg-line'"
        />
        <span
          class="block text-[0.88em] font-semibold mt-1 px-0.5"
          :class="[rung.variation.id === chosenId ? 'bg-ink text-paper' : '', otherIds.includes(rung.variation.id)
            ? 'outline outline-2 outline-ink' : '']"
        >{{ rung.variation.name }}</span>
        <span class="block figure text-[0.78em]">{{ factor(rung) }}
          {{ formatDose(rung.variation.doses[0]!, rung.variation.sides) }}</span>
        <span
          v-if="rung.variation.id === presentId"
          class="inline-block bg-signal text-paper text-[0.78em] font-semibold rounded-full px-2"
        >now</span>
        <span
          v-else-if="rung.removed.length > 0"
          class="block text-[0.78em] problem"
        >taken away</span>
      </button>
    </div>
  </div>
</template>

<style scoped>
.rung:hover { background: color-mix(in srgb, var(--color-paper) 60%, transparent); }
</style>
