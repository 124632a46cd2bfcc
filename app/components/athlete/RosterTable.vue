<script setup lang="ts">
import { daysBetween } from '~~/core/calendar'
import { ACTION_FACTS } from '~~/core/catalogue'
import { SPORT_PROFILES } from '~~/core/programme'
import type { RosterRow, RosterSort } from '~~/shared/types'
import { toLookAt } from '~/words/toLookAt'
import { inDays } from '~/words/inWords'
import PlaneMark from '~/components/plane/PlaneMark.vue'
import SortHead from './SortHead.vue'

const props = defineProps<{
  rows: readonly RosterRow[]
  selected: ReadonlySet<string>
  today: string
  week: string
  sort: RosterSort
  down: boolean
  /** Other rows are on their way. */
  busy: boolean
}>()
const emit = defineEmits<{ select: [ids: string[], on: boolean], sort: [by: RosterSort] }>()

const COLUMNS = [
  ['name', 'Athlete'], ['braceStep', 'Brace step'], ['weakLink', 'Weak link'], ['competition', 'Next competition'],
  ['week', 'This week'], ['done', 'Done, 4 weeks'],
] as const

const WEEK_TEXT = { none: 'not planned', draft: 'draft', assigned: 'assigned' } as const
const allSelected = computed(() => props.rows.length > 0 && props.rows.every(row => props.selected.has(row.athlete.id)))
</script>

<template>
  <div
    class="overflow-x-auto"
    tabindex="0"
    role="region"
    aria-label="Roster"
    :aria-busy="busy"
  >
    <table class="w-full border-collapse text-left">
      <thead>
        <tr class="border-b-2 border-ink align-bottom">
          <th class="p-1.5 w-8">
            <input
              type="checkbox"
              class="align-middle"
              aria-label="Select all shown"
              :checked="allSelected"
              :disabled="busy"
              @change="emit('select', rows.map(r => r.athlete.id), ($event.target as HTMLInputElement).checked)"
            >
          </th>
          <SortHead
            v-for="[by, name] in COLUMNS"
            :key="by"
            :on="sort === by"
            :down="down"
            @sort="emit('sort', by)"
          >
            {{ name }}
          </SortHead>
          <th class="p-1.5">
            To look at
          </th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="row in rows"
          :key="row.athlete.id"
          class="border-b border-line hover:bg-paper"
        >
          <td class="p-1.5">
            <input
              type="checkbox"
              class="align-middle"
              :aria-label="`Select ${row.athlete.name}`"
              :checked="selected.has(row.athlete.id)"
              @change="emit('select', [row.athlete.id], ($event.target as HTMLInputElement).checked)"
            >
          </td>
          <td class="p-1.5">
            <NuxtLink
              :to="`/athletes/${row.athlete.id}`"
              class="name inline-block max-w-[22rem] font-semibold underline-offset-2 hover:underline"
            >{{ row.athlete.name }}</NuxtLink>
            <span class="text-quiet block text-[0.9em]">
              {{ SPORT_PROFILES[row.athlete.sport].name }}<template
                v-if="row.athlete.position"
              >, {{ row.athlete.position }}</template></span>
          </td>
          <td class="p-1.5 figure">
            {{ row.athlete.braceStep }} of 7
          </td>
          <td class="p-1.5">
            <span
              v-if="row.athlete.weakLink"
              class="inline-flex items-center gap-1.5"
            >
              <PlaneMark
                :plane="ACTION_FACTS[row.athlete.weakLink].plane"
                :resists="ACTION_FACTS[row.athlete.weakLink].resists"
              />
              {{ ACTION_FACTS[row.athlete.weakLink].label }}<template v-if="row.athlete.weakSide">,
                {{ row.athlete.weakSide }}</template>
            </span>
            <span
              v-else
              class="text-quiet"
            >none recorded</span>
          </td>
          <td class="p-1.5">
            <template v-if="row.nextCompetition">
              <b>{{ inDays(daysBetween(today, row.nextCompetition.day)) }}</b>
              <span class="text-quiet block text-[0.9em]">{{ row.nextCompetition.name }}
                ({{ row.nextCompetition.importance }})</span>
            </template>
            <span
              v-else
              class="text-quiet"
            >none</span>
          </td>
          <td class="p-1.5">
            <NuxtLink
              :to="`/week/${row.athlete.id}?start=${week}`"
              class="underline underline-offset-2 whitespace-nowrap"
              :class="row.thisWeek === 'none' ? 'text-signal-ink font-semibold' : ''"
            >{{ WEEK_TEXT[row.thisWeek] }}<span class="sr-only">, week sheet of {{ row.athlete.name }}</span></NuxtLink>
          </td>
          <td class="p-1.5">
            <template v-if="row.adherence !== null">
              <span class="inline-flex items-center gap-2">
                <span
                  class="w-16 h-2 bg-chalk-deep inline-block"
                  aria-hidden="true"
                ><span
                  class="block h-full bg-block"
                  :style="{ width: `${Math.round(row.adherence * 100)}%` }"
                /></span>
                <span class="figure whitespace-nowrap">{{ Math.round(row.adherence * 100) }} %</span>
              </span>
            </template>
            <span
              v-else
              class="text-quiet"
            >nothing planned</span>
          </td>
          <td class="p-1.5">
            <NuxtLink
              v-for="one in toLookAt(row, today)"
              :key="one.text"
              :to="`/athletes/${row.athlete.id}${one.page ? `/${one.page}` : ''}`"
              class="block min-h-[24px] hover:underline underline-offset-2"
              :class="one.urgent ? 'problem' : ''"
            >{{ one.text }}<span class="sr-only">, {{ row.athlete.name }}</span></NuxtLink>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
