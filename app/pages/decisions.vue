<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { messageOf } from '~~/shared/errors'
import RoomPage from '~/components/common/RoomPage.vue'
import DecisionLine from '~/components/decisions/DecisionLine.vue'
import TakenList from '~/components/decisions/TakenList.vue'
import { useCatalogue } from '~/composables/useCatalogue'
import { useDecisionKeys } from '~/composables/useDecisionKeys'
import { useMay } from '~/composables/useMay'
import { isClear, isOpen, waitingText } from '~/words/decisionWords'
import { rowKey, useDecisionsStore } from '~/stores/decisions'
import { useRosterStore } from '~/stores/roster'
import type { DecisionRow } from '~~/shared/types'

useHead({ title: 'Decisions · Keen Anchor' })

const store = useDecisionsStore()
const roster = useRosterStore()
const { rows, more, taken, groups } = storeToRefs(store)
const catalogue = useCatalogue()
const may = useMay()
onMounted(store.load)

const squad = ref('')
const seen = computed(() => rows.value.filter(row => !squad.value || row.athlete.groupIds.includes(squad.value)))
const open = computed(() => seen.value.filter(isOpen))
const rest = computed(() => seen.value.filter(row => !isOpen(row)))
const clear = computed(() => open.value.filter(isClear))
const undoProblem = ref('')

const squadOf = ({ athlete }: DecisionRow): string =>
  groups.value.filter(group => athlete.groupIds.includes(group.id)).map(group => group.name).join(', ')
const acceptClear = (): void => {
  if (clear.value.length > 0) void store.take(clear.value)
}
async function undo(id: string): Promise<void> {
  undoProblem.value = ''
  await store.undo(id).catch((error: unknown) => { undoProblem.value = messageOf(error) })
}
const { here, enter } = useDecisionKeys(open, { take: row => void store.take([row]), acceptClear })
</script>

<template>
  <div>
    <header class="flex flex-wrap items-baseline gap-x-3 gap-y-2 mb-3">
      <h1>Decisions</h1>
      <p
        v-if="store.state === 'ready'"
        class="text-quiet"
        role="status"
      >
        {{ waitingText(seen) }}
      </p>
      <div class="ml-auto flex gap-2 items-center">
        <label
          v-if="groups.length > 1 && !more && !roster.squadId"
          class="flex gap-2 items-center"
        >Squad
          <select
            v-model="squad"
            class="field"
          >
            <option value="">
              all
            </option>
            <option
              v-for="group in groups"
              :key="group.id"
              :value="group.id"
            >
              {{ group.name }}
            </option>
          </select>
        </label>
        <button
          v-if="store.state === 'ready'"
          type="button"
          class="btn"
          :disabled="clear.length === 0"
          @click="acceptClear"
        >
          {{ may.plan.value ? 'Accept' : 'Propose' }} the {{ clear.length }} clear ones <kbd>a</kbd>
        </button>
      </div>
    </header>
    <RoomPage
      :readings="[store]"
      :empty="rows.length + taken.length === 0
        ? 'No sets of the last two weeks are logged: unlogged weeks decide nothing.' : null"
      :next="['/day', 'Who trains today']"
      @retry="store.again"
    >
      <div class="flex flex-col gap-2.5">
        <DecisionLine
          v-for="(row, i) in open"
          :key="rowKey(row)"
          :row="row"
          :squad="squadOf(row)"
          :catalogue="catalogue"
          :proposes="!may.plan.value"
          :here="i === here"
          :problem="store.problems.get(rowKey(row)) ?? ''"
          @take="(way, reason) => store.take([row], way, reason)"
          @enter="enter(i)"
        />
      </div>
      <p
        v-if="more"
        class="text-quiet mt-3"
      >
        These are the first athletes by name. Take a squad at hand to decide of the others.
      </p>
      <p
        v-if="open.length > 0"
        class="text-quiet my-3"
      >
        Dots are sessions, how far the shortest set went; ringed: form broke or it hurt. Every decision is kept with its
        evidence. <kbd>j</kbd> <kbd>k</kbd> move, <kbd>Enter</kbd> take, <kbd>x</kbd> leave for later, <kbd>a</kbd> the
        clear ones.
      </p>
      <details
        v-if="rest.length > 0"
        class="my-3"
      >
        <summary class="font-semibold">
          {{ rest.length }} stay or wait: nothing to do
        </summary>
        <div class="flex flex-col gap-2.5 mt-2">
          <DecisionLine
            v-for="row in rest"
            :key="rowKey(row)"
            :row="row"
            :squad="squadOf(row)"
            :catalogue="catalogue"
            :proposes="!may.plan.value"
            :here="false"
            :problem="store.problems.get(rowKey(row)) ?? ''"
            @take="(way, reason) => store.take([row], way, reason)"
          />
        </div>
      </details>
      <section
        v-if="taken.length > 0"
        class="panel mt-3"
        aria-label="Decided in the last week"
      >
        <h2>Decided in the last week</h2>
        <p
          v-if="undoProblem"
          class="problem"
          role="alert"
        >
          {{ undoProblem }}
        </p>
        <TakenList
          :taken="taken"
          :catalogue="catalogue"
          :may-undo="may.plan.value"
          @undo="undo"
        />
      </section>
    </RoomPage>
  </div>
</template>
