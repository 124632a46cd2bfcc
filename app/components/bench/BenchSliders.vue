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

function typed(slider: Slider, text: string): void {
  const value = Number(text.replace(',', '.'))
  if (text.trim() !== '' && !Number.isNaN(value)) emit('set', slider.name, value)
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
        @input="emit('set', slider.name, Number(($event.target as HTMLInputElement).value))"
      >
      <input
        class="field figure text-right"
        inputmode="decimal"
        :aria-label="`${slider.label}, ${slider.unit || 'number'}`"
        :value="slider.value"
        @change="typed(slider, ($event.target as HTMLInputElement).value)"
      >
      <span class="text-quiet">{{ slider.unit }}</span>
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
