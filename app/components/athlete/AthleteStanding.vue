<script setup lang="ts">
import { ACTION_FACTS, TRUNK_ACTIONS } from '~~/core/catalogue'
import SelectField from '~/components/common/SelectField.vue'
import type { AthleteFormState } from '~/composables/useAthleteForm'
import { useCatalogue } from '~/composables/useCatalogue'

/** Where the athlete stands: brace, weak link, the rung of every ladder. */
const props = defineProps<{ form: AthleteFormState }>()

const { words, problems } = props.form
const catalogue = useCatalogue()
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
        v-for="ladder in catalogue.ladders"
        :key="ladder.id"
        :model-value="words.rungs[ladder.id] ?? 1"
        :label="ladder.name"
        :name="`rung-${ladder.id}`"
        :options="ladder.rungs.map(rung => [rung.rung, `${rung.rung} · ${rung.name}`] as const)"
        @update:model-value="words.rungs = { ...words.rungs, [ladder.id]: $event }"
      />
    </div>
    <p
      v-if="problems.rungs"
      class="problem"
    >
      {{ problems.rungs }}
    </p>
  </fieldset>
</template>
