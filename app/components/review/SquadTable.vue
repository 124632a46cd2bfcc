<script setup lang="ts">
import { PLANES } from '~~/core/catalogue'
import type { CapacityId } from '~~/core/capacity'
import type { SquadRow } from '~/composables/useSquadReview'

/** A squad's look back, a row for each athlete, and what they come to together. */
const props = defineProps<{ rows: readonly SquadRow[], query: string }>()
const percent = (part: number | null): string => (part === null ? '–' : `${Math.round(part * 100)} %`)
const LINES: readonly (readonly [string, readonly CapacityId[]])[] = [
  ['arch', ['arch']], ['fold', ['fold']], ['side', ['sideLeft', 'sideRight']], ['turn', ['turnLeft', 'turnRight']],
]
type Known = SquadRow & { readonly stretch: NonNullable<SquadRow['stretch']> }
const known = computed(() => props.rows.filter((row): row is Known => row.stretch !== null))
const mean = (values: readonly (number | null)[]): number | null => {
  const there = values.filter((value): value is number => value !== null)
  return there.length === 0 ? null : there.reduce((a, b) => a + b, 0) / there.length
}
const grewOf = ({ stretch }: Known, ids: readonly CapacityId[]): number | null => mean(ids.map(id => stretch.grew[id]))
const cellsOf = (row: Known): string[] => [
  percent(row.stretch.adherence),
  ...PLANES.map(plane => row.stretch.fullSets[plane].toFixed(1)), row.stretch.contacts.toFixed(0),
  ...LINES.map(([, ids]) => percent(grewOf(row, ids))),
  `${row.stretch.rungs}`, row.stretch.brokeOfHundred?.toFixed(0) ?? '–', row.stretch.load.toFixed(0),
]
const together = computed(() => {
  const all = known.value
  const of = (pick: (row: Known) => number | null): number | null => mean(all.map(pick))
  return [
    percent(of(row => row.stretch.adherence)),
    ...PLANES.map(plane => of(row => row.stretch.fullSets[plane])?.toFixed(1) ?? '–'),
    of(row => row.stretch.contacts)?.toFixed(0) ?? '–',
    ...LINES.map(([, ids]) => percent(of(row => grewOf(row, ids)))),
    of(row => row.stretch.rungs)?.toFixed(1) ?? '–', of(row => row.stretch.brokeOfHundred)?.toFixed(0) ?? '–',
    of(row => row.stretch.load)?.toFixed(0) ?? '–',
  ]
})
const HEADINGS = [
  'sets done', ...PLANES, 'contacts', ...LINES.map(([name]) => name), 'rungs up', 'broke of 100', 'load',
]
</script>

<template>
  <div class="overflow-x-auto">
    <table class="w-full text-right">
      <thead>
        <tr class="text-quiet">
          <td />
          <th
            colspan="1"
            scope="colgroup"
          />
          <th
            colspan="4"
            scope="colgroup"
            class="font-normal"
          >
            done a week, full sets and contacts
          </th>
          <th
            colspan="4"
            scope="colgroup"
            class="font-normal"
          >
            capacity grew, resisting
          </th>
          <th
            colspan="3"
            scope="colgroup"
          />
        </tr>
        <tr>
          <th
            scope="col"
            class="text-left"
          >
            Athlete
          </th>
          <th
            v-for="heading in HEADINGS"
            :key="heading"
            scope="col"
            class="pl-3 font-semibold"
          >
            {{ heading }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="row in rows"
          :key="row.id"
          class="border-t border-line"
        >
          <th
            scope="row"
            class="text-left font-normal py-1 whitespace-nowrap"
          >
            <NuxtLink
              class="underline decoration-dotted underline-offset-2"
              :to="`/review/${row.id}?${query}`"
            >{{ row.name }}</NuxtLink>
          </th>
          <template v-if="row.stretch">
            <td
              v-for="(cell, i) in cellsOf(row as Known)"
              :key="i"
              class="figure pl-3"
            >
              {{ cell }}
            </td>
          </template>
          <td
            v-else
            :colspan="HEADINGS.length"
            class="text-left pl-3"
            :class="row.problem ? 'problem' : 'text-quiet'"
          >
            {{ row.problem || 'is being read …' }}
          </td>
        </tr>
        <tr
          v-if="known.length > 1"
          class="border-t-2 border-ink font-semibold"
        >
          <th
            scope="row"
            class="text-left py-1"
          >
            Mean of {{ known.length }}
          </th>
          <td
            v-for="(cell, i) in together"
            :key="i"
            class="figure pl-3"
          >
            {{ cell }}
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
