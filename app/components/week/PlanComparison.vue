<script setup lang="ts">
import type { PlanDifference } from '~~/core/programme'
import PlanCompare from './PlanCompare.vue'

/** The week beside last week or the last proposal. */
const against = defineModel<'last' | 'proposal'>({ required: true })
defineProps<{ difference: PlanDifference | null, hasLastWeek: boolean, hasProposal: boolean }>()
</script>

<template>
  <div>
    <p class="flex gap-2 mb-2">
      <button
        type="button"
        class="chip"
        :aria-pressed="against === 'last'"
        :disabled="!hasLastWeek"
        @click="against = 'last'"
      >
        with last week
      </button>
      <button
        type="button"
        class="chip"
        :aria-pressed="against === 'proposal'"
        :disabled="!hasProposal"
        @click="against = 'proposal'"
      >
        with the last proposal
      </button>
    </p>
    <PlanCompare
      v-if="difference"
      :difference="difference"
      :than="against === 'last' ? 'last week' : 'the proposal'"
    />
    <p
      v-else
      class="text-quiet"
    >
      {{ against === 'last' ? 'There is no week before this one.'
        : 'Nothing was proposed since the sheet was opened.' }}
    </p>
  </div>
</template>
