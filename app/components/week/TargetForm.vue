<script setup lang="ts">
import { ACTION_FACTS, type TrunkAction } from '~~/core/catalogue'
import type { LedgerLine, TargetOrigin } from '~~/core/programme'

/** Where a target comes from, step by step, and the coach's own in its place. */
const props = defineProps<
  { action: TrunkAction, origin: TargetOrigin, line: LedgerLine, editable: boolean, busy: boolean, problem: string }
>()
const emit = defineEmits<{ set: [lowS: number, highS: number], clear: [] }>()

const low = ref(String(props.origin.band.lowS))
const high = ref(String(props.origin.band.highS))
const wrong = computed(() => {
  const [l, h] = [Number(low.value), Number(high.value)]
  if (![l, h].every(n => Number.isInteger(n) && n >= 0 && n <= 3600) || low.value === '' || high.value === '')
    return 'Whole seconds from 0 to 3600.'
  return l > h ? 'The least is not above the most.' : ''
})
const factor = (value: number | null): string => (value === null ? '' : `× ${Number(value.toFixed(3))}`)
</script>

<template>
  <div>
    <table class="w-full mb-3">
      <caption class="text-left text-quiet mb-1">
        Seconds a week to {{ ACTION_FACTS[action].label }}: a band from 80 to 130 % of what the steps come to.
      </caption>
      <tbody>
        <tr
          v-for="step in origin.steps"
          :key="step.label"
          class="border-b border-line/60 align-top"
        >
          <th
            scope="row"
            class="text-left font-semibold py-1 pr-2"
          >
            {{ step.label }}
          </th>
          <td class="figure py-1 pr-2 whitespace-nowrap">
            {{ factor(step.factor) }}
          </td>
          <td class="figure text-right py-1 pr-3 whitespace-nowrap">
            {{ Math.round(step.seconds) }} s
          </td>
          <td class="text-quiet py-1">
            {{ step.why }}
          </td>
        </tr>
      </tbody>
    </table>
    <p>
      Reckoned: <b class="figure">{{ origin.reckoned.lowS }}–{{ origin.reckoned.highS }} s</b>; the lifts of this week
      give <b class="figure">{{ Math.round(line.liftsS) }} s</b> of it, the drills
      <b class="figure">{{ Math.round(line.drillsS) }} s</b>.
      <template v-if="origin.setBy">
        In its place <b class="figure">{{ origin.band.lowS }}–{{ origin.band.highS }} s</b> hold, set for
        {{ origin.setBy.name }}.
      </template>
    </p>
    <form
      v-if="editable"
      class="flex flex-wrap items-end gap-3 mt-3"
      @submit.prevent="wrong || emit('set', Number(low), Number(high))"
    >
      <label>
        <span class="block">Least, s</span>
        <input
          v-model="low"
          inputmode="numeric"
          class="field w-24 figure"
          :aria-invalid="wrong !== ''"
          aria-describedby="band-problem"
        >
      </label>
      <label>
        <span class="block">Most, s</span>
        <input
          v-model="high"
          inputmode="numeric"
          class="field w-24 figure"
          :aria-invalid="wrong !== ''"
          aria-describedby="band-problem"
        >
      </label>
      <button
        type="submit"
        class="btn btn-main"
        :disabled="busy || wrong !== ''"
      >
        Set for this athlete
      </button>
      <button
        v-if="origin.setBy"
        type="button"
        class="btn"
        :disabled="busy"
        @click="emit('clear')"
      >
        Back to the reckoned
      </button>
      <p
        id="band-problem"
        class="problem w-full"
        role="alert"
      >
        {{ wrong || problem }}
      </p>
    </form>
  </div>
</template>
