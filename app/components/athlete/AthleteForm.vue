<script setup lang="ts">
import { ACTION_FACTS, EQUIPMENT, LADDERS, TRUNK_ACTIONS, VARIATIONS, type Equipment } from '~~/core/catalogue'
import { LIFT_IDS, LIFTS, SPORT_PROFILE_IDS, SPORT_PROFILES } from '~~/core/programme'
import { CAUTION, FLAG_IDS, FLAGS, type FlagId } from '~~/core/screening'
import type { AthleteInput, Group, Units } from '~~/shared/types'
import { useAthleteForm } from '~/composables/useAthleteForm'
import { DAY_NAMES } from '~/composables/useWords'
import FormField from '~/components/common/FormField.vue'

/** All that is known about an athlete before anything is planned. */
const props = defineProps<{
  start: AthleteInput
  groups: readonly Group[]
  units: Units
  busy: boolean
  serverFields: Readonly<Record<string, string>>
  submitText: string
}>()
const emit = defineEmits<{ save: [athlete: AthleteInput], addGroup: [name: string], cancel: [] }>()

const { words, typed, value, problems, unit, check, showServer } = useAthleteForm(props.start, props.units)
const newGroup = ref('')
const root = ref<HTMLElement | null>(null)
watch(() => props.serverFields, fields => showServer(fields))

function toggle<T>(list: readonly T[], item: T): T[] {
  return list.includes(item) ? list.filter(i => i !== item) : [...list, item]
}
const toggleEquipment = (key: Equipment): void => { words.equipment = toggle(words.equipment, key) }
const toggleFlag = (key: FlagId): void => { words.flags = toggle(words.flags, key) }

function addGroup(): void {
  if (newGroup.value.trim().length < 2) return
  emit('addGroup', newGroup.value.trim())
  newGroup.value = ''
}

