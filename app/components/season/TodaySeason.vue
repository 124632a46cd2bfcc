<script setup lang="ts">
import { weekdayOf } from '~~/core/calendar'
import { PHASES } from '~~/core/policy'
import type { SeasonWeek } from '~~/core/season'
import { ENTRY_NAME, yourClock } from '~/words/seasonWords'
import type { StoredEntry } from '~~/shared/types'

/** What kind of day it is for whoever trains, why, and what else is on. */
const props = defineProps<{ day: string, season: SeasonWeek | null, entries: readonly StoredEntry[] }>()
const zone = ref('UTC')
onMounted(() => { zone.value = Intl.DateTimeFormat().resolvedOptions().timeZone })
const today = computed(() => props.season?.days[weekdayOf(props.day)] ?? null)
const clock = (
  entry: StoredEntry,
): string => (entry.startsAt ? yourClock(props.day, entry.startsAt, entry.timeZone, zone.value) : '')
</script>

<template>
  <div class="mb-3">
    <p v-if="season && today">
      <b>{{ today.kind === 'off' ? 'Free day'
        : `${today.kind.charAt(0).toUpperCase()}${today.kind.slice(1)} day` }}</b>: {{ today.why }}
      <NuxtLink
        to="/my-season"
        class="underline underline-offset-2 inline-flex min-h-[48px] items-center"
      >{{ PHASES[season.phase].name }}, week {{ season.weekOfPhase }} of {{ season.weeksOfPhase }}</NuxtLink>
    </p>
    <ul v-if="entries.length > 0">
      <li
        v-for="entry in entries"
        :key="entry.id"
      >
        <span class="figure">{{ entry.startsAt ?? 'all day' }}</span> <b>{{ entry.name }}</b>
        <span class="text-quiet">{{ ENTRY_NAME[entry.kind] }}<template v-if="clock(entry)">,
          {{ clock(entry) }}</template></span>
      </li>
    </ul>
  </div>
</template>
