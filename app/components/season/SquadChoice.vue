<script setup lang="ts">
import type { Athlete, Group } from '~~/shared/types'

/** Whose season is looked at: a squad, one of its athletes, or all squads over one another. */
defineProps<
  {
    groups: readonly Group[]
    groupId: string
    athletes: readonly Athlete[]
    athleteId: string | null
    overlay: boolean
    planned: boolean
  }
>()
const emit = defineEmits<{ squad: [id: string], athlete: [id: string | null], all: [] }>()
</script>

<template>
  <header class="flex flex-wrap items-center gap-x-3 gap-y-2 mb-3">
    <h1>Season line</h1>
    <nav
      class="flex flex-wrap gap-1.5"
      aria-label="Squads"
    >
      <button
        v-for="group in groups"
        :key="group.id"
        type="button"
        class="chip"
        :aria-pressed="!overlay && group.id === groupId"
        @click="emit('squad', group.id)"
      >
        {{ group.name }}
      </button>
      <button
        type="button"
        class="chip"
        :aria-pressed="overlay"
        @click="emit('all')"
      >
        All squads
      </button>
    </nav>
    <select
      v-if="!overlay && planned"
      class="field w-auto"
      aria-label="Whose season"
      :value="athleteId ?? ''"
      @change="emit('athlete', ($event.target as HTMLSelectElement).value || null)"
    >
      <option value="">
        the squad
      </option>
      <option
        v-for="one in athletes"
        :key="one.id"
        :value="one.id"
      >
        {{ one.name }}
      </option>
    </select>
  </header>
</template>