async function submit(): Promise<void> {
  if (props.busy) return
  if (await check()) emit('save', value.value)
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
    <fieldset class="panel grid md:grid-cols-3 gap-3">
      <legend class="sr-only">
        Who
      </legend>
      <FormField
        v-slot="{ id, invalid, describedBy }"
        label="Name"
        name="name"
        :problem="problems.name"
      >
        <input
          :id="id"
          v-model="words.name"
          class="field"
          autocomplete="off"
          :aria-invalid="invalid"
          :aria-describedby="describedBy"
        >
      </FormField>
      <FormField
        v-slot="{ id }"
        label="Sport profile"
        name="sport"
        :hint="SPORT_PROFILES[words.sport].why"
      >
        <select
          :id="id"
          v-model="words.sport"
          class="field"
        >
          <option
            v-for="key in SPORT_PROFILE_IDS"
            :key="key"
            :value="key"
          >
            {{ SPORT_PROFILES[key].name }}
          </option>
        </select>
      </FormField>
      <FormField
        v-slot="{ id, invalid, describedBy }"
        label="Position"
        name="position"
        :problem="problems.position"
      >
        <input
          :id="id"
          v-model="words.position"
          class="field"
          :aria-invalid="invalid"
          :aria-describedby="describedBy"
        >
      </FormField>
      <FormField
        v-slot="{ id, describedBy }"
        label="Sex for body scaling"
        name="sex"
        hint="Decides segment masses and lengths only."
      >
        <select
          :id="id"
          v-model="words.sex"
          class="field"
          :aria-describedby="describedBy"
        >
          <option value="female">
            female
          </option>
          <option value="male">
            male
          </option>
        </select>
      </FormField>
      <FormField
        v-slot="{ id, invalid, describedBy }"
        :label="`Height, ${unit.length}`"
        name="height"
        :problem="problems.heightCm"
      >
        <input
          :id="id"
          v-model="typed.height"
          class="field figure"
          inputmode="decimal"
          :aria-invalid="invalid"
          :aria-describedby="describedBy"
        >
      </FormField>
      <FormField
        v-slot="{ id, invalid, describedBy }"
        :label="`Body mass, ${unit.mass}`"
        name="mass"
        :problem="problems.massKg"
      >
        <input
          :id="id"
          v-model="typed.mass"
          class="field figure"
          inputmode="decimal"
          :aria-invalid="invalid"
          :aria-describedby="describedBy"
        >
      </FormField>
      <FormField
        v-slot="{ id, invalid, describedBy }"
        label="Birth year"
        name="birthYear"
        :problem="problems.birthYear"
      >
        <input
          :id="id"
          v-model="typed.birthYear"
          class="field figure"
          inputmode="numeric"
          :aria-invalid="invalid"
          :aria-describedby="describedBy"
        >
      </FormField>
      <FormField
        v-slot="{ id, invalid, describedBy }"
        label="Training age, years"
        name="trainingAge"
        hint="Years of regular strength training."
        :problem="problems.trainingAgeYears"
      >
        <input
          :id="id"
          v-model="typed.trainingAge"
          class="field figure"
          inputmode="decimal"
          :aria-invalid="invalid"
          :aria-describedby="describedBy"
        >
      </FormField>
      <div>
        <p class="font-semibold mb-0.5">
          Groups
        </p>
        <div class="flex flex-wrap gap-1.5">
          <button
            v-for="group in groups"
            :key="group.id"
            type="button"
            class="chip"
            :aria-pressed="words.groupIds.includes(group.id)"
            @click="words.groupIds = toggle(words.groupIds, group.id)"
          >
            {{ group.name }}
          </button>
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
        <p
          v-if="problems.groupIds"
          class="problem"
        >
          {{ problems.groupIds }}
        </p>
      </div>
    </fieldset>

    <fieldset class="panel grid md:grid-cols-3 gap-3">
      <legend class="sr-only">
        Goal
      </legend>
      <FormField
        v-slot="{ id, invalid, describedBy }"
        label="Goal, in the athlete's words"
        name="goal"
        :problem="problems.goal"
      >
        <textarea
          :id="id"
          v-model="words.goal"
          class="field"
          :aria-invalid="invalid"
          :aria-describedby="describedBy"
        />
      </FormField>
      <FormField
        v-slot="{ id }"
        label="Drill to reach, if it is one"
        name="goalVariation"
      >
        <select
          :id="id"
          v-model="words.goalVariationId"
          class="field"
        >
          <option :value="null">
            none
          </option>
          <option
            v-for="variation in VARIATIONS"
            :key="variation.id"
            :value="variation.id"
          >
            {{ variation.name }}
          </option>
        </select>
      </FormField>
      <FormField
        v-slot="{ id }"
        label="Lift to reach, if it is one"
        name="goalLift"
      >
        <select
          :id="id"
          v-model="words.goalLift"
          class="field"
        >
          <option :value="null">
            none
          </option>
          <option
            v-for="lift in LIFT_IDS"
            :key="lift"
            :value="lift"
          >
            {{ LIFTS[lift].name }}
          </option>
        </select>
      </FormField>
    </fieldset>

    <fieldset class="panel">
      <legend class="sr-only">
        Days and equipment
      </legend>
      <h2 class="mb-1">
        Minutes available
      </h2>
      <div class="grid grid-cols-4 md:grid-cols-7 gap-2 max-w-2xl">
        <FormField
          v-for="(name, day) in DAY_NAMES"
          :key="name"
          v-slot="{ id, invalid, describedBy }"
          :label="name"
          :name="`minutes-${day}`"
          :problem="problems[`available.${day}`]"
        >
          <input
            :id="id"
            v-model="typed.minutes[day]"
            class="field figure"
            inputmode="numeric"
            placeholder="–"
            :aria-invalid="invalid"
            :aria-describedby="describedBy"
          >
        </FormField>
      </div>
      <h2 class="mt-4 mb-1">
        Equipment at hand
      </h2>
      <div class="flex flex-wrap gap-1.5">
        <button
          v-for="(label, key) in EQUIPMENT"
          :key="key"
          type="button"
          class="chip"
          :aria-pressed="words.equipment.includes(key)"
          @click="toggleEquipment(key)"
        >
          {{ label }}
        </button>
      </div>
    </fieldset>

    <fieldset class="panel">
      <legend class="sr-only">
        Flags
      </legend>
      <h2>Flags</h2>
      <p class="text-quiet mb-2">
        {{ CAUTION }}
      </p>
      <div class="grid md:grid-cols-2 gap-x-6 gap-y-1">
        <label
          v-for="key in FLAG_IDS"
          :key="key"
          class="flex gap-2 items-start py-1 border-b border-line/60"
        >
          <input
            type="checkbox"
            :checked="words.flags.includes(key)"
            @change="toggleFlag(key)"
          >
          <span>
            <b>{{ FLAGS[key].name }}</b>
            <span
              v-if="FLAGS[key].kind === 'red'"
              class="problem"
            > · red</span>
            <span class="block text-quiet text-[0.92em]">{{ FLAGS[key].means }}</span>
          </span>
        </label>
      </div>
    </fieldset>

    <fieldset class="panel">
      <legend class="sr-only">
        Where the athlete stands
      </legend>
      <h2 class="mb-2">
        Where the athlete stands
      </h2>
      <div class="grid md:grid-cols-3 gap-3">
        <FormField
          v-slot="{ id }"
          label="Brace step reached"
          name="braceStep"
        >
          <select
            :id="id"
            v-model="words.braceStep"
            class="field"
          >
            <option
              v-for="step in 7"
              :key="step"
              :value="step"
            >
              {{ step }} of 7
            </option>
          </select>
        </FormField>
        <FormField
          v-slot="{ id }"
          label="Weak link"
          name="weakLink"
        >
          <select
            :id="id"
            v-model="words.weakLink"
            class="field"
          >
            <option :value="null">
              none known
            </option>
            <option
              v-for="action in TRUNK_ACTIONS"
              :key="action"
              :value="action"
            >
              {{ ACTION_FACTS[action].label }}
            </option>
          </select>
        </FormField>
        <FormField
          v-slot="{ id }"
          label="Weaker side"
          name="weakSide"
        >
          <select
            :id="id"
            v-model="words.weakSide"
            class="field"
            :disabled="!words.weakLink"
          >
            <option :value="null">
              neither
            </option>
            <option value="left">
              left
            </option>
            <option value="right">
              right
            </option>
          </select>
        </FormField>
        <FormField
          v-for="ladder in LADDERS"
          :key="ladder.id"
          v-slot="{ id }"
          :label="ladder.name"
          :name="`rung-${ladder.id}`"
        >
          <select
            :id="id"
            class="field"
            :value="words.rungs[ladder.id] ?? 1"
            @change="words.rungs = { ...words.rungs, [ladder.id]: Number(($event.target as HTMLSelectElement).value) }"
          >
            <option
              v-for="rung in ladder.rungs"
              :key="rung.id"
              :value="rung.rung"
            >
              {{ rung.rung }} · {{ rung.name }}
            </option>
          </select>
        </FormField>
      </div>
      <p
        v-if="problems.rungs"
        class="problem"
      >
        {{ problems.rungs }}
      </p>
    </fieldset>

    <div class="flex gap-2 sticky bottom-0 bg-chalk py-3">
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
        {{ Object.keys(problems).length === 1 ? 'One field needs another look.' : `${Object.keys(problems).length} fields need another look.` }}
      </p>
    </div>
  </form>
</template>
