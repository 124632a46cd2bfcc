<script setup lang="ts">
import { stationName } from '~~/core/floor/session'
import type { FloorEvent, Room } from '~~/core/floor'

/** What may happen on a floor, each told by two taps: who is late or gone, which place is out. */
const props = defineProps<{
  room: Room
  now: number
  /** Who has not begun yet. */
  outside: readonly string[]
  nameOf: (athleteId: string) => string
  used: readonly string[]
}>()
const emit = defineEmits<{ happened: [events: readonly FloorEvent[]], close: [] }>()
const what = defineModel<'late' | 'absent' | 'placeOut'>('what', { required: true })
const minutes = ref(5)

const TITLES = { late: 'Who is late, and by how much?', absent: 'Who is not there?', placeOut: 'What is out?' } as const
const choices = computed((): (readonly [string, string])[] => {
  if (what.value === 'placeOut') return props.used.map(id => [id, stationName(id)] as const)
  const who = what.value === 'late' ? props.outside : props.room.athletes.map(({ id }) => id)
  return who.map(id => [id, props.nameOf(id)] as const)
})

function choose(id: string): void {
  const until = props.now + minutes.value * 2
  emit('happened', [
    what.value === 'late'
      ? { kind: 'late', athlete: id, from: until }
      : what.value === 'absent'
        ? { kind: 'absent', athlete: id }
        : { kind: 'placeOut', place: id, atOnce: 0, until },
  ])
}
</script>

<template>
  <section
    class="bg-paper p-4"
    :aria-label="TITLES[what]"
  >
    <h2 class="text-[1.3rem] mb-2">
      {{ TITLES[what] }}
    </h2>
    <p
      v-if="what !== 'absent'"
      class="flex gap-2 mb-2"
    >
      <button
        v-for="n in [5, 10, 15, 20]"
        :key="n"
        type="button"
        class="chip chip-floor"
        :aria-pressed="minutes === n"
        @click="minutes = n"
      >
        {{ n }} min
      </button>
    </p>
    <p class="flex flex-wrap gap-2">
      <button
        v-for="[id, name] in choices"
        :key="id"
        type="button"
        class="chip chip-floor"
        @click="choose(id)"
      >
        {{ name }}
      </button>
      <span v-if="choices.length === 0">Everybody has begun.</span>
      <button
        type="button"
        class="btn chip-floor"
        @click="emit('close')"
      >
        Close
      </button>
    </p>
  </section>
</template>
