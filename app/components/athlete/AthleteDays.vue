<script setup lang="ts">
import { EQUIPMENT, type Equipment } from '~~/core/catalogue'
import ChipChoice from '~/components/common/ChipChoice.vue'
import TextField from '~/components/common/TextField.vue'
import { toggled, type AthleteFormState } from '~/composables/useAthleteForm'
import { DAY_NAMES } from '~/words/inWords'

/** When the athlete trains, and with what: nothing is taken for granted. */
const props = defineProps<{ form: AthleteFormState, gym: readonly Equipment[] }>()

const { words, typed, problems } = props.form
function take(equipment: readonly Equipment[]): void {
  words.equipment = equipment
  typed.equipmentSaid = true
}
</script>

<template>
  <fieldset class="panel">
    <legend class="sr-only">
      Days and equipment
    </legend>
    <h2 class="mb-1">
      Minutes available
    </h2>
    <p
      v-if="problems.available"
      class="problem"
      role="alert"
    >
      {{ problems.available }}
    </p>
    <div class="grid grid-cols-4 md:grid-cols-7 gap-2 max-w-2xl mb-4">
      <TextField
        v-for="(name, day) in DAY_NAMES"
        :key="name"
        v-model="typed.minutes[day]!"
        :label="name"
        :name="`minutes-${day}`"
        inputmode="numeric"
        figure
        placeholder="–"
        :problem="problems[`available.${day}`]"
      />
    </div>
    <ChipChoice
      legend="Equipment at hand"
      :options="EQUIPMENT"
      :pressed="words.equipment"
      :problem="problems.equipment"
      @choose="take(toggled(words.equipment, $event))"
    />
    <p class="flex flex-wrap gap-x-4 mt-1.5">
      <button
        type="button"
        class="underline underline-offset-2"
        @click="take(gym)"
      >
        What the gym has
      </button>
      <button
        type="button"
        class="underline underline-offset-2"
        @click="take([])"
      >
        The bare floor only
      </button>
    </p>
  </fieldset>
</template>
