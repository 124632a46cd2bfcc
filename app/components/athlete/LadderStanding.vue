<script setup lang="ts">
import { gateText, mainLabel } from '~~/core/catalogue'
import { removals, type Screen } from '~~/core/screening'
import PlaneMark from '~/components/plane/PlaneMark.vue'
import { branchesOf, branchName } from '~/words/branchWords'

/** Where the athlete stands on each branch of the ladders, and the gate ahead. */
const props = defineProps<{ screen: Screen }>()

const all = computed(() => branchesOf(props.screen.catalogue).map((line) => {
  const { rungs, id } = line.branch
  const at = Math.min(rungs.length, props.screen.rungs[id] ?? 1)
  const present = rungs[at - 1]!
  const removed = removals(present, props.screen)
  const begun = props.screen.rungs[id] !== undefined
  const closed = !begun && removed.some(({ rule }) => rule === 'prerequisite')
  return {
    line, of: rungs.length, at, present, begun, closed, blocked: removed[0]?.text ?? null, top: at === rungs.length,
  }
}))
/** What was begun; whoever has begun nothing stands on the ground of every ladder. */
const rows = computed(() => {
  const begun = all.value.filter(row => row.begun)
  return begun.length > 0 ? begun : all.value.filter(({ line }) => line.branch.id === line.ladder.id)
})
/** Branches that could be begun, in words. */
const atGround = computed(() =>
  all.value.filter(row => !row.closed && !rows.value.includes(row)).map(row => branchName(row.line)).join(', ')
)
</script>

<template>
  <section>
    <h2 class="mb-1">
      Ladders
    </h2>
    <ul>
      <li
        v-for="row in rows"
        :key="row.line.branch.id"
        class="grid grid-cols-[7.5rem_6.5rem_minmax(0,1fr)] gap-2 items-start py-1 border-b border-line/60"
      >
        <span class="flex gap-1.5 items-center leading-tight">
          <PlaneMark
            class="shrink-0"
            :shares="row.present.shares"
          />{{ branchName(row.line) }}
        </span>
        <span
          class="flex items-end gap-[3px] h-5"
          role="img"
          :aria-label="`rung ${row.at} of ${row.of}`"
        >
          <span
            v-for="rung in row.of"
            :key="rung"
            class="w-3"
            :class="rung === row.at ? 'bg-signal' : rung < row.at ? 'bg-block' : 'bg-line'"
            :style="{ height: `${4 + rung * 2}px` }"
          />
        </span>
        <span>
          <b>{{ row.present.name }}</b>
          <span class="text-quiet text-[0.92em]"> · {{ mainLabel(row.present) }}</span>
          <span
            v-if="row.blocked"
            class="block text-signal-ink text-[0.92em]"
          >{{ row.blocked }}</span>
          <span
            v-else
            class="block text-quiet text-[0.92em]"
          >{{ row.top ? 'Top rung. Keep' : 'Gate' }}:
            <span class="figure">{{ gateText(row.present, screen.massKg) }}</span>.
            {{ row.present.gate.seen }}</span>
        </span>
      </li>
    </ul>
    <p
      v-if="atGround"
      class="text-quiet text-[0.92em] mt-2"
    >
      Open at the ground: {{ atGround }}.
    </p>
  </section>
</template>
