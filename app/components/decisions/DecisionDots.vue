<script setup lang="ts">
import type { DoseUnit } from '~~/core/dose'
import type { Decision } from '~~/core/progression'
import { DOSE_UNIT_WORDS } from '~~/core/dose'
import { shortDay } from '~/words/inWords'

/** Sessions as dots against what the gate asks: how far the shortest set went, ringed where form broke. */
const props = defineProps<{ decision: Pick<Decision, 'evidence' | 'gateAmount'>, unit: DoseUnit, gate: string }>()

const [WIDTH, HEIGHT, TOP, BOTTOM] = [220, 64, 12, 58]
const most = computed(() =>
  1.15 * Math.max(props.decision.gateAmount, ...props.decision.evidence.map(dot => dot.amount)))
const y = (amount: number): number => BOTTOM - (BOTTOM - TOP) * amount / most.value
const x = (index: number): number => 14 + 21 * index
const told = computed(() => `Gate ${props.gate}. ${
  props.decision.evidence.map(dot => `${shortDay(dot.day)}: ${dot.amount} ${DOSE_UNIT_WORDS[props.unit]}${
    dot.hurt ? ', it hurt' : dot.broke ? ', form broke' : ''}`).join('; ')}`)
</script>

<template>
  <svg
    :width="WIDTH"
    :height="HEIGHT"
    role="img"
    :aria-label="told"
    class="figure"
  >
    <line
      x1="4"
      :x2="WIDTH - 4"
      :y1="y(decision.gateAmount)"
      :y2="y(decision.gateAmount)"
      stroke="var(--color-ink)"
      stroke-dasharray="4 3"
    />
    <text
      :x="WIDTH - 4"
      :y="Math.max(10, y(decision.gateAmount) - 4)"
      text-anchor="end"
      font-size="11"
      fill="var(--color-quiet)"
    >gate {{ gate }}</text>
    <circle
      v-for="(dot, i) in decision.evidence"
      :key="dot.day"
      :cx="x(i)"
      :cy="y(dot.amount)"
      r="6"
      :fill="dot.broke || dot.hurt ? 'var(--color-paper)' : 'var(--color-ink)'"
      :stroke="dot.broke || dot.hurt ? 'var(--color-signal)' : 'none'"
      stroke-width="2.5"
    ><title>{{ shortDay(dot.day) }}: {{ dot.amount }} {{ DOSE_UNIT_WORDS[unit] }}</title></circle>
  </svg>
</template>
