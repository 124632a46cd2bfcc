<script setup lang="ts">
import { TICK_S } from '~~/core/floor'
import type { BoardBlock, Lane } from '~/composables/floor/floorView'

/** Places as lanes on the clock, with the line of now: who is where, and who comes next. */
const props = defineProps<{
  lanes: readonly Lane[]
  /** Tick of now. */
  now: number
  /** Milliseconds of the clock at tick 0. */
  startedAt: number
  nameOf: (athleteId: string) => string
}>()

/** Minutes behind and ahead of now that are in sight. */
const [BEHIND, AHEAD] = [3, 22]
const PER_MINUTE = 60 / TICK_S
const from = computed(() => Math.max(0, props.now - BEHIND * PER_MINUTE))
const span = (BEHIND + AHEAD) * PER_MINUTE
const part = (tick: number): number => (tick - from.value) / span * 100
const inSight = (row: readonly BoardBlock[]): BoardBlock[] =>
  row.filter(({ start, end }) => end > from.value && start < from.value + span)
/** Rows with something in sight, and one where there is nothing. */
const rowsOf = ({ rows }: Lane): BoardBlock[][] => {
  const seen = rows.map(inSight).filter(row => row.length > 0)
  return seen.length > 0 ? seen : [[]]
}
const box = ({ start, end }: BoardBlock): Record<string, string> => {
  const left = Math.max(0, part(start))
  return { left: `${left}%`, width: `calc(${Math.min(100, part(end)) - left}% - 3px)` }
}
const isOn = ({ start, end, done }: BoardBlock): boolean => !done && start <= props.now && props.now < end
const clock = (tick: number): string =>
  new Date(props.startedAt + tick * TICK_S * 1000).toTimeString().slice(0, 5)
const marks = computed(() => {
  const first = Math.ceil(from.value / 10) * 10
  return [0, 10, 20, 30, 40].map(more => first + more).filter(tick => tick < from.value + span - 4)
})
</script>

<template>
  <div
    class="relative grid grid-cols-[8.5rem_minmax(0,1fr)] gap-x-3"
    role="group"
    aria-label="Who is where"
    tabindex="0"
  >
    <span />
    <div
      class="relative h-6 figure text-quiet"
      aria-hidden="true"
    >
      <span
        v-for="tick in marks"
        :key="tick"
        class="absolute"
        :style="{ left: `${part(tick)}%` }"
      >{{ clock(tick) }}</span>
    </div>
    <template
      v-for="lane in lanes"
      :key="lane.id"
    >
      <p class="leading-tight py-1 border-b border-line">
        <b class="text-[1.05rem]">{{ lane.name }}</b><br>
        <span class="text-quiet">{{ lane.atOnce }} at once</span>
      </p>
      <div class="relative border-b border-line py-1 flex flex-col gap-1 justify-center overflow-x-clip">
        <div
          v-for="(row, i) in rowsOf(lane)"
          :key="i"
          class="relative h-[26px] shrink-0"
        >
          <p
            v-for="block in row"
            :key="block.id"
            class="absolute inset-y-0 rounded-sm px-1.5 leading-[26px] whitespace-nowrap overflow-hidden text-ellipsis"
            :class="isOn(block) ? 'bg-signal text-white' : block.done ? 'bg-paper text-quiet' : 'bg-chip'"
            :style="box(block)"
            :title="`${nameOf(block.athleteId)}: ${block.what}`"
          >
            <b>{{ nameOf(block.athleteId) }}</b> {{ block.what }}
          </p>
        </div>
        <span
          class="absolute inset-y-0 w-[3px] bg-signal"
          :style="{ left: `${part(now)}%` }"
          aria-hidden="true"
        />
      </div>
    </template>
  </div>
</template>
