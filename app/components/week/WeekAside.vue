<script setup lang="ts">
import type { TrunkAction } from '~~/core/catalogue'
import { PHASES } from '~~/core/policy'
import type { WeekDesk } from '~/composables/week/useWeekSheet'
import { proofText } from '~/words/proofWords'
import type { weekMoment } from '~/words/weekMoment'
import PlaneLedger from './PlaneLedger.vue'

/** What the week comes to: the ledger, the block it stands in, and whether something better is known. */
const props = defineProps<{
  desk: WeekDesk
  trunkMinutes: number
  moment: ReturnType<typeof weekMoment>
}>()
const emit = defineEmits<{ open: [action: TrunkAction] }>()

const { ledger, context, proof, proving, offer } = props.desk
</script>

<template>
  <div>
    <PlaneLedger
      :ledger="ledger"
      :trunk-minutes="trunkMinutes"
      :moment="moment"
      @open="emit('open', $event)"
    />
    <p
      v-if="context.rules.block"
      class="mt-2 lg:ml-4"
    >
      <b>Week {{ context.rules.block.week }} of
        {{ context.rules.block.weeks }}</b><template v-if="context.rules.block.phase">,
        {{ PHASES[context.rules.block.phase].name.toLowerCase() }}:
        {{ PHASES[context.rules.block.phase].purpose }}</template>
    </p>
    <p
      v-if="proving || proof"
      class="mt-2 lg:ml-4"
      role="status"
    >
      {{ proving ? 'Looking whether something better exists …' : proofText(proof!) }}
    </p>
    <p
      v-if="offer"
      class="mt-2 lg:ml-4 border-l-4 border-signal bg-paper px-3 py-1.5"
      role="status"
    >
      Around your edits the rest can be planned better: {{ offer.gain.toFixed(1) }} full sets less
      wanting.
      <button
        type="button"
        class="underline underline-offset-2 font-semibold"
        @click="desk.takeOffer"
      >
        Take it <kbd>o</kbd>
      </button>
    </p>
  </div>
</template>
