<script setup lang="ts">
import { ACTION_FACTS, EQUIPMENT, TRUNK_ACTIONS } from '~~/core/catalogue'
import { LIFT_IDS, LIFTS, SPORT_PROFILE_IDS, SPORT_PROFILES } from '~~/core/programme'
import type { AthleteInput, Group, Units } from '~~/shared/types'
import { useCatalogue } from '~/composables/useCatalogue'
import { useAthleteForm } from '~/composables/useAthleteForm'
import { DAY_NAMES } from '~/composables/useWords'
import ChipChoice from '~/components/common/ChipChoice.vue'
import SelectField from '~/components/common/SelectField.vue'
import TextField from '~/components/common/TextField.vue'
import FlagChoice from './FlagChoice.vue'

/** All that is known about an athlete before anything is planned. */
const props = defineProps<{
  start: AthleteInput
  groups: readonly Group[]
  units: Units
  busy: boolean
  serverFields: Readonly<Record<string, string>>
  submitText: string
  /** Where the device keeps what is typed, and the version it starts from. */
  draftKey?: string
  version?: number
}>()
const emit = defineEmits<{
  save: [athlete: AthleteInput, base: { version: number, start: AthleteInput }]
  addGroup: [name: string]
  cancel: []
  startOver: []
}>()

const { base, restored, startOver, words, typed, value, problems, unit, check, showServer } = useAthleteForm(
  props.start, props.units, props.draftKey ?? null, props.version ?? 0)
const newGroup = ref('')
const root = ref<HTMLElement | null>(null)
watch(() => props.serverFields, fields => showServer(fields))

const SPORTS = SPORT_PROFILE_IDS.map(key => [key, SPORT_PROFILES[key].name] as const)
const catalogue = useCatalogue()
const DRILLS = computed(
  () => [[null, 'none'] as const, ...catalogue.value.variations.map(v => [v.id, v.name] as const)]
)
const LIFT_CHOICES = [[null, 'none'] as const, ...LIFT_IDS.map(key => [key, LIFTS[key].name] as const)]
const ACTIONS = [[null, 'none known'] as const, ...TRUNK_ACTIONS.map(key => [key, ACTION_FACTS[key].label] as const)]
const STEPS = Array.from({ length: 7 }, (_, i) => [i + 1, `${i + 1} of 7`] as const)
const groupNames = computed(() => Object.fromEntries(props.groups.map(group => [group.id, group.name])))

function toggle<T>(list: readonly T[], item: T): T[] {
  return list.includes(item) ? list.filter(i => i !== item) : [...list, item]
}

function addGroup(): void {
  if (newGroup.value.trim().length < 2) return
  emit('addGroup', newGroup.value.trim())
  newGroup.value = ''
}

async function submit(): Promise<void> {
  if (props.busy) return
  if (await check()) emit('save', value.value, base)
  else {
    await nextTick()
    root.value?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus()
  }
}
</script>

<template>
  <form
    ref="root"
    class="flex flex-col gap-6 max-w-5xl"
    novalidate
    @submit.prevent="submit"
  >
    <p
      v-if="restored"
      class="border-l-4 border-ink bg-paper px-3 py-1.5"
      role="status"
    >
      This is what you had typed here before; it was not stored yet.
      <button
        type="button"
        class="underline underline-offset-2 font-semibold"
        @click="startOver(); emit('startOver')"
      >
        Start over from what is stored
      </button>
    </p>
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
        :hint="SPORT_PROFILES[words.sport].why"
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
          @choose="words.groupIds = toggle(words.groupIds, $event)"
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

    <fieldset class="panel">
      <legend class="sr-only">
        Days and equipment
      </legend>
      <h2 class="mb-1">
        Minutes available
      </h2>
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
        @choose="words.equipment = toggle(words.equipment, $event)"
      />
    </fieldset>

    <FlagChoice
      :flags="words.flags"
      @toggle="words.flags = toggle(words.flags, $event)"
    />

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

    <div class="flex gap-2 py-3">
      <button
        type="submit"
        class="btn btn-main"
        :disabled="busy"
      >
        {{ submitText }}
      </button>
      <button
        type="button"
        class="btn"
        @click="emit('cancel')"
      >
        Cancel
      </button>
      <p
        v-if="Object.keys(problems).length > 0"
        class="problem self-center"
        role="alert"
      >
        {{ Object.keys(problems).length === 1 ? 'One field needs another look.'
          : `${Object.keys(problems).length} fields need another look.` }}
      </p>
    </div>
  </form>
</template>
