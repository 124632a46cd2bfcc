<script setup lang="ts">
import { ACTION_FACTS, mainAction, type Ladder, type Variation } from '~~/core/catalogue'
import { removals, type Screen } from '~~/core/screening'
import PlaneMark from '~/components/plane/PlaneMark.vue'

/** Where the athlete stands on each ladder, and the gate ahead. */
const props = defineProps<{ screen: Screen }>()

const UNIT = { seconds: ' s', reps: '', breaths: ' breaths', metres: ' m', letters: ' letters' } as const

function gateText({ gate, doses }: Variation): string {
  return `${gate.sets} × ${gate.amount}${UNIT[doses[0]!.unit]}, ${
    gate.sessions === 1 ? 'once' : `${gate.sessions} sessions running`
  }`
}

const rows = computed(() => props.screen.catalogue.ladders.map((ladder: Ladder) => {
  const at = Math.min(ladder.rungs.length, props.screen.rungs[ladder.id] ?? 1)
  const present = ladder.rungs[at - 1]!
  const blocked = removals(present, props.screen)[0]?.text ?? null
  return { ladder, at, present, blocked, top: at === ladder.rungs.length }
}))
</script>

<template>
  <section>
    <h2 class="mb-1">
      Ladders
    </h2>
    <ul>
      <li
        v-for="row in rows"
        :key="row.ladder.id"
        class="grid grid-cols-[7.5rem_6.5rem_minmax(0,1fr)] gap-2 items-start py-1 border-b border-line/60"
      >
        <span class="flex gap-1.5 items-center"><PlaneMark :shares="row.present.shares" />{{ row.ladder.name }}</span>
        <span
          class="flex items-end gap-[3px] h-5"
          role="img"
          :aria-label="`rung ${row.at} of ${row.ladder.rungs.length}`"
        >
          <span
            v-for="rung in row.ladder.rungs.length"
            :key="rung"
            class="w-3"
            :class="rung === row.at ? 'bg-signal' : rung < row.at ? 'bg-block' : 'bg-line'"
            :style="{ height: `${4 + rung * 2}px` }"
          />
        </span>
        <span>
          <b>{{ row.present.name }}</b>
          <span class="text-quiet text-[0.92em]"> · {{ ACTION_FACTS[mainAction(row.present.shares)].label }}</span>
          <span
            v-if="row.blocked"
            class="block text-signal-ink text-[0.92em]"
          >{{ row.blocked }}</span>
          <span
            v-else
            class="block text-quiet text-[0.92em]"
          >{{ row.top ? 'Top rung. Keep' : 'Gate' }}: <span class="figure">{{ gateText(row.present) }}</span>.
            {{ row.present.gate.seen }}</span>
        </span>
      </li>
    </ul>
  </section>
</template>
