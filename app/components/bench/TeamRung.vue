<script setup lang="ts">
import { rungsOf, type Catalogue, type Variation } from '~~/core/catalogue'
import { shownNm, type ModelSettings } from '~~/core/mechanics'
import type { Athlete } from '~~/shared/types'
import { reckon } from '~/words/reckon'
import LineFigure from './LineFigure.vue'

/** One rung for a whole team: the same drill and setting, each in their own body, against their own present rung. */
const props = defineProps<
  { variation: Variation, settings: ModelSettings, athletes: readonly Athlete[], catalogue: Catalogue }
>()

const MOST = 12
const cards = computed(() => props.athletes.slice(0, MOST).map((athlete) => {
  const rung = reckon(props.variation, athlete, props.settings)
  const at = rungsOf(athlete.stands, props.catalogue)[props.variation.branch] ?? 1
  const own = props.catalogue.branch(props.variation.branch)?.rungs[at - 1]
  const base = own ? reckon(own, athlete) : null
  return { athlete, rung, own, ratio: base && base.nm > 1 && rung.result ? rung.nm / base.nm : null }
}))
/** One scale for all, so that a tall athlete looks tall. */
const scale = computed(() => {
  const boxes = cards.value.flatMap(c => c.rung.figure?.box ?? [])
  const widest = Math.max(1, ...boxes.map(b => b.right - b.left))
  const tallest = Math.max(0.4, ...boxes.map(b => b.top - b.bottom))
  return Math.min(125 / widest, 84 / tallest)
})
</script>

<template>
  <ul class="grid grid-cols-2 sm:grid-cols-3 lg:grid-cols-4 xl:grid-cols-6 gap-3">
    <li
      v-for="card in cards"
      :key="card.athlete.id"
      class="bg-paper border-t-2 border-ink p-2 flex flex-col"
    >
      <b class="leading-tight">{{ card.athlete.name }}</b>
      <span class="text-quiet text-[0.85em]">{{ card.athlete.heightCm }} cm, {{ card.athlete.massKg }} kg</span>
      <span class="h-[104px] flex items-end justify-center my-1">
        <LineFigure
          v-if="card.rung.figure"
          :figure="card.rung.figure"
          :px-per-metre="scale"
        />
        <span
          v-else
          class="problem"
        >{{ card.rung.problem }}</span>
      </span>
      <span class="figure">{{ card.rung.result ? `${shownNm(card.rung.nm)} N·m` : '' }}
        <b v-if="card.ratio">{{ card.ratio.toFixed(1) }}×</b></span>
      <span class="text-[0.85em]">{{ card.own?.id === variation.id ? 'stands here'
        : `stands on: ${card.own?.name ?? 'the ground'}` }}</span>
    </li>
  </ul>
</template>
