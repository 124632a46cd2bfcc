<script setup lang="ts">
import { CAPACITY_WORDS, CAPACITY_IDS } from '~~/core/capacity'
import { PLANES } from '~~/core/catalogue'
import { stretchOf, type Review } from '~~/core/review'
import { dayMonth } from '~/words/inWords'

/** Two stretches side by side, in figures a week. */
const props = defineProps<{ now: Review, then: Review }>()
const both = computed(() => [stretchOf(props.then), stretchOf(props.now)] as const)
const percent = (part: number | null): string => (part === null ? '–' : `${Math.round(part * 100)} %`)
const rows = computed(() => {
  const [then, now] = both.value
  return [
    ['Weeks', `${then.weeks}`, `${now.weeks}`],
    ...PLANES.map(plane =>
      [`Full sets a week, ${plane}`, then.fullSets[plane].toFixed(1), now.fullSets[plane].toFixed(1)]),
    ['Contacts a week', then.contacts.toFixed(0), now.contacts.toFixed(0)],
    ['Planned sets done', percent(then.adherence), percent(now.adherence)],
    ...CAPACITY_IDS.map(id => [`Grew ${CAPACITY_WORDS[id]}`, percent(then.grew[id]), percent(now.grew[id])]),
    ['Sets of a hundred that broke', then.brokeOfHundred?.toFixed(0) ?? '–', now.brokeOfHundred?.toFixed(0) ?? '–'],
    ['Rungs gone up', `${then.rungs}`, `${now.rungs}`],
    ['Load a week', then.load.toFixed(0), now.load.toFixed(0)],
  ]
})
const span = ({ from, to }: Review): string => `${dayMonth(from)} – ${dayMonth(to)}`
</script>

<template>
  <table class="w-full max-w-2xl">
    <thead>
      <tr class="text-left">
        <th scope="col" />
        <th
          scope="col"
          class="text-right figure"
        >
          {{ span(then) }}
        </th>
        <th
          scope="col"
          class="text-right figure"
        >
          {{ span(now) }}
        </th>
      </tr>
    </thead>
    <tbody>
      <tr
        v-for="[name, before, after] in rows"
        :key="name"
        class="border-t border-line"
      >
        <th
          scope="row"
          class="text-left font-normal py-0.5"
        >
          {{ name }}
        </th>
        <td class="text-right figure">
          {{ before }}
        </td>
        <td class="text-right figure">
          {{ after }}
        </td>
      </tr>
    </tbody>
  </table>
</template>
