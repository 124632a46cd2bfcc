<script setup lang="ts">
import type { Alternative, TrunkItem } from '~~/core/programme'
import PlaneMark from '~/components/plane/PlaneMark.vue'

/** What could stand in the drill's place, and what overruling the proposal costs. */
const props = defineProps<{
  item: TrunkItem
  swaps: readonly Alternative[]
  /** What stand-ins and leaving it out would leave wanting more, weighted full sets. */
  costs: { readonly swaps: readonly number[], readonly drop: number }
  editable: boolean
}>()
const emit = defineEmits<{ swap: [index: number], nudge: [step: 1 | -1], keep: [], remove: [] }>()

/** What overruling costs the week: rules first, then what is left wanting more. */
function costText({ change, conflicts }: Alternative, index: number): string {
  if (conflicts.length > 0) return conflicts[0]!.text
  const cost = tenths(props.costs.swaps[index] ?? 0)
  if (cost !== 0) return wanting(cost)
  const more = tenths(change)
  return more === 0 ? 'costs nothing' : `costs nothing, ${more > 0 ? '+' : '−'}${Math.abs(more)} full sets`
}
const tenths = (fullSets: number): number => Math.round(fullSets * 10) / 10
const wanting = (cost: number): string => (cost > 0 ? `costs ${cost}` : cost < 0 ? `gains ${-cost}` : 'costs nothing')
const dropText = computed(() => wanting(tenths(props.costs.drop)))
</script>

<template>
  <div>
    <h2>If you overrule</h2>
    <ol>
      <li
        v-for="(swap, index) in swaps"
        :key="swap.variation.id"
      >
        <button
          type="button"
          class="grid grid-cols-[1.4rem_1.1rem_minmax(0,1fr)_auto] gap-1.5 items-center w-full text-left
            hover:bg-chalk px-1 py-0.5 rounded"
          :disabled="!editable"
          @click="emit('swap', index)"
        >
          <kbd aria-hidden="true">{{ index + 1 }}</kbd>
          <PlaneMark :shares="swap.variation.shares" />
          <span class="truncate"><span class="sr-only">Swap for </span>{{ swap.variation.name }}</span>
          <span
            class="figure text-[0.85em]"
            :class="swap.conflicts.length > 0 ? 'text-signal-ink' : 'text-quiet'"
          >{{ costText(swap, index) }}</span>
        </button>
      </li>
    </ol>
    <p
      v-if="swaps.length === 0"
      class="text-quiet"
    >
      Nothing else is admissible here.
    </p>
    <p
      v-if="editable"
      class="mt-2 flex flex-wrap gap-2 items-center"
    >
      <button
        type="button"
        class="btn"
        @click="emit('nudge', -1)"
      >
        ← earlier
      </button>
      <button
        type="button"
        class="btn"
        @click="emit('nudge', 1)"
      >
        later →
      </button>
      <button
        type="button"
        class="btn"
        :class="item.kept ? 'btn-main' : ''"
        :aria-pressed="item.kept ?? false"
        title="A new proposal leaves it where it is"
        @click="emit('keep')"
      >
        Keep here
      </button>
      <button
        type="button"
        class="btn"
        @click="emit('remove')"
      >
        Leave it out <span class="figure text-[0.85em]">{{ dropText }}</span>
      </button>
    </p>
    <p class="text-quiet text-[0.85em] mt-1">
      Costs are full sets the week would leave wanting more; the weak link’s count half as much again.
    </p>
  </div>
</template>
