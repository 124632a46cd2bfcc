<script setup lang="ts">
import {
  BREATH_PATTERNS, DRILL_KINDS, MODES, MUSCLE_GROUPS, POSTURES, REGIONS, type Catalogue, type OwnVariation,
  type Variation,
} from '~~/core/catalogue'
import ChipChoice from '~/components/common/ChipChoice.vue'
import SelectField from '~/components/common/SelectField.vue'
import { toggled } from '~/words/toggled'
import ActionSharesField from './ActionSharesField.vue'

/** What a drill of one's own asks of the trunk and of the rest of the body. */
const props = defineProps<{ draft: OwnVariation, catalogue: Catalogue, problems: Readonly<Record<string, string>> }>()
const emit = defineEmits<{ put: [change: Partial<Variation>] }>()

const entries = <K extends string>(table: Readonly<Record<K, string>>) => Object.entries(table) as [K, string][]
const numbers = (to: number, of: string) => Array.from({ length: to }, (_, i) => [i + 1, `${i + 1} ${of}`] as const)
const TIRES = Object.fromEntries(REGIONS.map(r => [r, r.replace(/([A-Z])/g, ' $1').toLowerCase()])) as Record<
  (typeof REGIONS)[number],
  string
>
const DRILLS = computed(
  () => [
    ['', 'nothing more'] as const,
    ...props.catalogue.variations.filter(v => v.id !== props.draft.id).map(v => [v.id, v.name] as const),
  ]
)
const KINDS = [
  ['', 'to load the trunk'], ['activation', DRILL_KINDS.activation], ['mobility', DRILL_KINDS.mobility],
  ['brace', DRILL_KINDS.brace],
] as const
</script>

<template>
  <section class="panel flex flex-col gap-3">
    <ActionSharesField
      :shares="draft.shares"
      :may-be-none="draft.kind !== undefined"
      :problem="problems.shares ?? Object.entries(problems).find(([p]) => p.startsWith('shares.'))?.[1]"
      @put="emit('put', { shares: $event })"
    />
    <div class="grid grid-cols-2 md:grid-cols-5 gap-3">
      <SelectField
        :model-value="draft.kind ?? ''"
        label="What it is there for"
        name="kind"
        :options="KINDS"
        @update:model-value="emit('put', { kind: $event || undefined })"
      />
      <SelectField
        :model-value="draft.mode"
        label="How the trunk works"
        name="mode"
        :options="entries(MODES)"
        @update:model-value="emit('put', { mode: $event })"
      />
      <SelectField
        :model-value="draft.posture"
        label="Posture"
        name="posture"
        :options="entries(POSTURES)"
        @update:model-value="emit('put', { posture: $event })"
      />
      <SelectField
        :model-value="draft.sides"
        label="Sides"
        name="sides"
        :options="[['both', 'both at once'], ['each', 'one after the other']]"
        @update:model-value="emit('put', { sides: $event })"
      />
      <SelectField
        :model-value="draft.breath"
        label="Breath"
        name="breath"
        :options="entries(BREATH_PATTERNS)"
        @update:model-value="emit('put', { breath: $event })"
      />
      <SelectField
        :model-value="draft.braceStep"
        label="Brace step first"
        name="braceStep"
        :options="numbers(7, 'of 7')"
        @update:model-value="emit('put', { braceStep: $event })"
      />
      <SelectField
        :model-value="draft.fatigue"
        label="Fatigue"
        name="fatigue"
        :options="numbers(5, 'of 5')"
        @update:model-value="emit('put', { fatigue: $event as Variation['fatigue'] })"
      />
      <SelectField
        :model-value="draft.spineCost"
        label="Cost to the spine"
        name="spineCost"
        :options="numbers(3, 'of 3')"
        @update:model-value="emit('put', { spineCost: $event as Variation['spineCost'] })"
      />
      <SelectField
        :model-value="draft.prerequisites?.[0] ?? ''"
        label="Comes after"
        name="prerequisites"
        :options="DRILLS"
        @update:model-value="emit('put', { prerequisites: $event ? [$event] : [] })"
      />
    </div>
    <ChipChoice
      legend="Works"
      :options="MUSCLE_GROUPS"
      :pressed="draft.muscles"
      :problem="problems.muscles"
      @choose="emit('put', { muscles: toggled(draft.muscles, $event) })"
    />
    <ChipChoice
      legend="Tires besides the trunk"
      :options="TIRES"
      :pressed="draft.tires"
      @choose="emit('put', { tires: toggled(draft.tires, $event) })"
    />
  </section>
</template>
