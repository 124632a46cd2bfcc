<script setup lang="ts">
import { ACTION_FACTS, TRUNK_ACTIONS, type ActionShares, type TrunkAction } from '~~/core/catalogue'

/**
 * What of a drill's work goes to each action, typed in per cent; the sum stands beside it. A drill that is not there to
 * load the trunk may have none.
 */
const props = defineProps<{ shares: ActionShares, mayBeNone: boolean, problem?: string }>()
const emit = defineEmits<{ put: [shares: ActionShares] }>()

const percent = (action: TrunkAction): string => {
  const share = props.shares[action]
  return share === undefined || !Number.isFinite(share) ? '' : String(Math.round(share * 1000) / 10)
}
const total = computed(() => Math.round(TRUNK_ACTIONS.reduce((sum, a) => sum + (props.shares[a] ?? 0), 0) * 1000) / 10)

function type(action: TrunkAction, typed: string): void {
  const value = Number(typed.trim().replace(',', '.')) / 100
  const { [action]: _, ...others } = props.shares
  emit('put', typed.trim() === '' || value === 0 ? others : { ...others, [action]: value })
}
</script>

<template>
  <fieldset>
    <legend class="font-semibold mb-1">
      What it trains, % of its work <span
        class="figure font-normal"
        :class="total === 100 || (mayBeNone && total === 0) ? 'text-quiet' : 'problem'"
      >sum {{ Number.isNaN(total) ? '–' : total }} of 100</span>
    </legend>
    <div class="grid grid-cols-2 md:grid-cols-4 gap-x-3 gap-y-1.5">
      <label
        v-for="action in TRUNK_ACTIONS"
        :key="action"
        class="flex items-center gap-2"
      >
        <input
          class="field figure w-16"
          inputmode="decimal"
          :name="`share-${action}`"
          :value="percent(action)"
          @change="type(action, ($event.target as HTMLInputElement).value)"
        >
        {{ ACTION_FACTS[action].label }}
      </label>
    </div>
    <p
      v-if="problem"
      class="problem"
      role="alert"
    >
      {{ problem }}
    </p>
  </fieldset>
</template>
