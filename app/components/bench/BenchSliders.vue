<script setup lang="ts">
interface Slider {
  readonly name: string
  readonly label: string
  readonly unit: string
  readonly min: number
  readonly max: number
  readonly step: number
  readonly value: number
}

/** What fixes the rung's difficulty on the day, to be moved while figure and moment follow. */
defineProps<{ sliders: readonly Slider[], problem: string }>()
const emit = defineEmits<{ set: [name: string, value: number] }>()

/** What was typed and is no number, by slider: it stays in its box with a word beside it. */
const wrong = ref<Readonly<Record<string, string>>>({})

function slid(slider: Slider, value: number): void {
  const { [slider.name]: _settled, ...others } = wrong.value
  wrong.value = others
  emit('set', slider.name, value)
}

function typed(slider: Slider, text: string): void {
  const value = Number(text.replace(',', '.'))
  if (text.trim() === '' || !Number.isFinite(value)) wrong.value = { ...wrong.value, [slider.name]: text }
  else slid(slider, value)
}
</script>

<template>
  <div>
    <div
      v-for="slider in sliders"
      :key="slider.name"
      class="grid grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)_4.2rem_2rem] gap-2 items-center py-0.5"
    >
      <label
        :for="`slide-${slider.name}`"
        class="leading-tight"
      >{{ slider.label }}</label>
      <input
        :id="`slide-${slider.name}`"
        type="range"
        class="w-full h-9 accent-ink"
        :min="slider.min"
        :max="slider.max"
        :step="slider.step"
        :value="slider.value"
        :aria-valuetext="`${slider.value} ${slider.unit}`"
        @input="slid(slider, Number(($event.target as HTMLInputElement).value))"
      >
      <input
        class="field figure text-right"
        inputmode="decimal"
        :aria-label="`${slider.label}, ${slider.unit || 'number'}`"
        :value="wrong[slider.name] ?? slider.value"
        :aria-invalid="slider.name in wrong"
        :aria-describedby="slider.name in wrong ? `wrong-${slider.name}` : undefined"
        @change="typed(slider, ($event.target as HTMLInputElement).value)"
      >
      <span class="text-quiet">{{ slider.unit }}</span>
      <p
        v-if="slider.name in wrong"
        :id="`wrong-${slider.name}`"
        class="problem col-span-full"
        role="alert"
      >
        {{ slider.label }} is a number from {{ slider.min }} to {{ slider.max }}{{ slider.unit && ` ${slider.unit}` }}.
      </p>
    </div>
    <p
      v-if="sliders.length === 0"
      class="text-quiet"
    >
      Nothing to move here.
    </p>
    <p
      v-if="problem"
      class="problem mt-1"
      role="alert"
    >
      {{ problem }} The picture is the last one that can be held.
    </p>
  </div>
</template>
