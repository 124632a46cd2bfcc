<script setup lang="ts">
import { formatAmount, setCount } from '~~/core/dose'
import type { PrescribedItem, SetLogInput } from '~~/shared/types'

/** The stations of a circuit, and how far each is done. */
const props = defineProps<{
  items: readonly PrescribedItem[]
  logs: readonly SetLogInput[]
  /** The one that is on, or next. */
  now: string | null
}>()
const doneOf = ({ id }: PrescribedItem): number => props.logs.filter(log => log.prescribedItemId === id).length
const allOf = ({ dose, sides, extraSetSide }: PrescribedItem): number => setCount(dose, sides, extraSetSide)
</script>

<template>
  <ol
    class="flex flex-col"
    aria-label="Stations"
  >
    <li
      v-for="item in items"
      :key="item.id"
      class="flex gap-3 py-1.5 border-t border-line"
      :class="item.id === now ? 'font-semibold' : ''"
      :aria-current="item.id === now ? 'step' : undefined"
    >
      <span class="mr-auto">{{ item.name }}<span
        v-if="item.between"
        class="text-quiet"
      >, between rounds</span></span>
      <span class="figure text-quiet whitespace-nowrap">{{ formatAmount(item.dose.amount, item.dose.unit) }}{{
        item.sides === 'each' ? ' a side' : '' }}</span>
      <span class="figure w-14 shrink-0 text-right whitespace-nowrap">{{ doneOf(item) }} of {{ allOf(item) }}</span>
    </li>
  </ol>
</template>
