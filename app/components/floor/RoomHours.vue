<script setup lang="ts">
import type { RoomsOfDay } from '~~/core/floor/day'
import type { GymRoom } from '~~/shared/types'
import { tickAt, timeAt, type SquadToday } from '~/words/roomHours'

/** Rooms as lanes over their hours: which squad is where and when. */
const props = defineProps<{ rooms: readonly GymRoom[], squads: readonly SquadToday[], hours: RoomsOfDay }>()

/** Ticks of an hour, and the fewest hours in sight. */
const [HOUR, LEAST] = [120, 6]
const opens = computed(() => Math.min(...props.rooms.map(room => tickAt(room.from))))
const closes = computed(() => Math.max(...props.rooms.map(room => tickAt(room.to))))
const ends = computed(() => props.hours.given.map(({ squad, start }) =>
  start + 2 * (props.squads.find(one => one.id === squad)?.minutes ?? 0)))
/** From the hour of the first squad to an hour after the last: an empty evening only makes names short. */
const from = computed(() => {
  const first = Math.min(closes.value, ...props.hours.given.map(({ start }) => start))
  return Math.max(opens.value, Math.min(Math.floor(first / HOUR) * HOUR, closes.value - LEAST * HOUR))
})
const to = computed(() =>
  Math.min(closes.value, Math.max(from.value + LEAST * HOUR, ...ends.value.map(end => end + HOUR))))
const part = (tick: number): number =>
  Math.min(100, Math.max(0, (tick - from.value) / (to.value - from.value) * 100))
/** Fewer marks where a day is long. */
const marks = computed(() => {
  const step = (to.value - from.value) / HOUR > 10 ? 2 * HOUR : HOUR
  const first = Math.ceil(from.value / HOUR) * HOUR
  return Array.from({ length: Math.ceil((to.value - first) / step) }, (_, i) => first + i * step)
})

interface Stay {
  readonly squad: SquadToday
  readonly start: number
  readonly end: number
}
/** Squads of a room, side by side where they share it. */
function rowsOf(roomId: string): Stay[][] {
  const rows: Stay[][] = []
  for (const { squad: id, room, start } of props.hours.given) {
    const squad = props.squads.find(one => one.id === id)
    if (!squad || room !== roomId) continue
    const stay = { squad, start, end: start + squad.minutes * 2 }
    const row = rows.find(one => one.at(-1)!.end <= start)
    if (row) row.push(stay)
    else rows.push([stay])
  }
  return rows.length > 0 ? rows : [[]]
}
</script>

<template>
  <div
    class="grid grid-cols-[9rem_minmax(0,1fr)] gap-x-3"
    role="group"
    aria-label="Which squad is where, and when"
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
      >{{ timeAt(tick) }}</span>
    </div>
    <template
      v-for="room in rooms"
      :key="room.id"
    >
      <p class="leading-tight py-2 border-b border-line">
        <b>{{ room.name }}</b><br>
        <span class="text-quiet">{{ room.people }} people, {{ room.from }}–{{ room.to }}</span>
      </p>
      <div class="border-b border-line py-2 flex flex-col gap-1 justify-center">
        <div
          v-for="(row, i) in rowsOf(room.id)"
          :key="i"
          class="relative h-[30px]"
        >
          <span
            class="absolute inset-y-0 bg-chalk-deep"
            :style="{ left: `${part(tickAt(room.from))}%`, right: `${100 - part(tickAt(room.to))}%` }"
            aria-hidden="true"
          />
          <p
            v-for="stay in row"
            :key="stay.squad.id"
            class="absolute inset-y-0 bg-block text-white rounded-sm px-2 leading-[30px] overflow-hidden
              whitespace-nowrap text-ellipsis"
            :style="{ left: `${part(stay.start)}%`, width: `calc(${part(stay.end) - part(stay.start)}% - 2px)` }"
            :title="`${stay.squad.name}, ${timeAt(stay.start)} to ${timeAt(stay.end)}`"
          >
            <b>{{ stay.squad.name }}</b>
          </p>
        </div>
      </div>
    </template>
  </div>
</template>
