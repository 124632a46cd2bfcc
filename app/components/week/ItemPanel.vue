<script setup lang="ts">
import type { KnownTrunk } from '~~/core/capacity'
import { BREATH_PATTERNS, SETTINGS, type SettingValues } from '~~/core/catalogue'
import { timeUnderTensionS, type Dose } from '~~/core/dose'
import {
  liftFacts, slotText, type Alternative, type ItemEffort, type LastTime, type Mend, type PlannedSession, type TrunkItem,
} from '~~/core/programme'
import type { Conflict } from '~~/core/rules'
import type { WeekRules } from '~~/core/policy'
import { keyOf } from '~~/core/prescription'
import { breathFor, type Screen } from '~~/core/screening'
import { useCatalogue } from '~/composables/useCatalogue'
import type { AthleteInput } from '~~/shared/types'
import { worthText } from '~/words/effortWords'
import { workAgainst } from '~/words/workAgainst'
import DoseDrag from './DoseDrag.vue'
import DoseEditor from './DoseEditor.vue'
import ItemLocks from './ItemLocks.vue'
import ItemOverrule from './ItemOverrule.vue'
import LoadEditor from './LoadEditor.vue'
import WhyThisLoad from './WhyThisLoad.vue'
import PlaneMark from '~/components/plane/PlaneMark.vue'

/** What the selected drill is for, why it stands here, and what it costs to overrule it. */
const props = defineProps<{
  item: TrunkItem
  /** What it is worth to the athlete; null for a drill that nobody knows. */
  worth: ItemEffort | null
  trunk: KnownTrunk
  /** Loads that there are for it, lightest first. */
  loads: readonly number[]
  session: PlannedSession
  sessionTitle: string
  swaps: readonly Alternative[]
  conflicts: readonly Conflict[]
  /** The athlete on the session's day. */
  screen: Screen
  /** The same drill, or its ladder, in the week before. */
  last: LastTime | null
  /** "Thu 19", for the day of it. */
  lastDay: string
  /** Whose moments are compared. */
  body: Pick<AthleteInput, 'sex' | 'heightCm' | 'massKg'>
  editable: boolean
  /** What stand-ins and leaving it out would leave wanting more, weighted full sets. */
  costs: { readonly swaps: readonly number[], readonly drop: number }
  mends: readonly { readonly conflict: Conflict, readonly mend: Mend | null }[]
  rules: WeekRules
  problem: string
}>()
const emit = defineEmits<{
  dose: [dose: Dose]
  setting: [setting: SettingValues]
  swap: [index: number]
  remove: []
  keep: []
  nudge: [step: 1 | -1]
  extra: [side: 'left' | 'right' | null]
  mend: [conflict: Conflict]
  lock: [to: 'never' | readonly string[] | null]
  note: [text: string]
}>()

const catalogue = useCatalogue()
const variation = computed(() => catalogue.value.find(props.item.variationId))
const seconds = computed(
  () => (variation.value ? timeUnderTensionS(props.item.dose, variation.value.sides, props.item.extraSetSide) : 0)
)
const lastText = computed(() => {
  const before = props.last ? catalogue.value.find(props.last.variationId) : undefined
  if (!props.last || !before || !variation.value) return ''
  return workAgainst(
    { item: props.item, variation: variation.value, seconds: seconds.value },
    { ...props.last, variation: before }, props.lastDay, props.body,
  )
})
const breath = computed(() => (variation.value ? breathFor(variation.value.breath, props.screen) : null))
const placeText = computed(() => {
  const partner = props.session.lifts.find(lift => lift.id === props.item.pairedWith)
  return partner
    ? `${props.item.slot === 'inside' ? 'inside' : 'between the sets of'} the ${
      liftFacts(partner.lift).name.toLowerCase()
    }`
    : slotText(props.item.slot, props.session)
})

const mendOf = (conflict: Conflict): Mend | null =>
  props.mends.find(m => m.conflict.rule === conflict.rule && m.conflict.itemId === conflict.itemId)?.mend ?? null
