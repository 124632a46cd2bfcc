<script setup lang="ts">
import { ACTION_FACTS, TRUNK_ACTIONS } from '~~/core/catalogue'
import SelectField from '~/components/common/SelectField.vue'
import type { AthleteFormState } from '~/composables/useAthleteForm'
import { useCatalogue } from '~/composables/useCatalogue'
import { branchesOf, branchName, type BranchLine } from '~/words/branchWords'

/** Where the athlete stands: brace, weak link, the rung of every branch. */
const props = defineProps<{ form: AthleteFormState }>()

const { words, problems } = props.form
const catalogue = useCatalogue()
const lines = computed(() => branchesOf(catalogue.value))
const on = ({ branch }: BranchLine, id: string): boolean => catalogue.value.find(id)?.branch === branch.id
const standOf = (line: BranchLine): string | null => words.stands.find(id => on(line, id)) ?? null
const optionsOf = ({ branch }: BranchLine) => [
  [null, 'at the ground'] as const, ...branch.rungs.map(rung => [rung.id, `${rung.rung} · ${rung.name}`] as const),
]
function put(line: BranchLine, id: string | null): void {
  words.stands = [...words.stands.filter(other => !on(line, other)), ...(id === null ? [] : [id])]
}
const ACTIONS = [[null, 'none known'] as const, ...TRUNK_ACTIONS.map(key => [key, ACTION_FACTS[key].label] as const)]
const STEPS = Array.from({ length: 7 }, (_, i) => [i + 1, `${i + 1} of 7`] as const)
</script>

<template>
  <fieldset class="panel">
    <legend class="sr-only">
      Where the athlete stands
    </legend>
    <h2 class="mb-2">
      Where the athlete stands
    </h2>
    <div class="grid md:grid-cols-3 gap-3">
      <SelectField
        v-model="words.braceStep"
        label="Brace step reached"
        name="braceStep"
        :options="STEPS"
      />
      <SelectField
        v-model="words.weakLink"
        label="Weak link"
        name="weakLink"
        :options="ACTIONS"
      />
      <SelectField
        v-model="words.weakSide"
        label="Weaker side"
        name="weakSide"
        :options="[[null, 'neither'], ['left', 'left'], ['right', 'right']]"
        :disabled="!words.weakLink"
      />
      <SelectField
        v-for="line in lines"
        :key="line.branch.id"
        :model-value="standOf(line)"
        :label="branchName(line)"
        :name="`rung-${line.branch.id}`"
        :options="optionsOf(line)"
        @update:model-value="put(line, $event)"
      />
    </div>
    <p
      v-if="problems.stands"
      class="problem"
    >
      {{ problems.stands }}
    </p>
  </fieldset>
</template>
