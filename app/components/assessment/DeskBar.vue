<script setup lang="ts">
import type { SettingValues } from '~~/core/catalogue'
import SelectField from '~/components/common/SelectField.vue'
import TextField from '~/components/common/TextField.vue'

/** What holds for everybody at the desk: start, settings that a test asks for, the button in the hand. */
const props = defineProps<{
  asks: { readonly bandN: boolean, readonly loadKg: boolean }
  setting: SettingValues
  canStart: boolean
  words: string
  allDone: boolean
  hasButton: boolean
  buttonAway: boolean
  buttonSimulated: boolean
  /** Whose key the button stands for. */
  buttonLane: number | null
  laneNames: readonly string[]
}>()
const emit = defineEmits<{
  start: []
  finish: []
  setting: [values: SettingValues]
  buttonLane: [lane: number | null]
  press: []
}>()

const BUTTON_LANES = computed(
  () => [[null, 'nobody'] as const, ...props.laneNames.map((name, index) => [index, name] as const)]
)
function set(name: 'bandN' | 'loadKg', typed: string): void {
  const value = Number(typed.trim().replace(',', '.'))
  const { [name]: _, ...rest } = props.setting
  emit('setting', typed.trim() === '' || !(value >= 0) ? rest : { ...rest, [name]: value })
}
</script>

<template>
  <div class="flex flex-wrap items-end gap-3 mb-1">
    <button
      type="button"
      class="btn btn-main min-h-[48px]"
      :disabled="!canStart"
      @click="emit('start')"
    >
      <kbd>space</kbd> start everybody who is ready
    </button>
    <TextField
      v-if="asks.bandN"
      :model-value="setting.bandN === undefined ? '' : String(setting.bandN)"
      label="Band tension, N"
      name="desk-band"
      inputmode="decimal"
      figure
      @update:model-value="set('bandN', $event)"
    />
    <TextField
      v-if="asks.loadKg"
      :model-value="setting.loadKg === undefined ? '' : String(setting.loadKg)"
      label="Load of the row, kg"
      name="desk-load"
      inputmode="decimal"
      figure
      @update:model-value="set('loadKg', $event)"
    />
    <SelectField
      v-if="hasButton"
      :model-value="buttonLane"
      label="Stopwatch button is for"
      name="desk-button"
      :options="BUTTON_LANES"
      @update:model-value="emit('buttonLane', $event)"
    />
    <button
      v-if="buttonSimulated"
      type="button"
      class="btn"
      @click="emit('press')"
    >
      Press it (simulated)
    </button>
    <p
      v-if="buttonLane !== null && buttonAway"
      class="problem"
    >
      The button is away: the keys work.
    </p>
    <p class="text-quiet mr-auto">
      {{ words }}
    </p>
    <button
      type="button"
      class="btn"
      @click="emit('finish')"
    >
      {{ allDone ? 'Done' : 'End the run' }}
    </button>
  </div>
</template>
