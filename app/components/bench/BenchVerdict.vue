<script setup lang="ts">
import type { Effort } from '~~/core/capacity'
import { gateText, mainLabel } from '~~/core/catalogue'
import { formatDose, sameWork, type Dose } from '~~/core/dose'
import { findModel, ORDER_NOTES, poseOf, shownNm, type Component, type Found, type Verdict } from '~~/core/mechanics'
import { useCatalogue } from '~/composables/useCatalogue'
import { benchEffortText } from '~/words/effortWords'
import type { BenchRung } from '~/words/reckon'

/** What it comes to, as a sentence: against the present rung, with the gate, equal work and what it needs. */
const props = defineProps<{
  live: BenchRung
  base: BenchRung | null
  verdict: { ratio: number, verdict: Verdict } | null
  /** The lightest dose at the pace that is set, its moment x time, and how that stands to the present rung's. */
  work: { dose: Dose, kNms: number, ratio: number | null } | null
  /** What one set of that dose comes to for this athlete; null: not known. */
  effort: Effort | null
  doubt: number
  found: readonly Found[] | null
  editable: boolean
  isPresent: boolean
  busy: boolean
}>()
const emit = defineEmits<{ put: [], week: [], take: [found: Found] }>()

const WAY: Readonly<Record<Component, readonly [string, string]>> = {
  sagittal: ['arching', 'folding'], frontal: ['bending to the left', 'bending to the right'],
  transverse: ['twisting to the right', 'twisting to the left'],
}
const title = computed(() => (props.isPresent && (props.verdict?.verdict ?? 'about the same') === 'about the same'
  ? 'The present rung'
  : props.verdict?.verdict.replace(/^./, c => c.toUpperCase()) ?? props.live.variation.name)
)
const way = computed(
  () => (props.live.result ? WAY[props.live.result.dominant][props.live.result.dominantNm > 0 ? 1 : 0] : '')
)
const nm = computed(() => shownNm(props.live.nm))
const range = computed(() => [1 - props.doubt, 1 + props.doubt].map(f => shownNm(props.live.nm * f)))
const catalogue = useCatalogue()
/** The dose that holds moment x time of the present rung's first dose. */
const equal = computed(() => {
  const [now, before] = [props.live.variation.doses[0], props.base?.variation.doses[0]]
  if (!now || !before || !props.verdict || props.isPresent || now.unit !== 'seconds') return null
  const sets =
    sameWork({ ...before, sets: Math.max(1, Math.round(before.sets / props.verdict.ratio)) }, {
      amount: now.amount, unit: now.unit, restS: now.restS,
    }).sets
  return `${sets} × ${now.amount} s`
})
/** ", feet raised 45 cm": the slider that was moved to get there. */
function movedText({ variationId, moved, settings }: Found): string {
  const facts = moved ? findModel(poseOf(catalogue.value.find(variationId)!)!.model)!.settings[moved] : undefined
  return facts && moved ? `, ${facts.label.toLowerCase()} ${settings[moved]} ${facts.unit}` : ''
}
const skips = computed(() => props.live.variation.rung - (props.base?.variation.rung ?? 0) - 1)
/** Where the number says otherwise than the order of the rungs: why the order stands. */
const orderNotes = computed(() => ORDER_NOTES.filter(note =>
  [note.easier, note.harder].includes(props.live.variation.id)
).map(({ easier, harder, why }) => {
  const isHarder = harder === props.live.variation.id
  const other = catalogue.value.find(isHarder ? easier : harder)?.name.toLowerCase() ?? ''
  return { id: other, text: `${isHarder ? 'Above' : 'Below'} ${other} although its moment is ${
    isHarder ? 'no more' : 'no less'}: ${why.charAt(0).toLowerCase()}${why.slice(1)}` }
}))
</script>

<template>
  <div class="flex flex-col gap-1.5">
    <h2 class="text-[1.5rem]">
      {{ title }}
    </h2>
    <p v-if="live.result">
      About <b class="figure">{{ nm }} N·m</b> of {{ way }} at
      {{ live.result.section === 'lumbar' ? 'L4/L5' : 'T12' }}<template v-if="verdict">,
        <b class="figure">{{ verdict.ratio.toFixed(1) }}</b> times the present rung</template>;
      the band of doubt is <span class="figure">{{ range[0] }}–{{ range[1] }}</span>.
      <template v-if="live.result.handsShare > 0.01">
        Hands carry <span class="figure">{{ Math.round(live.result.handsShare * 100) }} %</span>.
      </template>
    </p>
    <p v-else>
      {{ live.problem }}
    </p>
    <p
      v-if="live.removed.length > 0"
      class="caution"
    >
      Not for this athlete: {{ live.removed.map(r => r.text).join(' ') }}
    </p>
    <p v-if="work">
      <span class="figure">{{ formatDose(work.dose, live.variation.sides) }}</span> is
      <b class="figure">{{ work.kNms.toFixed(1) }}</b> kN·m·s of moment ×
      time<template
        v-if="work.ratio !== null && !(isPresent
          && Math.abs(work.ratio - 1) < 0.005)"
      >, <b class="figure">{{ work.ratio.toFixed(1) }}</b> times the present rung’s lightest dose</template>.
    </p>
    <p
      v-if="effort"
      role="status"
    >
      {{ benchEffortText(effort) }}
    </p>
    <p v-if="equal">
      Same work as the present rung’s lightest dose: <b class="figure">{{ equal }}</b>.
    </p>
    <p>
      Gate: <span class="figure">{{ gateText(live.variation, live.massKg) }}</span>.
      {{ live.variation.gate.seen }}
    </p>
    <p
      v-if="skips > 0"
      class="caution"
    >
      Skips {{ skips }} {{ skips === 1 ? 'rung' : 'rungs' }}: each has a gate of its own.
    </p>
    <p
      v-for="note in orderNotes"
      :key="note.id"
      class="text-quiet"
    >
      {{ note.text }}
    </p>
    <p class="text-quiet">
      Mostly {{ mainLabel(live.variation) }}. Own range, own rung.
    </p>
    <div
      v-if="found"
      class="border-t border-line pt-1"
    >
      <p
        v-if="found.length === 0"
        class="text-quiet"
      >
        Nothing near that with what is at hand.
      </p>
      <button
        v-for="one in found"
        :key="one.variationId"
        type="button"
        class="block text-left underline underline-offset-2"
        @click="emit('take', one)"
      >
        {{ catalogue.find(one.variationId)?.name }}{{ movedText(one) }}
        <span class="figure">{{ one.ratio.toFixed(2) }}×</span>
      </button>
    </div>
    <p class="flex flex-wrap gap-2 mt-1">
      <button
        v-if="editable"
        type="button"
        class="btn btn-main"
        :disabled="busy || isPresent || live.removed.length > 0"
        @click="emit('put')"
      >
        Put on this rung <kbd>Enter</kbd>
      </button>
      <button
        v-if="editable"
        type="button"
        class="btn"
        :disabled="live.removed.length > 0"
        @click="emit('week')"
      >
        Add to the week <kbd>w</kbd>
      </button>
    </p>
  </div>
</template>
