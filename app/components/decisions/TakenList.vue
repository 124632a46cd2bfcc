<script setup lang="ts">
import type { Catalogue } from '~~/core/catalogue'
import { changeText, DECISION_NAMES } from '~~/core/progression'
import type { TakenDecision } from '~~/shared/types'
import { shortDay } from '~/words/inWords'

/** What was decided in the last week, with the way back. */
defineProps<{ taken: readonly TakenDecision[], catalogue: Catalogue, mayUndo: boolean }>()
const emit = defineEmits<{ undo: [id: string] }>()
</script>

<template>
  <table class="w-full">
    <caption class="sr-only">
      Decided in the last week
    </caption>
    <tbody>
      <tr
        v-for="one in taken"
        :key="one.id"
        class="border-t border-line align-baseline"
      >
        <td class="py-1 pr-3 figure text-quiet whitespace-nowrap">
          {{ shortDay(one.day) }}
        </td>
        <th
          class="pr-3 text-left"
          scope="row"
        >
          {{ one.athleteName }}
        </th>
        <td class="pr-3">
          {{ catalogue.find(one.variationId)?.name ?? one.variationId }}
        </td>
        <td class="pr-3">
          <b>{{ DECISION_NAMES[one.taken] }}</b><template v-if="one.to">
            {{ one.to.variationId === one.variationId ? changeText(one, catalogue)
              : catalogue.find(one.to.variationId)?.name }}
          </template>
          <span
            v-if="one.reason"
            class="text-quiet"
          > · “{{ one.reason }}”</span>
          <span
            v-if="one.taken !== one.kind"
            class="text-quiet"
          > · proposed was {{ DECISION_NAMES[one.kind].toLowerCase() }}</span>
        </td>
        <td class="pr-3 text-quiet">
          {{ one.by }}
        </td>
        <td class="text-right">
          <button
            v-if="one.undoable && mayUndo"
            type="button"
            class="underline"
            :aria-label="`Take back: ${one.athleteName}, ${DECISION_NAMES[one.taken]}`"
            @click="emit('undo', one.id)"
          >
            Take back
          </button>
          <NuxtLink
            v-else-if="!one.undoable"
            class="underline"
            :to="`/athletes/${one.athleteId}/screen`"
          >On the athlete’s page</NuxtLink>
        </td>
      </tr>
    </tbody>
  </table>
</template>
