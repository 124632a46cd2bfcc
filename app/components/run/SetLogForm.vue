<script setup lang="ts">
import { BODY_PLACES, BREAK_POINTS, type BodyPlace, type BreakPoint } from '~~/core/assessment'
import { SETTINGS, type SettingValues } from '~~/core/catalogue'
import type { SetLogInput, Units } from '~~/shared/types'
import type { SetOutcome, Step } from '~/composables/useRunner'
import { measures } from '~/words/inWords'
import ChipChoice from '~/components/common/ChipChoice.vue'
import ScaleChoice from '~/components/run/ScaleChoice.vue'

/** What happened in a set: how much in form, what ended it, with which setting, where it was felt, how hard. */
const props = defineProps<{
  step: Step
  amount: number
  setting: SettingValues
  units: Units
  scores: boolean
  /** Pain ended it: where is asked first. */
  hurts: boolean
  /** A set that is put right begins as it was logged. */
  logged?: SetLogInput
}>()
const emit = defineEmits<{ log: [outcome: SetOutcome], back: [] }>()

/** Several of these may stand on a board. */
const uid = useId()
const unit = measures(props.units)
const target = props.step.item.dose.amount
const amount = ref(String(props.amount))
const breakPoint = ref<BreakPoint | null>(
  props.logged?.breakPoint ?? (props.hurts ? 'pain' : props.amount >= target ? 'none' : null),
)
const painAt = ref<BodyPlace | null>(props.logged?.painAt ?? null)
const feltAt = ref<BodyPlace[]>([...props.logged?.feltAt ?? []])
const effort = ref<number | null>(props.logged?.effort ?? null)
const quality = ref<number | null>(props.logged?.quality ?? null)
const note = ref(props.logged?.note ?? '')
const asked = ref(false)

type NumberSetting = Exclude<keyof SettingValues, 'stance'>
const toShown = (key: NumberSetting, value: number): number =>
  (key === 'loadKg' ? unit.showMass(value) : key === 'bandN' ? value : unit.showLength(value))
const toStored = (key: NumberSetting, value: number): number =>
  (key === 'loadKg' ? unit.readMass(value) : key === 'bandN' ? value : unit.readLength(value))
const unitOf = (key: keyof SettingValues): string =>
  (key === 'loadKg' ? unit.mass : key === 'bandN' || key === 'stance' ? SETTINGS[key].unit : unit.length)
const typed = reactive<Record<string, string>>(Object.fromEntries(props.step.item.settingsAsked.map((key) => {
  const value = props.setting[key]
  return [
    key,
    value === undefined ? '' : typeof value === 'string' ? value : String(toShown(key as NumberSetting, value)),
  ]
})))

const LIMIT: Record<NumberSetting, number> = { loadKg: 500, bandN: 2000, distanceCm: 10_000, heightCm: 300 }

const number = (text: string): number => (text.trim() === '' ? NaN : Number(text.replace(',', '.')))
const problems = computed(() => {
  const found: Record<string, string> = {}
  const value = number(amount.value)
  if (!(value >= 0 && value <= 3600)) found.amount = 'A number from 0 to 3600.'
  if (!breakPoint.value) found.breakPoint = 'Say what ended the set.'
  if (breakPoint.value === 'pain' && !painAt.value) found.painAt = 'Say where it hurt.'
  for (const key of props.step.item.settingsAsked) {
    if (key === 'stance' || typed[key]!.trim() === '') continue
    const stored = toStored(key, number(typed[key]!))
    if (!(stored >= 0 && stored <= LIMIT[key])) found[key] = `A number from 0 to ${toShown(key, LIMIT[key])}.`
  }
  return found
})

function settings(): SettingValues {
  const setting: SettingValues = {}
  for (const key of props.step.item.settingsAsked) {
    const text = typed[key]!.trim()
    if (text === '') continue
    if (key === 'stance') setting.stance = text
    else setting[key] = toStored(key, number(text))
  }
  return setting
}

function toggleFelt(place: BodyPlace): void {
  feltAt.value = feltAt.value.includes(place) ? feltAt.value.filter(p => p !== place) : [...feltAt.value, place]
}

