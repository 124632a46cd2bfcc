<script setup lang="ts">
import { bracedRepS } from '~~/core/dose'
import {
  LIFT_IDS, liftAmountMost, liftDurationS, liftFacts, LIFTS, type LiftId, type PlannedLift,
} from '~~/core/programme'
import SelectField from '~/components/common/SelectField.vue'
import TextField from '~/components/common/TextField.vue'

/** One lift of a session: what, how much, how heavy; says at once how long a rep is braced. */
const props = defineProps<{ lift: PlannedLift, isNew: boolean }>()
const emit = defineEmits<{ put: [lift: PlannedLift], remove: [] }>()

const typed = reactive({
  lift: props.lift.lift as LiftId,
  sets: String(props.lift.sets),
  reps: String(props.lift.reps),
  percent1Rm: String(props.lift.percent1Rm),
})
const asked = ref(false)

const value = computed((): PlannedLift => {
  const number = (text: string): number => (text.trim() === '' ? NaN : Number(text.replace(',', '.')))
  return {
    id: props.lift.id, lift: typed.lift, sets: number(typed.sets), reps: number(typed.reps),
    percent1Rm: number(typed.percent1Rm),
  }
})
/** What a set is counted in: a carry or a sled goes some way. */
const counted = computed(() => (liftFacts(typed.lift).counted ? 'Metres' : 'Reps'))
const problems = computed(() => {
  const found: Record<string, string> = {}
  const { sets, reps, percent1Rm } = value.value
  if (!(Number.isInteger(sets) && sets >= 1 && sets <= 12)) found.sets = 'Sets go from 1 to 12.'
  const most = liftAmountMost(typed.lift)
  if (!(Number.isInteger(reps) && reps >= 1 && reps <= most)) found.reps = `${counted.value} go from 1 to ${most}.`
  if (!(percent1Rm >= 20 && percent1Rm <= 100)) found.percent1Rm = 'Load goes from 20 to 100 % of 1RM.'
  return found
})
const good = computed(() => Object.keys(problems.value).length === 0)
const repS = computed(() => (good.value ? bracedRepS(liftFacts(typed.lift).rep, value.value.percent1Rm) : null))

function submit(): void {
  asked.value = true
  if (good.value) emit('put', value.value)
}
</script>

<template>
  <form
    class="flex flex-col gap-3"
    novalidate
    @submit.prevent="submit"
  >
    <SelectField
      v-model="typed.lift"
      label="Lift"
      name="lift"
      :options="LIFT_IDS.map(key => [key, LIFTS[key].name] as const)"
    />
    <div class="grid grid-cols-3 gap-3">
      <TextField
        v-for="[field, label] in ([['sets', 'Sets'], ['reps', counted], ['percent1Rm', '% of 1RM']] as const)"
        :key="field"
        v-model="typed[field]"
        :label="label"
        :name="`lift-${field}`"
        inputmode="numeric"
        figure
        :problem="asked ? problems[field] : undefined"
      />
    </div>
    <p
      v-if="repS !== null"
      class="text-quiet"
    >
      {{ counted === 'Metres' ? 'One metre' : 'One rep' }} is braced for
      <b class="figure text-ink">{{ repS.toFixed(1) }} s</b>; the lift takes about
      <b class="figure text-ink">{{ Math.round(liftDurationS(value) / 60) }} min</b> with warm-up sets and rests.
    </p>
    <div class="flex gap-2">
      <button
        type="submit"
        class="btn btn-main"
      >
        {{ isNew ? 'Add lift' : 'Change lift' }}
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
