<script setup lang="ts">
import { bodyOf } from '~~/core/anatomy'
import type { Catalogue } from '~~/core/catalogue'
import { DECISION_NAMES, stepText, type Step } from '~~/core/progression'
import DrillFigure from '~/components/drill/DrillFigure.vue'
import { headline, isException } from '~/words/decisionWords'
import { DOSE_UNIT_WORDS } from '~~/core/dose'
import type { DecisionRow } from '~~/shared/types'
import DecisionDots from './DecisionDots.vue'
import DecisionWays from './DecisionWays.vue'

/** One athlete on one branch: what was given and what would be, the evidence, why, and what to do. */
const props = defineProps<{
  row: DecisionRow
  squad: string
  catalogue: Catalogue
  /** An assistant proposes only. */
  proposes: boolean
  /** It has the keys. */
  here: boolean
  problem: string
}>()
const emit = defineEmits<{ take: [way: number | null, reason: string], enter: [] }>()

const line = ref<HTMLElement | null>(null)
watch(() => props.here, (here) => {
  if (here) line.value?.scrollIntoView({ block: 'nearest' })
})
const body = computed(() => {
  const { sex, heightCm, massKg } = props.row.athlete
  return bodyOf({ sex, heightM: heightCm / 100, massKg })
})
const drillOf = (step: Step) => props.catalogue.find(step.variationId)
const drill = computed(() => drillOf(props.row.decision.from))
const gate = computed(() => {
  const { unit } = props.row.decision.from.dose
  const sets = drill.value?.gate.sets ?? 1
  return `${sets} × ${props.row.decision.gateAmount}${unit === 'reps' ? '' : ` ${DOSE_UNIT_WORDS[unit]}`}`
})
const steps = computed(() => [props.row.decision.from, ...props.row.decision.to ? [props.row.decision.to] : []])
const why = computed(() => [...props.row.decision.why, ...props.row.decision.doubts].join(' '))
</script>

<template>
  <article
    ref="line"
    class="panel decision py-2.5 grid gap-x-4 gap-y-2 items-start"
    :class="[isException(row) ? 'border-signal' : '', here ? 'ring-2 ring-ink' : '']"
    :aria-current="here ? 'true' : undefined"
    @mousedown="emit('enter')"
  >
    <div class="min-w-0">
      <h3>
        <NuxtLink
          class="hover:underline"
          :to="`/athletes/${row.athlete.id}`"
        >{{ row.athlete.name }}</NuxtLink>
      </h3>
      <p class="text-quiet">
        {{ squad }}
      </p>
    </div>
    <div class="flex items-start gap-2 min-w-0">
      <template
        v-for="(step, i) in steps"
        :key="i"
      >
        <span
          v-if="i > 0"
          class="mt-5 text-signal font-bold"
          aria-label="becomes"
        >→</span>
        <figure class="flex flex-col items-center w-[120px]">
          <DrillFigure
            :drill="drillOf(step) ?? null"
            :width="104"
            :height="50"
            :body="body"
            small
          />
          <figcaption class="text-center text-[0.85rem] leading-tight">
            <template v-if="i === 0 || step.variationId !== row.decision.from.variationId">
              {{ drillOf(step)?.name ?? step.variationId }}
            </template>
            <span class="figure block text-quiet">{{ stepText(step, catalogue) }}</span>
          </figcaption>
        </figure>
      </template>
    </div>
    <DecisionDots
      :decision="row.decision"
      :unit="row.decision.from.dose.unit"
      :gate="gate"
    />
    <div class="min-w-0">
      <p class="font-semibold">
        {{ headline(row.decision, catalogue) }}
      </p>
      <p class="text-quiet">
        {{ why }}
      </p>
      <p v-if="row.proposed">
        {{ row.proposed.by }} proposes: <b>{{ DECISION_NAMES[row.proposed.kind].toLowerCase() }}</b>{{
          row.proposed.reason ? `, “${row.proposed.reason}”` : '' }}
      </p>
      <p
        v-if="problem"
        class="problem"
        role="alert"
      >
        {{ problem }}
      </p>
    </div>
    <DecisionWays
      :row="row"
      :proposes="proposes"
      :catalogue="catalogue"
      @take="(way, reason) => emit('take', way, reason)"
    />
  </article>
</template>

<style scoped>
.decision { grid-template-columns: minmax(0, 1fr) auto; }
@media (min-width: 1024px) {
  .decision { grid-template-columns: 7.5rem 17.5rem 220px minmax(0, 1fr) 10.5rem; }
}
</style>
