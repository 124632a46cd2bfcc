<script setup lang="ts">
import type { SettingValues } from '~~/core/catalogue'
import DragAlong from './DragAlong.vue'

/** The load of a drill, dragged along what there is, or typed; ledger and effort follow in the same frame. */
const props = defineProps<{
  setting: SettingValues
  by: 'loadKg' | 'bandN'
  /** Loads that there are, lightest first. */
  loads: readonly number[]
}>()
const emit = defineEmits<{ setting: [setting: SettingValues] }>()

const UNIT = { loadKg: 'kg', bandN: 'N' } as const
const MOST = { loadKg: 300, bandN: 600 } as const
const load = computed(() => props.setting[props.by])
const typed = ref<string | null>(null)
watch(load, () => { typed.value = null })
const wrong = computed(() => {
  if (typed.value === null) return ''
  const value = Number(typed.value.replace(',', '.'))
  return typed.value.trim() !== '' && value > 0 && value <= MOST[props.by]
    ? ''
    : `A load above 0, up to ${MOST[props.by]} ${UNIT[props.by]}.`
})

function type(text: string): void {
  typed.value = text
  if (!wrong.value) emit('setting', { ...props.setting, [props.by]: Number(text.replace(',', '.')) })
}
</script>

<template>
  <div class="mt-2">
    <div class="grid grid-cols-[3.2rem_minmax(0,1fr)_5rem_1.6rem] gap-2 items-center">
      <label for="item-load">{{ by === 'loadKg' ? 'Load' : 'Pull' }}</label>
      <DragAlong
        id="item-load"
        :steps="loads"
        :value="load ?? loads[0]!"
        :text="`${load ?? loads[0]} ${UNIT[by]}`"
        @value="emit('setting', { ...setting, [by]: $event })"
      />
      <input
        class="field figure text-right"
        inputmode="decimal"
        :aria-label="`${by === 'loadKg' ? 'Load' : 'Pull'}, ${UNIT[by]}`"
        :value="typed ?? load ?? ''"
        :aria-invalid="wrong !== ''"
        aria-describedby="load-problem"
        @input="type(($event.target as HTMLInputElement).value)"
        @keydown.enter="($event.target as HTMLInputElement).blur()"
      >
      <span>{{ UNIT[by] }}</span>
    </div>
    <p
      id="load-problem"
      class="problem"
      role="alert"
    >
      {{ wrong }}
    </p>
  </div>
</template>
