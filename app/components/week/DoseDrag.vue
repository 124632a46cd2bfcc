<script setup lang="ts">
import type { Dose } from '~~/core/dose'
import { amountsAlong } from '~~/core/prescription'
import { DOSE_UNIT_WORDS } from '~~/core/dose'
import DragAlong from './DragAlong.vue'

/** Sets and amount of a dose, dragged; ledger and effort follow in the same frame. */
const props = defineProps<{ dose: Dose }>()
const emit = defineEmits<{ dose: [dose: Dose] }>()

const SETS = [1, 2, 3, 4, 5, 6]
const sets = computed(() => [...new Set([...SETS, props.dose.sets])].toSorted((a, b) => a - b))
const amounts = computed(() => amountsAlong(props.dose.unit, props.dose.amount))
const unit = computed(() => DOSE_UNIT_WORDS[props.dose.unit])
</script>

<template>
  <div class="mt-2 grid grid-cols-[auto_minmax(0,1fr)_auto_minmax(0,2fr)] gap-2 items-center">
    <label for="drag-sets">sets</label>
    <DragAlong
      id="drag-sets"
      :steps="sets"
      :value="dose.sets"
      :text="`${dose.sets} sets`"
      @value="emit('dose', { ...dose, sets: $event })"
    />
    <label for="drag-amount">{{ unit }}</label>
    <DragAlong
      id="drag-amount"
      :steps="amounts"
      :value="dose.amount"
      :text="`${dose.amount} ${unit}`"
      @value="emit('dose', { ...dose, amount: $event })"
    />
  </div>
</template>
