<script setup lang="ts">
import type { SettingFacts } from '~~/core/mechanics'
import { shownNm } from '~~/core/mechanics'
import type { BenchRung } from '~/words/reckon'
import LineFigure from '~/components/bench/LineFigure.vue'
import SelectField from '~/components/common/SelectField.vue'
import TextField from '~/components/common/TextField.vue'

/** How a drill is computed: like one that has a pose, with its own distances and loads. */
defineProps<{
  posed: readonly (readonly [string, string])[]
  poseName: string | null
  settings: readonly (SettingFacts & { name: string, value: number })[]
  picture: Omit<BenchRung, 'removed'>
  problem?: string
}>()
const emit = defineEmits<{ like: [id: string], set: [name: string, value: number] }>()
const likeId = defineModel<string>('likeId', { required: true })

const number = (typed: string): number => (typed.trim() === '' ? NaN : Number(typed.trim().replace(',', '.')))
</script>

<template>
  <div>
    <SelectField
      :model-value="likeId"
      label="Figure and moment as in"
      name="pose"
      :options="poseName && likeId === ''
        ? [['', 'as it is now'], ...posed.slice(1), ['-', 'no pose: no figure, no moment']] : posed"
      hint="Sets the picture and the newton metres on the ladder bench."
      @update:model-value="likeId = $event; emit('like', $event === '-' ? '' : $event)"
    />
    <div
      v-if="poseName"
      class="grid grid-cols-[auto_minmax(0,1fr)] gap-3 mt-2 items-end"
    >
      <span class="flex flex-col items-center w-[150px]">
        <LineFigure
          v-if="picture.figure"
          :figure="picture.figure"
          :px-per-metre="Math.min(
            130 / (picture.figure.box.right - picture.figure.box.left),
            70 / (picture.figure.box.top - picture.figure.box.bottom))"
        />
        <span class="figure text-quiet text-[0.88em]">{{ picture.result ? `${shownNm(picture.nm)} N·m at 170 cm, 65 kg`
          : '' }}</span>
        <span
          v-if="picture.problem"
          class="problem"
        >{{ picture.problem }}</span>
      </span>
      <div class="grid grid-cols-2 gap-2">
        <TextField
          v-for="one in settings"
          :key="one.name"
          :model-value="Number.isFinite(one.value) ? String(one.value) : ''"
          :label="one.unit ? `${one.label}, ${one.unit}` : one.label"
          :name="`pose-${one.name}`"
          inputmode="decimal"
          figure
          @update:model-value="emit('set', one.name, number($event))"
        />
      </div>
    </div>
    <p
      v-if="problem"
      class="problem"
      role="alert"
    >
      {{ problem }}
    </p>
  </div>
</template>