function submit(): void {
  asked.value = true
  if (Object.keys(problems.value).length > 0 || !breakPoint.value) return
  emit('log', {
    amount: number(amount.value), breakPoint: breakPoint.value, setting: settings(), feltAt: feltAt.value,
    effort: effort.value,
    painAt: breakPoint.value === 'pain' ? painAt.value : null,
    note: note.value,
    ...props.scores ? { quality: quality.value } : {},
  })
}
</script>

<template>
  <form
    class="flex flex-col gap-4"
    novalidate
    @submit.prevent="submit"
  >
    <div>
      <label
        :for="`${uid}-amount`"
        class="font-semibold"
      >{{ step.item.dose.unit }} in form <span class="text-quiet">(target {{ target }})</span></label>
      <div class="flex gap-2 mt-1">
        <button
          type="button"
          class="btn chip-floor"
          aria-label="One less"
          @click="amount = String(Math.max(0, (number(amount) || 0) - 1))"
        >
          −
        </button>
        <input
          :id="`${uid}-amount`"
          v-model="amount"
          class="field figure text-center text-[1.4rem]"
          inputmode="decimal"
          :aria-invalid="asked && problems.amount ? true : undefined"
        >
        <button
          type="button"
          class="btn chip-floor"
          aria-label="One more"
          @click="amount = String((number(amount) || 0) + 1)"
        >
          +
        </button>
      </div>
      <p
        v-if="asked && problems.amount"
        class="problem"
        role="alert"
      >
        {{ problems.amount }}
      </p>
    </div>
    <ChipChoice
      legend="What ended it?"
      floor
      warn="pain"
      :options="BREAK_POINTS"
      :pressed="breakPoint ? [breakPoint] : []"
      :problem="asked ? problems.breakPoint : undefined"
      @choose="breakPoint = $event"
    />
    <ChipChoice
      v-if="breakPoint === 'pain'"
      legend="Where does it hurt?"
      floor
      :options="BODY_PLACES"
      :pressed="painAt ? [painAt] : []"
      :problem="asked ? problems.painAt : undefined"
      @choose="painAt = $event"
    />
    <div
      v-if="step.item.settingsAsked.length > 0"
      class="grid grid-cols-2 gap-3"
    >
      <div
        v-for="key in step.item.settingsAsked"
        :key="key"
      >
        <label
          :for="`${uid}-${key}`"
          class="font-semibold"
        >{{ SETTINGS[key].label }}<template v-if="unitOf(key)">, {{ unitOf(key) }}</template></label>
        <input
          :id="`${uid}-${key}`"
          v-model="typed[key]"
          class="field min-h-[48px]"
          :inputmode="key === 'stance' ? 'text' : 'decimal'"
          :aria-invalid="asked && problems[key] ? true : undefined"
        >
        <p
          v-if="asked && problems[key]"
          class="problem"
          role="alert"
        >
          {{ problems[key] }}
        </p>
      </div>
    </div>
    <ChipChoice
      legend="Where was it felt?"
      floor
      :options="BODY_PLACES"
      :pressed="feltAt"
      @choose="toggleFelt"
    />
    <fieldset>
      <legend class="font-semibold mb-1">
        Effort, 0 nothing to 10 all there is
      </legend>
      <ScaleChoice
        name="Effort"
        :from="0"
        :to="10"
        :chosen="effort"
        @choose="effort = $event"
      />
    </fieldset>
    <fieldset v-if="scores">
      <legend class="font-semibold mb-1">
        Repeats against the own best one, 10 as good
      </legend>
      <ScaleChoice
        name="Quality"
        :from="1"
        :to="10"
        :chosen="quality"
        @choose="quality = $event"
      />
    </fieldset>
    <div>
      <label
        :for="`${uid}-note`"
        class="font-semibold"
      >Note</label>
      <textarea
        :id="`${uid}-note`"
        v-model="note"
        class="field"
        maxlength="500"
      />
    </div>
    <div class="sticky bottom-0 bg-chalk py-2 grid grid-cols-[auto_1fr] gap-2">
      <button
        type="button"
        class="btn btn-floor"
        @click="emit('back')"
      >
        Back
      </button>
      <button
        type="submit"
        class="btn btn-main btn-floor"
      >
        {{ logged ? 'Put it right' : 'Log set' }}
      </button>
    </div>
  </form>
</template>
