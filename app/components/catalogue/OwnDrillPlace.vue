<script setup lang="ts">
import type { Catalogue, Ladder, OwnVariation } from '~~/core/catalogue'
import SelectField from '~/components/common/SelectField.vue'
import TextField from '~/components/common/TextField.vue'
import { NEW_LADDER } from '~/composables/useOwnDrill'

/** What a drill of one's own is called, and where it stands. */
const props = defineProps<{
  draft: OwnVariation
  /** Words of the ladder that is begun with it. */
  ladder: Pick<Ladder, 'name' | 'aim'>
  catalogue: Catalogue
  places: readonly (readonly [string, string])[]
  place: string
  isNew: boolean
  likeName: string
  problems: Readonly<Record<string, string>>
}>()
const emit = defineEmits<{
  put: [change: Partial<OwnVariation>]
  place: [at: string]
  ladder: [ladderId: string]
  ladderWords: [words: Partial<Pick<Ladder, 'name' | 'aim'>>]
}>()

const LADDERS = computed(
  () => [...props.catalogue.ladders.map(l => [l.id, l.name] as const), [NEW_LADDER, 'a new ladder …'] as const]
)
const ladderProblem = (field: 'name' | 'aim'): string | undefined =>
  props.problems[`ladder.${field}`]
    ?? Object.entries(props.problems).find(([at]) => new RegExp(`^ladders\\.\\d+\\.${field}$`).test(at))?.[1]
const placeProblem = computed(() =>
  ['ladder', 'rung', 'beside', 'ladder.rungs', 'id'].map(field => props.problems[field]).find(Boolean)
)
</script>

<template>
  <section class="panel grid md:grid-cols-2 gap-3">
    <TextField
      :model-value="draft.name"
      label="Name"
      name="name"
      :hint="likeName ? `Starts as a copy of ${likeName}. Say what it is; no names of people or brands.` : undefined"
      :problem="problems.name"
      @update:model-value="emit('put', { name: $event })"
    />
    <TextField
      :model-value="draft.purpose"
      label="What it is for, one line for the athlete"
      name="purpose"
      :problem="problems.purpose"
      @update:model-value="emit('put', { purpose: $event })"
    />
    <SelectField
      :model-value="draft.ladder"
      label="Ladder"
      name="ladder"
      :options="LADDERS"
      :disabled="!isNew"
      :hint="isNew ? undefined : 'Copy the drill to put it on another ladder.'"
      @update:model-value="emit('ladder', $event)"
    />
    <SelectField
      :model-value="place"
      label="Place on it"
      name="rung"
      :options="places"
      @update:model-value="emit('place', $event)"
    />
    <template v-if="draft.ladder === NEW_LADDER">
      <TextField
        :model-value="ladder.name"
        label="Name of the new ladder"
        name="ladder-name"
        :problem="ladderProblem('name')"
        @update:model-value="emit('ladderWords', { name: $event })"
      />
      <TextField
        :model-value="ladder.aim"
        label="What the ladder is for"
        name="ladder-aim"
        :problem="ladderProblem('aim')"
        @update:model-value="emit('ladderWords', { aim: $event })"
      />
    </template>
    <p
      v-if="placeProblem"
      class="problem"
      role="alert"
    >
      {{ placeProblem }}
    </p>
  </section>
</template>
