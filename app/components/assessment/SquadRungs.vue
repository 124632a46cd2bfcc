<script setup lang="ts">
import { ACTION_FACTS, type Ladder, type Rungs } from '~~/core/catalogue'
import type { Athlete } from '~~/shared/types'
import RungBars from '~/components/assessment/RungBars.vue'
import { dayMonth } from '~/words/inWords'

/** A squad against the ladders: where each athlete stands, and what the tests say beside it. */
interface Row {
  readonly athlete: Athlete
  /** Where they stand, by branch. */
  readonly rungs: Rungs
  /** Day of the last test, and whether the next is due. */
  readonly last: string | null
  readonly due: boolean
  readonly side: string
  readonly link: string
  /** Rungs that the tests show, by branch. */
  readonly shown: ReadonlyMap<string, number>
}
defineProps<{ ladders: readonly Ladder[], rows: readonly Row[] }>()

/** A ladder's branches for one athlete, and all of it in words. */
function cellOf(row: Row, ladder: Ladder) {
  const lines = ladder.branches.map((branch) => {
    const at = row.rungs[branch.id]
    const shown = row.shown.get(branch.id) ?? 1
    return {
      id: branch.id, open: at !== undefined, share: (at ?? 0) / branch.rungs.length, more: shown > (at ?? 1),
      words: `${branch.name}: ${at === undefined ? 'not begun' : branch.rungs[at - 1]?.name.toLowerCase()}${
        shown > (at ?? 1) ? `, tests show ${branch.rungs[shown - 1]?.name.toLowerCase()}` : ''}`,
    }
  })
  return {
    bars: lines, more: lines.some(line => line.more),
    label: `${ladder.name}. ${lines.map(line => line.words).join('; ')}.`,
  }
}
</script>

<template>
  <div
    class="overflow-x-auto"
    tabindex="0"
    role="region"
    aria-label="Rungs of the squad"
  >
    <table class="text-left border-collapse">
      <thead>
        <tr class="align-bottom border-b-2 border-ink">
          <th
            scope="col"
            class="pr-3 pb-1 sticky left-0 bg-chalk"
          >
            Athlete
          </th>
          <th
            v-for="ladder in ladders"
            :key="ladder.id"
            scope="col"
            class="h-[7.4rem] w-[2.15rem] min-w-[2.15rem] align-bottom pb-1"
          >
            <span
              class="block [writing-mode:vertical-rl] rotate-180 whitespace-nowrap font-normal text-[0.92em]
                mx-auto"
            >
              {{ ladder.name }}</span>
          </th>
          <th
            scope="col"
            class="px-2 pb-1"
          >
            Weak link
          </th>
          <th
            scope="col"
            class="px-2 pb-1 whitespace-nowrap"
          >
            Side
          </th>
          <th
            scope="col"
            class="px-2 pb-1"
          >
            Brace
          </th>
          <th
            scope="col"
            class="px-2 pb-1 whitespace-nowrap"
          >
            Tested
          </th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="row in rows"
          :key="row.athlete.id"
          class="border-b border-line"
        >
          <th
            scope="row"
            class="pr-3 py-1 font-semibold whitespace-nowrap sticky left-0 bg-chalk"
          >
            <NuxtLink
              :to="`/athletes/${row.athlete.id}/tests`"
              class="underline underline-offset-2"
            >
              {{ row.athlete.name }}
            </NuxtLink>
          </th>
          <td
            v-for="ladder in ladders"
            :key="ladder.id"
            class="p-0 h-[1.9rem] border-x border-line/70 align-bottom"
          >
            <RungBars v-bind="cellOf(row, ladder)" />
          </td>
          <td class="px-2 leading-tight min-w-[7rem]">
            {{ row.link || (row.athlete.weakLink ? `${ACTION_FACTS[row.athlete.weakLink].label} (set)` : '–') }}
          </td>
          <td class="px-2 whitespace-nowrap figure">
            {{ row.side || '–' }}
          </td>
          <td class="px-2 figure text-center">
            {{ row.athlete.braceStep }}
          </td>
          <td
            class="px-2 whitespace-nowrap"
            :class="row.due ? 'problem' : ''"
          >
            {{ row.last ? dayMonth(row.last) : 'never' }}{{ row.due && row.last ? ', due' : '' }}
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
