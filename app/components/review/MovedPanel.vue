<script setup lang="ts">
import { BODY_PLACES, BREAK_POINTS } from '~~/core/assessment'
import { daysBetween } from '~~/core/calendar'
import type { Catalogue } from '~~/core/catalogue'
import type { Move, Review } from '~~/core/review'
import { DOSE_UNIT_WORDS } from '~~/core/dose'
import { moveText } from '~/words/reviewWords'

/** What moved, what broke first and where it was felt, and left against right. */
const props = defineProps<{ review: Review, catalogue: Catalogue }>()
const overText = ({ from, to, up }: Move): string => {
  const weeks = Math.max(1, Math.round(daysBetween(from.day, to.day) / 7))
  return `${up ? 'in' : 'back, in'} ${weeks} ${weeks === 1 ? 'week' : 'weeks'}`
}
const half = (weeks: readonly number[]): string => {
  const middle = Math.ceil(weeks.length / 2)
  const sum = (part: readonly number[]): number => part.reduce((a, b) => a + b, 0)
  return `${sum(weeks.slice(0, middle))} then ${sum(weeks.slice(middle))}`
}
const sides = computed(() => [...props.review.sides].sort((a, b) => b.difference - a.difference).slice(0, 6))
const nameOf = (id: string): string => props.catalogue.find(id)?.name ?? id
</script>

<template>
  <section
    class="panel"
    aria-label="Moved"
  >
    <h2>Moved</h2>
    <p
      v-if="review.moved.length === 0"
      class="text-quiet"
    >
      Nothing has moved: no drill was done clean on two days.
    </p>
    <ul>
      <li
        v-for="move in review.moved"
        :key="move.branch"
      >
        {{ moveText(move, catalogue).from }} → <b>{{ moveText(move, catalogue).to }}</b>
        {{ ' ' }}<span :class="move.up ? 'text-quiet' : 'text-signal-ink'">{{ overText(move) }}</span>
      </li>
    </ul>
    <h3 class="mt-3">
      Broke first <span class="text-quiet font-normal">sets, first half then second half of the time</span>
    </h3>
    <p
      v-if="review.broke.length === 0"
      class="text-quiet"
    >
      Every set reached its target in form.
    </p>
    <p v-else>
      <template
        v-for="(one, i) in review.broke"
        :key="one.what"
      >
        {{ i > 0 ? '; ' : '' }}{{ BREAK_POINTS[one.what].toLowerCase() }}
        <span class="figure">{{ half(one.weeks) }}</span>
      </template>.
    </p>
    <h3 class="mt-3">
      Felt
    </h3>
    <p class="text-quiet">
      {{ review.felt.length === 0 ? 'Nobody said where.' : '' }}<template
        v-for="(one, i) in review.felt.slice(0, 6)"
        :key="one.what"
      >
        {{ i > 0 ? ', ' : '' }}{{ BODY_PLACES[one.what].toLowerCase() }} <span class="figure">{{ one.total }}</span>
      </template>
    </p>
    <h3 class="mt-3">
      Left against right <span class="text-quiet font-normal">mean of the last four sets a side</span>
    </h3>
    <ul>
      <li
        v-for="side in sides"
        :key="side.variationId"
        class="flex gap-3"
      >
        <span class="mr-auto">{{ nameOf(side.variationId) }}</span>
        <span
          class="figure"
          :class="side.difference >= 0.1 ? 'text-signal-ink font-bold' : ''"
        >{{ side.left.toFixed(1) }} : {{ side.right.toFixed(1) }} {{ DOSE_UNIT_WORDS[side.unit] }}</span>
      </li>
    </ul>
  </section>
</template>
