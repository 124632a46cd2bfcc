<script setup lang="ts">
import { v7 as newKey } from 'uuid'
import {
  buildCircuit, CIRCUIT_WAYS, layOutSession, type CircuitWay, type CircuitWayId, type CircuitWish, type PlannedSession,
  type PlanningContext,
} from '~~/core/programme'
import ChipChoice from '~/components/common/ChipChoice.vue'
import { circuitText } from '~/words/circuitWords'

/** Circuits of a session: a way of doing one, its numbers, built from what is open to the athlete. */
const props = defineProps<{ session: PlannedSession, context: PlanningContext }>()
const emit = defineEmits<{ put: [change: (session: PlannedSession) => PlannedSession], told: [text: string] }>()

const WAYS: Readonly<Record<CircuitWayId, CircuitWay>> = CIRCUIT_WAYS
const WAY_NAMES = Object.fromEntries(Object.entries(WAYS).map(([id, { name }]) => [id, name])) as
  Record<CircuitWayId, string>
const wayId = ref<CircuitWayId>('rounds')
const way = computed(() => WAYS[wayId.value])
const wish = ref<Omit<CircuitWish, 'id'>>(CIRCUIT_WAYS.rounds.wish)
function choose(id: CircuitWayId): void {
  wayId.value = id
  wish.value = WAYS[id].wish
}

const circuits = computed(() => props.session.circuits ?? [])
const stationsOf = (id: string): number =>
  props.session.items.filter(item => item.circuit === id && !item.between).length
const minutesOf = (session: PlannedSession): number =>
  Math.max(0, Math.floor(session.minutes - layOutSession(session, props.context.screen.catalogue).totalS / 60))
/** The session with the warm-up and the cool-down that the way asks for. */
const around = computed((): PlannedSession => (way.value.whole
  ? {
    ...props.session, warmUpMinutes: way.value.whole.warmUpMinutes, coolDownMinutes: way.value.whole.coolDownMinutes,
  }
  : props.session))
const freeMinutes = computed(() => {
  const { whole } = way.value
  const most = whole ? whole.minutes - whole.warmUpMinutes - whole.coolDownMinutes : Infinity
  return Math.min(most, minutesOf(around.value))
})

function add(): void {
  const built = buildCircuit(props.session, { id: newKey(), ...wish.value }, freeMinutes.value, props.context)
  if (!built) {
    emit('told', `No circuit fits the ${freeMinutes.value} min that are free.`)
    return
  }
  const { circuit, items } = built
  const crawl = wish.value.crawl && circuit.rounds > 1 && !items.some(item => item.between)
    ? ' No other crawl is open: the time between rounds is a rest.'
    : ''
  emit('told', `${circuitText(circuit, items.filter(item => !item.between).length)}.${crawl}`)
  const { warmUpMinutes, coolDownMinutes } = around.value
  emit('put', session => ({
    ...session, ...way.value.whole ? { warmUpMinutes, coolDownMinutes } : {},
    items: [...session.items, ...items], circuits: [...circuits.value, circuit],
  }))
}
function remove(id: string): void {
  emit('put', ({ circuits: _, ...session }) => {
    const rest = circuits.value.filter(one => one.id !== id)
    return {
      ...session, items: session.items.filter(item => item.circuit !== id),
      ...rest.length > 0 ? { circuits: rest } : {},
    }
  })
}

const FIELDS = [
  ['rounds', 'Rounds', 1, 10], ['times', 'Times in a row', 1, 3], ['workS', 'Work, s', 5, 300],
  ['restS', 'Rest, s', 0, 300], ['roundRestS', 'Between rounds, s', 0, 600],
] as const
type Field = (typeof FIELDS)[number]
/** A round as long as a fighter's shares its time by its stations. */
const fields = computed(() => FIELDS.filter(([name]) => name !== 'workS' || wish.value.roundS === undefined))
function setField([name, , least, most]: Field, value: number): void {
  wish.value = { ...wish.value, [name]: Math.min(most, Math.max(least, Math.round(value) || least)) }
}
</script>

<template>
  <section>
    <h3>Circuit</h3>
    <p
      v-for="one in circuits"
      :key="one.id"
      class="flex gap-3 items-center mb-2"
    >
      <span>{{ circuitText(one, stationsOf(one.id)) }}</span>
      <button
        type="button"
        class="underline underline-offset-2 whitespace-nowrap"
        @click="remove(one.id)"
      >
        Remove it
      </button>
    </p>
    <ChipChoice
      class="mb-1"
      legend="In which way?"
      :options="WAY_NAMES"
      :pressed="[wayId]"
      @choose="choose"
    />
    <p class="text-quiet mb-2">
      {{ way.text }}
    </p>
    <p class="flex flex-wrap gap-3 items-end">
      <label
        v-for="field in fields"
        :key="field[0]"
      ><span class="block">{{ field[1] }}</span>
        <input
          type="number"
          class="field w-20 figure"
          :min="field[2]"
          :max="field[3]"
          :value="wish[field[0]]"
          @change="setField(field, Number(($event.target as HTMLInputElement).value))"
        >
      </label>
      <label><span class="block">One-sided drills</span>
        <select
          :value="wish.sides"
          class="field w-auto"
          @change="wish = { ...wish, sides: ($event.target as HTMLSelectElement).value as CircuitWish['sides'] }"
        >
          <option value="split">split the work</option>
          <option value="own">each side its own</option>
        </select>
      </label>
      <button
        type="button"
        class="btn"
        @click="add"
      >
        Build from what is open
      </button>
    </p>
    <p class="text-quiet">
      Hold, move, turn, balance: a station each. The second time takes the next rung where it is open, with the first as
      fallback. {{ freeMinutes }} min are free.
    </p>
  </section>
</template>
