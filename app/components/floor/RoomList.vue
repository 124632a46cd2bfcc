<script setup lang="ts">
import { v7 as newKey } from 'uuid'
import type { GymRoom } from '~~/shared/types'

/** The rooms there are: name, people at once, from when to when. */
const props = defineProps<{
  rooms: readonly GymRoom[]
  busy: boolean
  /** What is wrong, by field: "rooms.0.name". */
  problems: Readonly<Record<string, string>>
  problem: string
}>()
const emit = defineEmits<{ save: [rooms: GymRoom[]] }>()

const drawn = ref<GymRoom[]>([])
watch(() => props.rooms, (rooms) => { drawn.value = rooms.map(room => ({ ...room })) }, { immediate: true })
const changed = computed(() => JSON.stringify(drawn.value) !== JSON.stringify(props.rooms))

const FIELDS = [
  ['name', 'Name', 'text', 'w-48'], ['people', 'People at once', 'number', 'w-24'], ['from', 'Opens', 'time', 'w-36'],
  ['to', 'Closes', 'time', 'w-36'],
] as const
function type(id: string, field: (typeof FIELDS)[number][0], text: string): void {
  drawn.value = drawn.value.map(room =>
    (room.id === id ? { ...room, [field]: field === 'people' ? Math.round(Number(text)) || 0 : text } : room))
}
function add(): void {
  const name = drawn.value.length === 0 ? 'Main gym' : `Room ${drawn.value.length + 1}`
  drawn.value = [...drawn.value, { id: newKey(), name, people: 20, from: '08:00', to: '20:00' }]
}
const problemsOf = (i: number): string[] =>
  Object.entries(props.problems).filter(([key]) => key.startsWith(`rooms.${i}.`)).map(([, text]) => text)
</script>

<template>
  <form
    novalidate
    @submit.prevent="emit('save', drawn)"
  >
    <div
      v-for="(room, i) in drawn"
      :key="room.id"
      class="flex flex-wrap gap-3 items-end mb-2"
    >
      <label
        v-for="[field, label, kind, width] in FIELDS"
        :key="field"
      ><span class="block">{{ label }}</span>
        <input
          class="field"
          :class="width"
          :type="kind"
          :aria-label="`${label} of ${room.name}`"
          :value="room[field]"
          :aria-invalid="problems[`rooms.${i}.${field}`] ? true : undefined"
          @input="type(room.id, field, ($event.target as HTMLInputElement).value)"
        >
      </label>
      <button
        type="button"
        class="underline underline-offset-2 min-h-[2.1rem]"
        :aria-label="`Take ${room.name} out`"
        @click="drawn = drawn.filter(one => one.id !== room.id)"
      >
        Take out
      </button>
      <p
        v-for="text in problemsOf(i)"
        :key="text"
        class="problem w-full"
        role="alert"
      >
        {{ text }}
      </p>
    </div>
    <p class="flex gap-3 items-center">
      <button
        type="button"
        class="btn"
        @click="add"
      >
        Add a room
      </button>
      <button
        v-if="changed"
        type="submit"
        class="btn btn-main"
        :disabled="busy"
      >
        Store the rooms
      </button>
      <span
        v-if="problem && Object.keys(problems).length === 0"
        class="problem"
        role="alert"
      >{{ problem }}</span>
    </p>
  </form>
</template>
