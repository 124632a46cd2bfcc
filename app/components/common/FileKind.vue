<script setup lang="ts">
/** One kind of thing that goes out as a file and comes in as a table: here, or in a (room) of its own, by its name. */
defineProps<{
  title: string
  says: string
  busy: boolean
  editable: boolean
  room?: readonly [to: string, name: string]
}>()
const emit = defineEmits<{ write: [as: 'csv' | 'json'], choose: [event: Event] }>()
</script>

<template>
  <section class="panel">
    <h2>{{ title }}</h2>
    <p class="text-quiet mb-2">
      {{ says }}
    </p>
    <p class="flex flex-wrap gap-2">
      <button
        type="button"
        class="btn"
        :disabled="busy"
        @click="emit('write', 'csv')"
      >
        {{ title }} as CSV
      </button>
      <button
        type="button"
        class="btn"
        :disabled="busy"
        @click="emit('write', 'json')"
      >
        {{ title }} as JSON
      </button>
      <NuxtLink
        v-if="editable && room"
        :to="room[0]"
        class="btn btn-main"
      >
        {{ room[1] }}
      </NuxtLink>
      <label
        v-else-if="editable"
        class="btn btn-main cursor-pointer focus-within:outline-2"
      >
        Bring {{ title.toLowerCase() }} in …
        <input
          type="file"
          accept=".csv,text/csv"
          class="sr-only"
          @change="emit('choose', $event)"
        >
      </label>
    </p>
  </section>
</template>
