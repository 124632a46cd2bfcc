<script setup lang="ts">
import { ACTION_FACTS, PLANES, TRUNK_ACTIONS, type TrunkAction } from '~~/core/catalogue'
import { sportReason, type Sport } from '~~/core/programme'
import PlaneMark from '~/components/plane/PlaneMark.vue'
import PlaneName from '~/components/plane/PlaneName.vue'

/** What a sport asks of the trunk, plane by plane: the share of each action, why, and what the organisation says. */
const props = defineProps<{ sport: Sport, ours: Sport, editable: boolean }>()
const emit = defineEmits<{ put: [action: TrunkAction, percent: number | null] }>()

const planes = PLANES.map(plane => ({ plane, actions: TRUNK_ACTIONS.filter(a => ACTION_FACTS[a].plane === plane) }))
const percent = (sport: Sport, action: TrunkAction): number => Math.round(sport.weights[action] * 100)
const most = computed(() => Math.max(...TRUNK_ACTIONS.map(a => props.sport.weights[a])))
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

function put(action: TrunkAction, event: Event): void {
  const typed = (event.target as HTMLInputElement).value.trim()
  const value = Math.round(Number(typed.replace(',', '.')))
  if (typed === '') emit('put', action, null)
  else if (Number.isFinite(value)) emit('put', action, Math.min(60, Math.max(0, value)))
}
</script>

<template>
  <section
    class="panel"
    aria-label="Shares"
  >
    <h2 class="mb-1">
      What it asks of the trunk
    </h2>
    <div
      v-for="{ plane, actions } in planes"
      :key="plane"
      class="mb-2"
    >
      <h3 class="border-b border-line">
        <PlaneName :plane="plane" />
      </h3>
      <div
        v-for="action in actions"
        :key="action"
        class="grid grid-cols-[8.5rem_5rem_3.6rem_minmax(0,1fr)] gap-x-3 items-center py-1 border-b border-line/50"
      >
        <label :for="`share-${action}`">{{ capital(ACTION_FACTS[action].label) }}</label>
        <span>
          <PlaneMark
            :plane="plane"
            :resists="ACTION_FACTS[action].resists"
            :width="most > 0 ? 76 * sport.weights[action] / most : 0"
          />
        </span>
        <input
          v-if="editable"
          :id="`share-${action}`"
          class="field figure text-right !py-0.5 !px-1.5"
          inputmode="numeric"
          :value="percent(sport, action)"
          :aria-label="`Share of ${ACTION_FACTS[action].label}, per cent`"
          @change="put(action, $event)"
        >
        <b
          v-else
          class="figure text-right"
        >{{ percent(sport, action) }} %</b>
        <span class="text-quiet leading-tight">
          {{ sportReason(sport.id, action) }}
          <template v-if="percent(sport, action) !== percent(ours, action)">
            <b class="text-ink">Ours: {{ percent(ours, action) }} %.</b>
          </template>
        </span>
      </div>
    </div>
    <p class="text-quiet text-[0.92em]">
      In per cent; together they are made 100. Common practice, no source.
    </p>
  </section>
</template>
