<script setup lang="ts">
import { SPORT_PROFILE_IDS, SPORT_PROFILES } from '~~/core/programme'
import type { Group } from '~~/shared/types'
import ChipChoice from '~/components/common/ChipChoice.vue'
import SelectField from '~/components/common/SelectField.vue'
import TextField from '~/components/common/TextField.vue'
import { toggled, type AthleteFormState } from '~/composables/useAthleteForm'

/** Who the athlete is: what bodies are scaled by, and what sport and groups ask for. */
const props = defineProps<{ form: AthleteFormState, groups: readonly Group[] }>()
const emit = defineEmits<{ addGroup: [name: string] }>()

const { words, typed, problems, unit } = props.form
const newGroup = ref('')
const SPORTS = SPORT_PROFILE_IDS.map(key => [key, SPORT_PROFILES[key].name] as const)
const sportWhy = computed(() => (SPORT_PROFILES as Partial<typeof SPORT_PROFILES>)[words.sport]?.why)
const groupNames = computed(() => Object.fromEntries(props.groups.map(group => [group.id, group.name])))

function addGroup(): void {
  if (newGroup.value.trim().length < 2) return
  emit('addGroup', newGroup.value.trim())
  newGroup.value = ''
}
</script>

<template>
  <fieldset class="panel grid md:grid-cols-3 gap-3">
    <legend class="sr-only">
      Who
    </legend>
    <TextField
      v-model="words.name"
      label="Name"
      name="name"
      :problem="problems.name"
    />
    <SelectField
      v-model="words.sport"
      label="Sport profile"
      name="sport"
      :options="SPORTS"
      :hint="sportWhy"
      unchosen="Choose a sport …"
      :problem="problems.sport"
    />
    <TextField
      v-model="words.position"
      label="Position"
      name="position"
      :problem="problems.position"
    />
    <SelectField
      v-model="words.sex"
      label="Sex for body scaling"
      name="sex"
      :options="[['female', 'female'], ['male', 'male']]"
      hint="Decides segment masses and lengths only."
      unchosen="Choose …"
      :problem="problems.sex"
    />
    <TextField
      v-model="typed.height"
      :label="`Height, ${unit.length}`"
      name="height"
      inputmode="decimal"
      figure
      :problem="problems.heightCm"
    />
    <TextField
      v-model="typed.mass"
      :label="`Body mass, ${unit.mass}`"
      name="mass"
      inputmode="decimal"
      figure
      :problem="problems.massKg"
    />
    <TextField
      v-model="typed.birthYear"
      label="Birth year"
      name="birthYear"
      inputmode="numeric"
      figure
      :problem="problems.birthYear"
    />
    <TextField
      v-model="typed.trainingAge"
      label="Training age, years"
      name="trainingAge"
      inputmode="decimal"
      figure
      hint="Years of regular strength training."
      :problem="problems.trainingAgeYears"
    />
    <div>
      <ChipChoice
        legend="Groups"
        :options="groupNames"
        :pressed="words.groupIds"
        :problem="problems.groupIds"
        @choose="words.groupIds = toggled(words.groupIds, $event)"
      />
      <div class="flex gap-1.5 mt-1.5">
        <input
          v-model="newGroup"
          class="field w-32"
          placeholder="New group"
          aria-label="Name of a new group"
          @keydown.enter.prevent="addGroup"
        >
        <button
          type="button"
          class="btn"
          @click="addGroup"
        >
          Add
        </button>
      </div>
    </div>
  </fieldset>
</template>
