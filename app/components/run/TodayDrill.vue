<script setup lang="ts">
import { formatDose } from '~~/core/dose'
import { slotText, type PlannedLift } from '~~/core/programme'
import DrawnFigures from '~/components/drill/DrawnFigures.vue'
import PlaneMark from '~/components/plane/PlaneMark.vue'
import StoppedDrill from '~/components/safety/StoppedDrill.vue'
import type { PrescribedItem, Units } from '~~/shared/types'
import { loadIn } from '~/words/loadWords'

/** One drill of an athlete's day: where it goes, its dose and why, how far it is done; or that it is stopped. */
const props = defineProps<{
  item: PrescribedItem
  /** Of its session. */
  lifts: readonly PlannedLift[]
  /** Sets that are logged, and all there are. */
  done: number
  all: number
  busy: boolean
  units: Units
}>()
const emit = defineEmits<{ take: [] }>()
const loadText = computed(() => loadIn(props.item.setting, props.units))
const where = computed(() => {
  const { pairedWithLift, between, circuit, slot } = props.item
  if (pairedWithLift) return `between sets of ${pairedWithLift.toLowerCase()}`
  if (between) return 'in the rests of the circuit'
  return circuit === undefined ? slotText(slot, props) : 'a station of the circuit'
})
</script>

<template>
  <li
    class="panel"
  >
    <p
      v-if="!item.stopped"
      class="text-quiet text-[0.9em]"
    >
      {{ where }}
    </p>
    <h2 class="flex items-center gap-2 text-[1.25rem]">
      <PlaneMark
        :shares="item.look?.shares ?? {}"
        :width="20"
        :height="16"
      />
      {{ item.name }}
    </h2>
    <StoppedDrill
      v-if="item.stopped"
      :stopped="item.stopped"
      :busy="busy"
      @take="emit('take')"
    />
    <template v-else>
      <DrawnFigures
        :figures="item.look?.figures ?? null"
        :name="item.name"
        :width="200"
        :height="64"
      />
      <p class="figure">
        {{ formatDose(item.dose, item.sides) }}<b
          v-if="loadText"
          class="ml-2"
        >{{ loadText }}</b><template v-if="item.extraSetSide">
          , one more {{ item.extraSetSide }}
        </template>
      </p>
      <p>{{ item.purpose }}</p>
      <p class="text-quiet text-[0.92em]">
        {{ item.why }}
      </p>
      <p
        v-for="note in item.notes ?? []"
        :key="note"
      >
        {{ note }}
      </p>
      <p class="figure text-[0.92em]">
        {{ done }} of {{ all }} sets logged
      </p>
    </template>
  </li>
</template>