</script>

<template>
  <section
    v-if="variation"
    class="panel border-signal grid lg:grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)_minmax(0,1.1fr)] gap-x-6 gap-y-3"
    :aria-label="variation.name"
  >
    <div>
      <h2 class="flex items-center gap-2">
        <PlaneMark
          :shares="variation.shares"
          :width="22"
          :height="16"
        />
        {{ variation.name }}
      </h2>
      <p class="mb-2">
        {{ variation.purpose }}
      </p>
      <DoseEditor
        v-if="editable"
        :key="item.id"
        :dose="item.dose"
        :sides="variation.sides"
        @dose="emit('dose', $event)"
      />
      <DoseDrag
        v-if="editable"
        :dose="item.dose"
        @dose="emit('dose', $event)"
      />
      <LoadEditor
        v-if="editable && loads.length > 0"
        :key="`load ${item.id}`"
        :setting="item.setting"
        :by="keyOf(variation)"
        :loads="loads"
        @setting="emit('setting', $event)"
      />
      <template v-if="worth">
        <p class="mt-1.5">
          {{ worthText(worth) }}
        </p>
        <WhyThisLoad
          v-if="worth.kind === 'work'"
          :key="`why ${item.id}`"
          :worth="worth"
          :trunk="trunk"
        />
      </template>
      <p class="text-quiet mt-1.5 text-[0.92em]">
        <span class="figure">{{ Math.round(seconds) }} s</span>
        under tension<template v-if="lastText">: {{ lastText }}</template><template v-if="variation.sides === 'each'">

          · extra set:
          <button
            v-for="side in ([null, 'left', 'right'] as const)"
            :key="String(side)"
            type="button"
            class="underline-offset-2 mr-1.5"
            :class="item.extraSetSide === side ? 'font-bold' : 'underline'"
            :aria-pressed="item.extraSetSide === side"
            :disabled="!editable"
            @click="emit('extra', side)"
          >{{ side ?? 'none' }}</button>
        </template>
      </p>
      <p
        v-if="variation.settings.length > 0"
        class="text-quiet text-[0.92em]"
      >
        Written down with each set: {{ variation.settings.map(s => SETTINGS[s].label.toLowerCase()).join(', ') }}
      </p>
    </div>
    <div>
      <h2>Why here</h2>
      <p><b>{{ sessionTitle }}</b>, {{ placeText }}.</p>
      <p class="my-1">
        {{ item.why }}
      </p>
      <p
        v-for="conflict in conflicts"
        :key="conflict.rule"
        class="caution my-1"
      >
        {{ conflict.text }}
        <button
          v-if="editable && mendOf(conflict)"
          type="button"
          class="text-left underline underline-offset-2 font-semibold"
          @click="emit('mend', conflict)"
        >
          {{ mendOf(conflict)!.text }} <kbd>f</kbd>
        </button>
      </p>
      <p class="text-[0.92em]">
        <b>Ends when:</b> {{ variation.stopSign }} <b>Breath:</b> {{ breath ? BREATH_PATTERNS[breath.pattern] : '' }}.
        <span
          v-if="breath?.why"
          class="text-signal-ink"
        >{{ breath.why }}</span>
      </p>
      <p class="text-[0.92em]">
        <b>Cue:</b> {{ variation.cues.outside }}
      </p>
      <ItemLocks
        :key="item.id"
        :item="item"
        :rules="rules"
        :editable="editable"
        :problem="problem"
        @lock="emit('lock', $event)"
        @note="emit('note', $event)"
      />
    </div>
    <ItemOverrule
      :item="item"
      :swaps="swaps"
      :costs="costs"
      :editable="editable"
      @swap="emit('swap', $event)"
      @nudge="emit('nudge', $event)"
      @keep="emit('keep')"
      @remove="emit('remove')"
    />
  </section>
</template>
