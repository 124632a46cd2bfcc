<script setup lang="ts">
import { ACTION_FACTS, PLANES, type Plane, type TrunkAction } from '~~/core/catalogue'
import type { Ledger, LedgerLine } from '~~/core/programme'
import PlaneName from '~/components/plane/PlaneName.vue'

/** The plane ledger: per action, lifts and drills against a bracket, and what is short, in seconds of work. */
const props = defineProps<{
  ledger: Ledger
  trunkMinutes: number
  /** Moment x time of the week for this body, and how many drills have a computed moment. */
  moment?: { readonly kNms: number, readonly known: number, readonly drills: number } | null
}>()
const emit = defineEmits<{ open: [action: TrunkAction] }>()

const scaleS = computed(() =>
  Math.max(60, ...props.ledger.lines.map(line => Math.max(line.band.highS, line.liftsS + line.drillsS))) * 1.04)
const percent = (seconds: number): number => (seconds / scaleS.value) * 100
const linesOf = (plane: Plane): LedgerLine[] =>
  props.ledger.lines.filter(line => ACTION_FACTS[line.action].plane === plane)
const done = (line: LedgerLine): number => Math.round(line.liftsS + line.drillsS)

function verdict(line: LedgerLine): string {
  if (line.shortS >= 1) return `short ${Math.round(line.shortS)}`
  if (line.overS >= 1) return `over ${Math.round(line.overS)}`
  return ''
}

function spoken(line: LedgerLine): string {
  const { lowS, highS } = line.band
  return `${ACTION_FACTS[line.action].label}: ${Math.round(line.liftsS)} seconds from lifts, ${
    Math.round(line.drillsS)
  } from drills, `
    + `target ${lowS} to ${highS}${verdict(line) ? `, ${verdict(line)} seconds` : ', inside the target'}`
}
</script>

<template>
  <section
    class="panel border-t-0 border-l-3 border-ink"
    aria-label="Plane ledger"
  >
    <h2>Plane ledger, this week</h2>
    <p class="text-quiet text-[0.88em] mb-2">
      seconds of trunk work against the target
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
              :width="`${percent(line.liftsS)}%`"
              height="10"
              fill="var(--color-block)"
            />
            <rect
              :x="`${percent(line.liftsS)}%`"
              y="4"
              :width="`${percent(line.drillsS)}%`"
              height="10"
              :fill="ACTION_FACTS[line.action].resists ? `url(#hatch-${plane})` : 'var(--color-paper)'"
              :stroke="line.drillsS > 0 ? `var(--color-${plane})` : 'none'"
              stroke-width="1.3"
              :stroke-dasharray="ACTION_FACTS[line.action].resists ? undefined : '3 2'"
            />
            <svg
              :x="`${percent(line.band.lowS)}%`"
              class="overflow-visible"
            ><path
              d="M5 1H1v16h4"
              fill="none"
              stroke="var(--color-ink)"
              stroke-width="1.8"
            /></svg>
            <svg
              :x="`${percent(line.band.highS)}%`"
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
          >{{ verdict(line) || `${done(line)} s` }}</span>
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
      <dt>Resisting : making</dt>
      <dd class="figure text-right">
        {{ Math.round(ledger.resistingS) }} : {{ Math.round(ledger.makingS) }} s
      </dd>
      <dt>Left : right</dt>
      <dd class="figure text-right">
        {{ Math.round(ledger.leftS) }} : {{ Math.round(ledger.rightS) }} s
      </dd>
      <dt>Holding : moving</dt>
      <dd class="figure text-right">
        {{ Math.round(ledger.isometricS) }} : {{ Math.round(ledger.movingS) }} s
      </dd>
      <dt>Bending, made</dt>
      <dd class="figure text-right">
        {{ Math.round(ledger.bendingS) }} s
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
      v-if="ledger.makingS > ledger.resistingS"
      class="caution mt-2"
    >
      More movement is made than resisted: resisting comes first.
    </p>
  </section>
</template>
