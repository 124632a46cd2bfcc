<script setup lang="ts">
import { LIFT_IDS, LIFTS } from '~~/core/programme'
import SelectField from '~/components/common/SelectField.vue'
import TextField from '~/components/common/TextField.vue'
import type { AthleteFormState } from '~/composables/useAthleteForm'
import { useCatalogue } from '~/composables/useCatalogue'

/** What the athlete wants: in words, as a drill, as a lift. */
const props = defineProps<{ form: AthleteFormState }>()

const { words, problems } = props.form
const catalogue = useCatalogue()
const DRILLS = computed(
  () => [[null, 'none'] as const, ...catalogue.value.variations.map(v => [v.id, v.name] as const)]
)
const LIFT_CHOICES = [[null, 'none'] as const, ...LIFT_IDS.map(key => [key, LIFTS[key].name] as const)]
</script>

<template>
  <fieldset class="panel grid md:grid-cols-3 gap-3">
    <legend class="sr-only">
      Goal
    </legend>
    <TextField
      v-model="words.goal"
      label="Goal, in the athlete's words"
      name="goal"
      area
      :problem="problems.goal"
    />
    <SelectField
      v-model="words.goalVariationId"
      label="Drill to reach, if it is one"
      name="goalVariation"
      :options="DRILLS"
    />
    <SelectField
      v-model="words.goalLift"
      label="Lift to reach, if it is one"
      name="goalLift"
      :options="LIFT_CHOICES"
    />
  </fieldset>
</template>
