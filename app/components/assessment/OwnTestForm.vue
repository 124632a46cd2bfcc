<script setup lang="ts">
import { ownTestId, TEST_UNIT_WORDS, type OwnTest } from '~~/core/assessment'
import { ACTION_FACTS, TRUNK_ACTIONS, type TrunkAction } from '~~/core/catalogue'
import SelectField from '~/components/common/SelectField.vue'
import TextField from '~/components/common/TextField.vue'
import DraftNote from '~/components/common/DraftNote.vue'
import { useDraft } from '~/composables/useDraft'

/** A test of the organisation's own while it is written. What was measured with it fixes unit, sides and direction. */
const props = defineProps<{ test: OwnTest | null, problems: Readonly<Record<string, string>>, busy: boolean }>()
const emit = defineEmits<{ save: [test: OwnTest], back: [] }>()

const EMPTY: OwnTest = {
  id: 'own.', name: '', unit: 's', better: 'more', sides: 'both', action: null, setUp: '', stop: '', retired: false,
}
const draft = ref<OwnTest>({ ...(props.test ?? EMPTY) })
const kept = useDraft(`draft/own-test/${props.test?.id ?? 'new'}`, reactive({ draft }))
const put = (change: Partial<OwnTest>): void => { draft.value = { ...draft.value, ...change } }
const UNITS = Object.entries(TEST_UNIT_WORDS) as [OwnTest['unit'], string][]
const ACTIONS: readonly (readonly [TrunkAction | null, string])[] = [
  [null, 'none of the eight'],
  ...TRUNK_ACTIONS.map(a => [a, ACTION_FACTS[a].label] as const),
]
/** Messages of fields that cannot be typed in here. */
const others = computed(() =>
  Object.entries(props.problems).filter(([field]) => !['name', 'setUp', 'stop'].includes(field)).map(([, text]) => text)
)
const save = (): void => emit('save', props.test ? draft.value : { ...draft.value, id: ownTestId(draft.value.name) })
</script>

<template>
  <form
    class="panel flex flex-col gap-3 max-w-2xl"
    novalidate
    @submit.prevent="save"
  >
    <h2>{{ test ? 'Change a test' : 'A new test' }}</h2>
    <DraftNote
      :shown="kept.restored.value"
      @start-over="kept.startOver"
    />
    <TextField
      :model-value="draft.name"
      label="Name"
      name="test-name"
      :problem="problems.name"
      @update:model-value="put({ name: $event })"
    />
    <div class="grid sm:grid-cols-3 gap-3">
      <SelectField
        :model-value="draft.unit"
        label="Measured in"
        name="test-unit"
        :options="UNITS"
        :disabled="test !== null"
        :hint="draft.unit === 's' ? 'Run against a watch.' : undefined"
        @update:model-value="put({ unit: $event })"
      />
      <SelectField
        :model-value="draft.better"
        label="Better is"
        name="test-better"
        :options="[['more', 'more'], ['less', 'less']] as const"
        :disabled="test !== null"
        @update:model-value="put({ better: $event })"
      />
      <SelectField
        :model-value="draft.sides"
        label="Sides"
        name="test-sides"
        :options="[['both', 'both at once'], ['each', 'right, then left']] as const"
        :disabled="test !== null"
        @update:model-value="put({ sides: $event })"
      />
    </div>
    <SelectField
      :model-value="draft.action"
      label="Trunk action it asks for"
      name="test-action"
      :options="ACTIONS"
      hint="A trial that the trunk ends speaks for this one when weak links are sought."
      @update:model-value="put({ action: $event })"
    />
    <TextField
      :model-value="draft.setUp"
      label="Set-up"
      name="test-setup"
      :problem="problems.setUp"
      @update:model-value="put({ setUp: $event })"
    />
    <TextField
      :model-value="draft.stop"
      label="What ends a trial"
      name="test-stop"
      :problem="problems.stop"
      @update:model-value="put({ stop: $event })"
    />
    <p
      v-for="text in others"
      :key="text"
      class="problem"
      role="alert"
    >
      {{ text }}
    </p>
    <p class="flex gap-2">
      <button
        type="submit"
        class="btn btn-main"
        :disabled="busy"
      >
        Save
      </button>
      <button
        type="button"
        class="btn"
        @click="emit('back')"
      >
        Back
      </button>
    </p>
  </form>
</template>
