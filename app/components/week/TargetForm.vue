<script setup lang="ts">
import { ACTION_FACTS, type TrunkAction } from '~~/core/catalogue'
import { SESSION_SETS, type LedgerLine, type TargetOrigin } from '~~/core/programme'
import { inSets } from '~/words/effortWords'

/** Where a target comes from, step by step, and the coach's own in its place. */
const props = defineProps<
  { action: TrunkAction, origin: TargetOrigin, line: LedgerLine, editable: boolean, busy: boolean, problem: string }
>()
const emit = defineEmits<{ set: [low: number, high: number], clear: [] }>()

const low = ref(inSets(props.origin.band.low))
const high = ref(inSets(props.origin.band.high))
const number = (text: string): number => (text.trim() === '' ? NaN : Number(text.replace(',', '.')))
const wrong = computed(() => {
  const [l, h] = [number(low.value), number(high.value)]
  if (![l, h].every(n => n >= 0 && n <= 50)) return 'Full sets from 0 to 50, in tenths.'
  return l > h ? 'The least is not above the most.' : ''
})
const tenths = (text: string): number => Math.round(number(text) * 10) / 10
const factor = (value: number | null): string => (value === null ? '' : `× ${Number(value.toFixed(3))}`)
</script>

<template>
  <div>
    <table class="w-full mb-3">
      <caption class="text-left text-quiet mb-1">
        Full sets a week to {{ ACTION_FACTS[action].label }}: a band from 80 to 135 % of what the steps come to.
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
            {{ step.sets.toFixed(2) }}
          </td>
          <td class="text-quiet py-1">
            {{ step.why }}
          </td>
        </tr>
      </tbody>
    </table>
    <p>
      Reckoned: <b class="figure">{{ inSets(origin.reckoned.low) }}–{{ inSets(origin.reckoned.high) }} full sets</b>;
      the lifts of this week give <b class="figure">{{ inSets(line.lifts) }}</b> of it, the drills
      <b class="figure">{{ inSets(line.drills) }}</b>.
      <template v-if="origin.setBy">
        In its place <b class="figure">{{ inSets(origin.band.low) }}–{{ inSets(origin.band.high) }}</b> hold, set for
        {{ origin.setBy.name }}<template v-if="origin.band.wasS">
          as {{ origin.band.wasS.join('–') }} s, before weeks were counted in full sets: what 300 s were is now
          {{ SESSION_SETS }} full sets</template>.
      </template>
    </p>
    <form
      v-if="editable"
      class="flex flex-wrap items-end gap-3 mt-3"
      @submit.prevent="wrong || emit('set', tenths(low), tenths(high))"
    >
      <label>
        <span class="block">Least, full sets</span>
        <input
          v-model="low"
          inputmode="decimal"
          class="field w-24 figure"
          :aria-invalid="wrong !== ''"
          aria-describedby="band-problem"
        >
      </label>
      <label>
        <span class="block">Most, full sets</span>
        <input
          v-model="high"
          inputmode="decimal"
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
