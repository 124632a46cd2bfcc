<script setup lang="ts">
import { ACTION_FACTS, PLANES, type Plane, type TrunkAction } from '~~/core/catalogue'
import type { Ledger, LedgerLine } from '~~/core/programme'
import PlaneName from '~/components/plane/PlaneName.vue'
import { inSets } from '~/words/effortWords'

/** The plane ledger: per action, lifts and drills against a bracket, and what is short, in full sets of the athlete. */
const props = defineProps<{
  ledger: Ledger
  trunkMinutes: number
  /** Moment x time of the week for this body, and how many drills have a computed moment. */
  moment?: { readonly kNms: number, readonly known: number, readonly drills: number } | null
}>()
const emit = defineEmits<{ open: [action: TrunkAction] }>()

const scale = computed(() =>
  Math.max(1, ...props.ledger.lines.map(line => Math.max(line.band.high, line.lifts + line.drills))) * 1.04)
const percent = (fullSets: number): number => (fullSets / scale.value) * 100
const linesOf = (plane: Plane): LedgerLine[] =>
  props.ledger.lines.filter(line => ACTION_FACTS[line.action].plane === plane)
const done = (line: LedgerLine): string => inSets(line.lifts + line.drills)
const minutes = (seconds: number): string => `${Math.round(seconds / 60)} min`

/** Less is no shortfall that a coach would act on. */
const TOLD = 0.1

function verdict(line: LedgerLine): string {
  if (line.short >= TOLD) return `short ${inSets(line.short)}`
  if (line.over >= TOLD) return `over ${inSets(line.over)}`
  return ''
}

function spoken(line: LedgerLine): string {
  const { low, high } = line.band
  return `${ACTION_FACTS[line.action].label}: ${inSets(line.lifts)} full sets from lifts, ${
    inSets(line.drills)
  } from drills, `
    + `target ${inSets(low)} to ${inSets(high)}${verdict(line) ? `, ${verdict(line)}` : ', inside the target'}`
}
</script>

<template>
  <section
    class="panel border-t-0 border-l-3 border-ink"
    aria-label="Plane ledger"
  >
    <h2>Plane ledger, this week</h2>
    <p class="text-quiet text-[0.88em] mb-2">
      full sets against the target: one is a set taken to the own limit
    </p>
    <div
      v-for="plane in PLANES"
      :key="plane"
      class="mb-2"
    >
      <h3 class="text-[0.95rem]">
        <PlaneName :plane="plane" />
      </h3>
      <ul>
        <li
          v-for="line in linesOf(plane)"
          :key="line.action"
          class="grid grid-cols-[98px_minmax(0,1fr)_68px] items-center gap-1.5 py-[3px]"
        >
          <button
            type="button"
            class="text-left underline decoration-dotted decoration-quiet underline-offset-2"
            :aria-label="`${spoken(line)}. Where the target comes from`"
            @click="emit('open', line.action)"
          >
            {{ ACTION_FACTS[line.action].label }}
          </button>
          <svg
            class="w-full h-[18px] overflow-visible"
            aria-hidden="true"
          >
            <rect
              y="4"
              width="100%"
              height="10"
              fill="var(--color-chalk-deep)"
            />
            <rect
              y="4"
              :width="`${percent(line.lifts)}%`"
              height="10"
              fill="var(--color-block)"
            />
            <rect
              :x="`${percent(line.lifts)}%`"
              y="4"
              :width="`${percent(line.drills)}%`"
              height="10"
              :fill="ACTION_FACTS[line.action].resists ? `url(#hatch-${plane})` : 'var(--color-paper)'"
              :stroke="line.drills > 0 ? `var(--color-${plane})` : 'none'"
              stroke-width="1.3"
              :stroke-dasharray="ACTION_FACTS[line.action].resists ? undefined : '3 2'"
            />
            <svg
              :x="`${percent(line.band.low)}%`"
              class="overflow-visible"
            ><path
              d="M5 1H1v16h4"
              fill="none"
              stroke="var(--color-ink)"
              stroke-width="1.8"
            /></svg>
            <svg
              :x="`${percent(line.band.high)}%`"
              class="overflow-visible"
            ><path
              d="M-5 1h4v16h-4"
              fill="none"
              stroke="var(--color-ink)"
              stroke-width="1.8"
            /></svg>
          </svg>
          <span
            class="figure text-right text-[0.88em] whitespace-nowrap"
            :class="verdict(line) ? 'text-signal-ink font-bold' : 'text-quiet'"
            aria-hidden="true"
          >{{ verdict(line) || done(line) }}</span>
        </li>
      </ul>
    </div>
    <ul class="flex flex-wrap gap-x-3 text-[0.85em] border-t border-line pt-1.5">
      <li class="flex items-center gap-1">
        <span class="inline-block w-4 h-2.5 bg-block" /> lifts
      </li>
      <li class="flex items-center gap-1">
        <span
          class="inline-block w-4 h-2.5 border border-sagittal
            bg-[repeating-linear-gradient(0deg,var(--color-sagittal)_0_1px,transparent_1px_4px)]"
        /> resisting
      </li>
      <li class="flex items-center gap-1">
        <span class="inline-block w-4 h-2.5 border border-dashed border-sagittal" /> making
      </li>
      <li><span class="figure">[ ]</span> target</li>
    </ul>
    <dl class="grid grid-cols-2 gap-x-3 mt-2 text-[0.92em]">
      <dt>Trunk work</dt>
      <dd class="figure text-right">
        {{ trunkMinutes }} min
      </dd>
      <dt>Fast contacts</dt>
      <dd class="figure text-right">
        {{ ledger.contacts }}
      </dd>
      <dt>Activation</dt>
      <dd class="figure text-right">
        {{ minutes(ledger.activationS) }}
      </dd>
      <dt>Mobility</dt>
      <dd class="figure text-right">
        {{ minutes(ledger.mobilityS) }}
      </dd>
      <dt>Resisting : making</dt>
      <dd class="figure text-right">
        {{ inSets(ledger.resisting) }} : {{ inSets(ledger.making) }}
      </dd>
      <dt>Left : right</dt>
      <dd class="figure text-right">
        {{ Math.round(ledger.leftS) }} : {{ Math.round(ledger.rightS) }} s
      </dd>
      <dt>Holding : moving</dt>
      <dd class="figure text-right">
        {{ Math.round(ledger.isometricS) }} : {{ Math.round(ledger.movingS) }} s
      </dd>
      <template v-if="moment && moment.known > 0">
        <dt>Moment × time</dt>
        <dd
          class="figure text-right"
          :title="`${moment.known} of ${moment.drills} drills have a computed moment for this body`"
        >
          {{ moment.kNms.toFixed(1) }} kN·m·s
        </dd>
      </template>
    </dl>
    <p
      v-if="ledger.making > ledger.resisting"
      class="caution mt-2"
    >
      More movement is made than resisted: resisting comes first.
    </p>
  </section>
</template>
