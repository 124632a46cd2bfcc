<script setup lang="ts">
import { daysBetween } from '~~/core/calendar'
import { inDays } from '~/words/inWords'
import type { EntryInput } from '~~/shared/types'

/** What is next, and what can be done with the season as a whole. */
defineProps<{ coming: readonly EntryInput[], today: string, days: boolean, editable: boolean, report: string | null }>()
const emit = defineEmits<{ zoom: [], add: [], shape: [], read: [], table: [], feeds: [], keys: [] }>()
</script>

<template>
  <div class="flex flex-wrap items-center gap-x-3 gap-y-1 mb-2">
    <span
      v-for="one in coming.slice(0, 3)"
      :key="one.id"
    ><b>{{ one.importance }}</b> {{ one.name }}
      <span class="text-quiet">{{ inDays(daysBetween(today, one.day)) }}</span></span>
    <span class="ml-auto flex flex-wrap gap-1.5">
      <button
        type="button"
        class="btn"
        @click="emit('zoom')"
      >{{ days ? 'Weeks' : 'Days' }} <kbd>z</kbd></button>
      <template v-if="editable">
        <button
          type="button"
          class="btn"
          @click="emit('add')"
        >Add <kbd>a</kbd></button>
        <button
          type="button"
          class="btn"
          @click="emit('shape')"
        >Shape</button>
        <button
          type="button"
          class="btn"
          @click="emit('read')"
        >Read a calendar</button>
      </template>
      <button
        type="button"
        class="btn"
        @click="emit('table')"
      >Save as CSV</button>
      <button
        type="button"
        class="btn"
        @click="emit('feeds')"
      >Addresses</button>
      <NuxtLink
        v-if="report"
        class="btn"
        :to="report"
      >Report</NuxtLink>
      <button
        type="button"
        class="btn btn-quiet px-2"
        aria-label="Keys"
        @click="emit('keys')"
      ><kbd>?</kbd></button>
    </span>
  </div>
</template>
