<script setup lang="ts">
import { daysBetween } from '~~/core/calendar'
import { ACTION_FACTS } from '~~/core/catalogue'
import { SPORT_PROFILES } from '~~/core/programme'
import type { Athlete, Competition } from '~~/shared/types'
import { inDays } from '~/words/inWords'

/** Whose week it is, and what it leads to. */
defineProps<{ athlete: Athlete, next: Competition | null, today: string }>()
</script>

<template>
  <header class="flex flex-wrap items-baseline gap-x-4 gap-y-1 mb-1">
    <h1>{{ athlete.name }}</h1>
    <p class="text-quiet">
      {{ [SPORT_PROFILES[athlete.sport].name, athlete.position].filter(Boolean).join(', ') }}
      · brace step <b class="text-ink">{{ athlete.braceStep }} of 7</b>
      <template v-if="athlete.weakLink">
        · weak link
        <b class="text-ink">{{
          [ACTION_FACTS[athlete.weakLink].label, athlete.weakSide].filter(Boolean).join(', ')
        }}</b>
      </template>
      <template v-if="next">
        · {{ next.name }} {{ next.importance }}
        <b class="text-ink">{{ inDays(daysBetween(today, next.day)) }}</b>
      </template>
    </p>
  </header>
</template>
