<script setup lang="ts">
import { DAY_NAMES_LONG } from '~/words/inWords'
import SelectField from '~/components/common/SelectField.vue'
import TextField from '~/components/common/TextField.vue'

/** Day and minutes of a session, and whether somebody watches. */
const props = withDefaults(defineProps<{ day: number, minutes: number, supervised?: boolean, isNew: boolean }>(), {
  supervised: true,
})
const emit = defineEmits<{ put: [day: number, minutes: number, supervised: boolean], remove: [] }>()

const day = ref(props.day)
const minutes = ref(String(props.minutes))
const supervised = ref(props.supervised)
const asked = ref(false)
const problem = computed(() => {
  const value = Number(minutes.value)
  return Number.isInteger(value) && value >= 5 && value <= 240 ? undefined : 'Minutes go from 5 to 240.'
})

function submit(): void {
  asked.value = true
  if (!problem.value) emit('put', day.value, Number(minutes.value), supervised.value)
}
</script>

<template>
  <form
    class="flex flex-col gap-3"
    novalidate
    @submit.prevent="submit"
  >
    <SelectField
      v-model="day"
      label="Day"
      name="session-day"
      :options="DAY_NAMES_LONG.map((name, index) => [index, name] as const)"
    />
    <TextField
      v-model="minutes"
      label="Minutes there are"
      name="session-minutes"
      inputmode="numeric"
      figure
      :problem="asked ? problem : undefined"
    />
    <label class="flex gap-2 items-center">
      <input
        v-model="supervised"
        type="checkbox"
        name="session-supervised"
      > Somebody watches
    </label>
    <div class="flex gap-2">
      <button
        type="submit"
        class="btn btn-main"
      >
        {{ isNew ? 'Add session' : 'Change session' }}
      </button>
      <button
        v-if="!isNew"
        type="button"
        class="btn"
        @click="emit('remove')"
      >
        Take it out
      </button>
    </div>
  </form>
</template>
