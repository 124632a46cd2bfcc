<script setup lang="ts">
import { CAPACITY_IDS } from '~~/core/capacity'
import type { Catalogue } from '~~/core/catalogue'
import { stretchOf } from '~~/core/review'
import { dayMonth } from '~/words/inWords'
import { moveText } from '~/words/reviewWords'
import type { AthleteReview } from '~~/shared/types'

/** One page for the athlete, in plain words. */
const props = defineProps<{ found: AthleteReview, catalogue: Catalogue }>()
const figures = computed(() => stretchOf(props.found.review))
const PLAIN = {
  arch: 'holding your back from arching', fold: 'holding yourself up when you bend forwards',
  sideLeft: 'keeping upright on your left side', sideRight: 'keeping upright on your right side',
  turnLeft: 'not being turned to the left', turnRight: 'not being turned to the right',
} as const
/** Changes that are worth a word: more than a twentieth. */
const grown = computed(() => CAPACITY_IDS.flatMap((id) => {
  const by = figures.value.grew[id]
  return by === null || Math.abs(by) < 0.05 ? [] : [{ text: PLAIN[id], by: Math.round(by * 100) }]
}))
const up = computed(() => props.found.review.moved.filter(move => move.up))
</script>

<template>
  <article class="max-w-2xl text-[1.05rem] flex flex-col gap-3">
    <header>
      <h1>{{ found.athlete.name }}</h1>
      <p class="text-quiet">
        Your trunk, {{ dayMonth(found.review.from) }} to {{ dayMonth(found.review.to) }}
      </p>
    </header>
    <p v-if="figures.adherence !== null">
      You did <b class="figure">{{ Math.round(figures.adherence * 100) }} %</b> of what was planned, over
      <span class="figure">{{ figures.weeks }}</span> weeks.
    </p>
    <p v-else>
      Nothing was planned in this time.
    </p>
    <section v-if="grown.length > 0">
      <h2>What changed</h2>
      <ul class="list-disc pl-5">
        <li
          v-for="one in grown"
          :key="one.text"
        >
          {{ one.by > 0 ? 'You got better at' : 'You were weaker at' }} {{ one.text }}, by about
          <b class="figure">{{ Math.abs(one.by) }} %</b>.
        </li>
      </ul>
    </section>
    <p v-else>
      What your trunk can hold has stayed about the same.
    </p>
    <section v-if="up.length > 0">
      <h2>Where you moved up</h2>
      <ul class="list-disc pl-5">
        <li
          v-for="move in up"
          :key="move.branch"
        >
          {{ moveText(move, catalogue).from }} → <b>{{ moveText(move, catalogue).to }}</b>
        </li>
      </ul>
    </section>
    <p class="text-quiet text-[0.88em] mt-4">
      An estimate from your own sets and tests, with room for error. Pain ends a drill. Not medical advice: your
      clinician goes first.
    </p>
  </article>
</template>
