<script setup lang="ts">
import { setCount } from '~~/core/dose'
import { liftDose, liftFacts, type Circuit } from '~~/core/programme'
import { circuitItems } from '~~/shared/intervalOf'
import type { PrescribedItem, PrescribedSession, RoutineLine, SetLogInput, Units } from '~~/shared/types'
import { circuitText } from '~/words/circuitWords'
import TodayDrill from '~/components/run/TodayDrill.vue'

/** The session of the day: into it, its lifts, its drills and how far each is done. */
const props = defineProps<
  {
    session: PrescribedSession
    logs: readonly SetLogInput[]
    busy: boolean
    problem: string
    units: Units
  }
>()
const emit = defineEmits<{ take: [itemId: string] }>()

const doneOf = (item: PrescribedItem): number =>
  props.logs.filter(log => log.prescribedItemId === item.id).length
const allOf = (item: PrescribedItem): number => setCount(item.dose, item.sides, item.extraSetSide)
const open = computed(() => props.session.items.filter(item => !item.stopped))
const around = computed(() => {
  const { warmUp = [], coolDown = [] } = props.session
  return ([['Warm-up', warmUp], ['Cool-down', coolDown]] as const).filter(([, lines]) => lines.length > 0)
})
const minutesOf = (lines: readonly RoutineLine[]): number =>
  Math.round(lines.reduce((sum, { seconds }) => sum + seconds, 0) / 60)
const stationsOf = (circuit: Circuit): number =>
  circuitItems(props.session, circuit).filter(item => !item.between).length
const started = computed(() => props.session.items.some(item => doneOf(item) > 0))
const finished = computed(() => open.value.length > 0 && open.value.every(item => doneOf(item) >= allOf(item)))
</script>

<template>
  <div>
    <p
      v-if="problem"
      class="caution mb-2"
      role="alert"
    >
      {{ problem }}
    </p>
    <NuxtLink
      v-if="open.length > 0"
      :to="`/run/${session.id}`"
      class="btn btn-main btn-floor mb-4"
    >{{ finished ? 'Look at the session' : started ? 'Go on with the session' : 'Start the session' }}</NuxtLink>
    <p
      v-if="session.lifts.length > 0"
      class="mb-2"
    >
      <span class="text-quiet">Lifts:
      </span>{{
        session.lifts
          .map(l => `${liftFacts(l.lift).name} ${liftDose(l)} at ${l.percent1Rm} %`).join(', ')
      }}
    </p>
    <p
      v-for="[name, lines] in around"
      :key="name"
      class="mb-2"
    >
      <span class="text-quiet">{{ name }}, {{ minutesOf(lines) }} min: </span>{{
        lines.map(line => line.text).join('; ') }}.
    </p>
    <p
      v-for="circuit in session.circuits ?? []"
      :key="circuit.id"
      class="mb-2"
    >
      <span class="text-quiet">Circuit: </span>{{ circuitText(circuit, stationsOf(circuit)) }}.
    </p>
    <ol class="flex flex-col gap-3">
      <TodayDrill
        v-for="item in session.items"
        :key="item.id"
        :item="item"
        :lifts="session.lifts"
        :done="doneOf(item)"
        :all="allOf(item)"
        :busy="busy"
        :units="units"
        @take="emit('take', item.id)"
      />
    </ol>
  </div>
</template>
