<script setup lang="ts">
import type { Waiting } from '~/composables/floor/floorView'

/** What waits for the coach: each with the thing to do. */
const props = defineProps<{ all: readonly Waiting[] }>()
/** As many as have room beside the lanes: the first have waited longest. */
const MOST = 3
const first = computed(() => props.all.slice(0, MOST))
const emit = defineEmits<{ leave: [key: string] }>()
</script>

<template>
  <section aria-label="Waiting for you">
    <h2 class="text-[1.3rem] mb-2">
      Waiting for you
    </h2>
    <p
      v-if="all.length === 0"
      class="text-quiet"
    >
      Nothing.
    </p>
    <ul class="flex flex-col gap-2">
      <li
        v-for="one in first"
        :key="one.key"
        class="leading-snug"
      >
        <b>{{ one.who }}</b> {{ one.text }}
        <span class="flex gap-2 mt-1">
          <button
            type="button"
            class="btn chip-floor"
            @click="one.act()"
          >
            {{ one.action }}
          </button>
          <button
            type="button"
            class="btn chip-floor"
            @click="emit('leave', one.key)"
          >
            Leave it
          </button>
        </span>
      </li>
    </ul>
    <p
      v-if="all.length > MOST"
      class="text-quiet mt-2"
    >
      and {{ all.length - MOST }} more
    </p>
  </section>
</template>
