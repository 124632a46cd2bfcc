<script setup lang="ts">
import { ACTION_FACTS, type Ladder } from '~~/core/catalogue'
import type { Athlete } from '~~/shared/types'
import { dayMonth } from '~/words/inWords'

/** A squad against the ladders: the rung of each athlete, and what the tests say beside it. */
defineProps<{
  ladders: readonly Ladder[]
  rows: readonly {
    readonly athlete: Athlete
    /** Day of the last test, and whether the next is due. */
    readonly last: string | null
    readonly due: boolean
    readonly side: string
    readonly link: string
    /** Rungs that the tests show, by ladder. */
    readonly shown: ReadonlyMap<string, number>
  }[]
}>()

const rungOf = (
  athlete: { rungs: Readonly<Record<string, number>> }, ladder: { id: string, rungs: readonly unknown[] },
): number => Math.min(ladder.rungs.length, athlete.rungs[ladder.id] ?? 1)
/** Darker the nearer to the top; the number says it too. */
function shade(share: number): { background: string, color: string } {
  const tone = Math.round(share * 4)
  return {
    background: ['#fbf8f1', '#dfe3e3', '#b4bfc4', '#6b7a82', '#34434b'][tone]!,
    color: tone > 2 ? '#fbf8f1' : '#1f2a30',
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
            class="figure text-center p-0 h-[1.9rem] border-x border-chalk"
            :style="shade(rungOf(row.athlete, ladder) / ladder.rungs.length)"
            :title="`${ladder.name}: ${ladder.rungs[rungOf(row.athlete, ladder) - 1]?.name}`"
          >
            {{ rungOf(row.athlete, ladder) }}<span
              v-if="(row.shown.get(ladder.id) ?? 1) > rungOf(row.athlete, ladder)"
            >▲</span>
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
