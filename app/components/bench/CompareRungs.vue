<script setup lang="ts">
import { gateText } from '~~/core/catalogue'
import { formatDose, momentTime } from '~~/core/dose'
import { shownNm } from '~~/core/mechanics'
import type { BenchRung } from '~/words/reckon'
import LineFigure from './LineFigure.vue'

/** Rungs side by side: the same figures for each, against the first of them. */
const props = defineProps<{ rungs: readonly BenchRung[] }>()
const emit = defineEmits<{ putAway: [id: string] }>()

const scale = computed(() => {
  const boxes = props.rungs.flatMap(r => r.figure?.box ?? [])
  return Math.min(
    120 / Math.max(1, ...boxes.map(b => b.right - b.left)),
    74 / Math.max(0.4, ...boxes.map(b => b.top - b.bottom)),
  )
})
const first = computed(() => props.rungs[0])
const times = (rung: BenchRung): string =>
  (rung.result && first.value && first.value.nm > 1 ? `${(rung.nm / first.value.nm).toFixed(2)}×` : '–')
const signed = (nm: number): string => `${nm < -0.5 ? '−' : ''}${Math.round(Math.abs(nm))}`
/** Moment times seconds of the lightest dose, in kilonewton metre seconds. */
const work = (
  rung: BenchRung,
): string => (rung.result
  ? (momentTime(rung.variation.doses[0]!, rung.variation.sides, rung.nm) / 1000).toFixed(1)
  : '–')
const shared = (
  rung: BenchRung,
  one: (result: NonNullable<BenchRung['result']>) => string,
): string => (rung.result ? one(rung.result) : '–')
const ROWS: readonly (readonly [string, (rung: BenchRung) => string])[] = [
  ['Moment, N·m', rung => (rung.result ? String(shownNm(rung.nm)) : '–')],
  ['Against the first', times],
  ['Arching + / folding −', rung => shared(rung, r => signed(-r.sagittalNm))],
  ['Side bend, N·m', rung => shared(rung, r => signed(Math.abs(r.frontalNm)))],
  ['Twist, N·m', rung => shared(rung, r => signed(Math.abs(r.transverseNm)))],
  ['Along the spine, N', rung => shared(rung, r => signed(r.axialN))],
  ['Hands carry', rung => shared(rung, r => (r.handsShare > 0.01 ? `${Math.round(r.handsShare * 100)} %` : '–'))],
  ['Lightest dose', rung => formatDose(rung.variation.doses[0]!, rung.variation.sides)],
  ['Moment × time, kN·m·s', work],
  ['Gate', rung => gateText(rung.variation, rung.massKg)],
]
</script>

<template>
  <div class="overflow-x-auto">
    <table class="w-full text-left">
      <caption class="sr-only">
        Rungs side by side
      </caption>
      <thead>
        <tr class="align-bottom border-b-2 border-ink">
          <td class="w-[12rem]" />
          <th
            v-for="(rung, i) in rungs"
            :key="rung.variation.id"
            scope="col"
            class="px-2 pb-1 font-semibold min-w-[9rem]"
          >
            <span class="flex h-[84px] items-end">
              <LineFigure
                v-if="rung.figure"
                :figure="rung.figure"
                :px-per-metre="scale"
              />
            </span>
            {{ rung.variation.name }}
            <button
              v-if="i > 0"
              type="button"
              class="underline underline-offset-2 font-normal text-quiet"
              :aria-label="`Put ${rung.variation.name} away`"
              @click="emit('putAway', rung.variation.id)"
            >
              put away
            </button>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="[word, text] in ROWS"
          :key="word"
          class="border-b border-line"
        >
          <th
            scope="row"
            class="font-normal text-quiet py-0.5 pr-2"
          >
            {{ word }}
          </th>
          <td
            v-for="rung in rungs"
            :key="rung.variation.id"
            class="figure px-2"
          >
            {{ text(rung) }}
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
