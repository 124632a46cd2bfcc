<script setup lang="ts">
import { addDays } from '~~/core/calendar'
import { weekSpan } from '~/words/inWords'

/** A week, and the ones beside it. */
const startsOn = defineModel<string>({ required: true })
</script>

<template>
  <button
    type="button"
    class="btn btn-quiet px-2"
    aria-label="Week before"
    @click="startsOn = addDays(startsOn, -7)"
  >
    ←
  </button>
  <span class="font-semibold figure">{{ weekSpan(startsOn) }}</span>
  <button
    type="button"
    class="btn btn-quiet px-2"
    aria-label="Week after"
    @click="startsOn = addDays(startsOn, 7)"
  >
    →
  </button>
</template>
