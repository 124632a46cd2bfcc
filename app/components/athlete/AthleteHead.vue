<script setup lang="ts">
import { SPORT_PROFILES } from '~~/core/programme'
import type { Athlete } from '~~/shared/types'

/** Who the athlete is, and where one goes from here. */
defineProps<{ athlete: Athlete, sessionId: string | null, monday: string, editable: boolean }>()
const emit = defineEmits<{ archive: [archived: boolean] }>()
</script>

<template>
  <header class="flex flex-wrap items-baseline gap-x-4 gap-y-2 mb-3">
    <h1>{{ athlete.name }}</h1>
    <p class="text-quiet mr-auto">
      {{ [SPORT_PROFILES[athlete.sport].name, athlete.position].filter(Boolean).join(', ') }}
      <b
        v-if="athlete.archived"
        class="text-signal-ink"
      > · archived</b>
    </p>
    <NuxtLink
      v-if="sessionId"
      class="btn"
      :to="`/run/${sessionId}`"
    >Run today's session</NuxtLink>
    <NuxtLink
      class="btn btn-main"
      :to="`/week/${athlete.id}?start=${monday}`"
    >Week sheet</NuxtLink>
    <template v-if="editable">
      <NuxtLink
        class="btn"
        :to="`/athletes/${athlete.id}/edit`"
      >Edit</NuxtLink>
      <button
        type="button"
        class="btn"
        @click="emit('archive', !athlete.archived)"
      >
        {{ athlete.archived ? 'Bring back' : 'Archive' }}
      </button>
    </template>
  </header>
</template>
